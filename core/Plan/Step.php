<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Technique\Application;

/**
 * One operation of the plan: a technique, what it is done with, and the zones it goes on. What was really done stands
 * in the log.
 */
final readonly class Step
{
    use Copies;

    /**
     * @param  list<string>  $zones  ids, in no order that means anything
     * @param  Carrier|null  $thinner  null: as it comes from the jar
     * @param  list<CleanUpPass>  $cleanUp  in the order in which they are made; empty: nothing is cleaned up
     * @param  int|null  $waitMinutes  from the end of the step before; null: as soon as everything below allows it
     * @param  Extent|null  $extent  how much of its zones it goes on; null: as the technique usually does
     * @param  Load|null  $load  how much liquid; null: as much as the technique usually brings
     * @param  Merge|null  $merge  what it is worked into; null: into what is open, as its medium does
     * @param  list<Acceptance>  $accepted  rules that are broken here knowingly
     * @param  Amount|null  $amount  how thick dust, mud, grime or rust lies there; null: as is usual
     * @param  int|null  $thinnerShare  per cent of thinner in what is laid, 0 to 95; null: as is usual
     * @param  SittingWish|null  $sitting  whether it goes with the step before; null: as its medium does
     * @param  bool  $locked  whether it stays as it is when others are drafted anew
     */
    public function __construct(
        public string $id,
        public string $technique,
        public ?string $product,
        public array $zones,
        public int $coats,
        public Application $application,
        public ?Carrier $thinner = null,
        public array $cleanUp = [],
        public ?int $waitMinutes = null,
        public string $note = '',
        public array $accepted = [],
        public ?Load $load = null,
        public ?Extent $extent = null,
        public ?Merge $merge = null,
        public ?SittingWish $sitting = null,
        public ?Amount $amount = null,
        public ?int $thinnerShare = null,
        public bool $locked = false,
    ) {
    }

    public function covers(string $zoneId): bool
    {
        return in_array($zoneId, $this->zones, true);
    }

    /** Minutes from the end of applying to the last pass of the clean-up; null: there is none. */
    public function cleanedAfter(): ?int
    {
        return $this->cleanUp === []
            ? null
            : max(array_map(static fn (CleanUpPass $pass) => $pass->afterMinutes, $this->cleanUp));
    }

    /** @param  list<string>  $zones */
    public function onZones(array $zones): self
    {
        return $this->with(zones: $zones);
    }
}
