<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Chemistry\Carrier;
use Ulvrach\Technique\Application;

/** One operation of the plan: a technique, what it is done with, and the zones it goes on. */
final readonly class Step
{
    /**
     * @param  list<string>  $zones  ids, in no order that means anything
     * @param  Carrier|null  $thinner  null: as it comes from the jar
     * @param  int|null  $waitMinutes  from the end of the step before; null: as soon as everything below allows it
     * @param  list<Acceptance>  $accepted  rules that are broken here knowingly
     * @param  int|null  $doneAt  when it was finished, Unix minutes; null: still to do
     */
    public function __construct(
        public string $id,
        public string $technique,
        public ?string $product,
        public array $zones,
        public int $coats,
        public Application $application,
        public ?Carrier $thinner = null,
        public ?CleanUp $cleanUp = null,
        public ?int $waitMinutes = null,
        public ?int $doneAt = null,
        public string $note = '',
        public array $accepted = [],
    ) {
    }

    public function covers(string $zoneId): bool
    {
        return in_array($zoneId, $this->zones, true);
    }

    /** @param  list<string>  $zones */
    public function onZones(array $zones): self
    {
        return $this->with(['zones' => $zones]);
    }

    /**
     * @param  array{
     *   product?: string|null,
     *   zones?: list<string>,
     *   coats?: int,
     *   thinner?: Carrier|null,
     *   cleanUp?: CleanUp|null,
     *   waitMinutes?: int|null,
     *   doneAt?: int|null,
     * }  $changes
     */
    public function with(array $changes): self
    {
        return new self(
            id: $this->id,
            technique: $this->technique,
            product: array_key_exists('product', $changes) ? $changes['product'] : $this->product,
            zones: $changes['zones'] ?? $this->zones,
            coats: $changes['coats'] ?? $this->coats,
            application: $this->application,
            thinner: array_key_exists('thinner', $changes) ? $changes['thinner'] : $this->thinner,
            cleanUp: array_key_exists('cleanUp', $changes) ? $changes['cleanUp'] : $this->cleanUp,
            waitMinutes: array_key_exists('waitMinutes', $changes) ? $changes['waitMinutes'] : $this->waitMinutes,
            doneAt: array_key_exists('doneAt', $changes) ? $changes['doneAt'] : $this->doneAt,
            note: $this->note,
            accepted: $this->accepted,
        );
    }
}
