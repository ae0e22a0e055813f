<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;

/** How much of its zones a step goes on: a share of them, some places, or some of their panels. */
final readonly class Extent
{
    use Copies;

    /** Per cent up to which it lies in spots that meet others by chance only. */
    private const SPOTS = 30;

    /**
     * @param  int|null  $share  per cent of the zone; null: nobody has said
     * @param  list<Place>  $places  empty: anywhere on the zone
     * @param  list<string>  $panels  ids; where some are named it goes on those alone
     * @param  Pattern|null  $pattern  of a camouflage colour; null: nobody has said
     */
    public function __construct(
        public ?int $share,
        public array $places,
        public array $panels = [],
        public ?Pattern $pattern = null,
    ) {
    }

    /** Whether it says nothing: then a step is the same with it and without it. */
    public function isUsual(): bool
    {
        return $this->share === null && $this->places === [] && $this->panels === [] && $this->pattern === null;
    }

    public function isSpot(): bool
    {
        return $this->places !== [] || ($this->share !== null && $this->share <= self::SPOTS);
    }

    /** Whether it may touch what lies in other places. */
    public function meets(self $other): bool
    {
        if (
            $this->panels !== [] &&
            $other->panels !== [] &&
            array_intersect($this->panels, $other->panels) === []
        ) {
            return false;
        }
        if ($this->places === [] || $other->places === []) {
            return true;
        }
        foreach ($this->places as $place) {
            foreach ($other->places as $its) {
                if ($place->touches($its)) {
                    return true;
                }
            }
        }

        return false;
    }
}
