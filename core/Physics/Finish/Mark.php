<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Finish;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Pattern;
use Ulvrach\Plan\Place;
use Ulvrach\Stuff\Chemistry\Sheen;

/** What one step leaves to be seen on some zones that look alike. */
final readonly class Mark
{
    /**
     * @param  int  $step  index of the step
     * @param  int|null  $until  index of the step that takes it off; null: it stays
     * @param  list<string>  $zones  ids
     * @param  Lab|null  $colour  of the film, or of what is uncovered; null: none of its own
     * @param  float  $amount  how much of the ground it covers, or how strong it is: 0 to 1, more where it is
     *   caked
     * @param  bool  $isSoft  its edge runs out, as from an airbrush
     * @param  list<Place>  $places  where alone it lies; empty: wherever such work goes
     * @param  int|null  $share  per cent of the zones that patches take; null: as usual
     * @param  bool  $sparesMarkings  it was painted round the markings that are there
     * @param  list<string>  $panels  ids of the panels on which alone it lies; empty: on all
     * @param  int|null  $saidShare  per cent of its zones, where somebody has said it
     */
    public function __construct(
        public Effect $effect,
        public int $step,
        public ?int $until,
        public array $zones,
        public ?Lab $colour,
        public float $amount,
        public bool $isSoft = false,
        public array $places = [],
        public array $panels = [],
        public ?Sheen $sheen = null,
        public ?int $share = null,
        public ?Pattern $pattern = null,
        public bool $sparesMarkings = false,
        public ?int $saidShare = null,
    ) {
    }
}
