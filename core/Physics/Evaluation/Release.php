<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Extent;

/**
 * A release film that can be worked, and how far it has been: a round does not use it up. What was lifted lies open,
 * the rest still holds, until all of it is sealed or painted over. Panel by panel where the steps name panels.
 */
final readonly class Release
{
    /**
     * @param  int  $place  in the layers of its zone
     * @param  array<string, true>  $worked  ids of panels on which chips have been lifted; EVERYWHERE: on all of it
     * @param  array<string, true>  $sealed  ids of panels on which water does not reach it any more
     */
    private function __construct(public int $place, private array $worked = [], private array $sealed = [])
    {
    }

    private const EVERYWHERE = '*';

    public static function laidAt(int $place): self
    {
        return new self($place);
    }

    /** @param  Extent|null  $extent  where a round has gone; null: anywhere on the zone */
    public function workedOn(?Extent $extent): self
    {
        return new self($this->place, $this->worked + self::panelsOf($extent), $this->sealed);
    }

    /**
     * @param  Extent|null  $extent  where a whole film has been laid over it
     * @return self|null null: all of it is out of reach
     */
    public function sealedOn(?Extent $extent): ?self
    {
        $panels = self::panelsOf($extent);

        return isset($panels[self::EVERYWHERE]) ? null : new self($this->place, $this->worked, $this->sealed + $panels);
    }

    /** Whether chips have been lifted in one of these places. */
    public function isWorkedOn(?Extent $extent): bool
    {
        $panels = self::panelsOf($extent);

        return isset($this->worked[self::EVERYWHERE]) || match (true) {
            isset($panels[self::EVERYWHERE]) => $this->worked !== [],
            default => array_intersect_key($panels, $this->worked) !== [],
        };
    }

    /** Whether water reaches it in one of these places. */
    public function isOpenOn(?Extent $extent): bool
    {
        return array_diff_key(self::panelsOf($extent), $this->sealed) !== [];
    }

    /**
     * Whether there is a panel on which nothing has been lifted yet.
     *
     * @param  list<string>  $panels  of its zone
     */
    public function holdsStill(array $panels): bool
    {
        return ! isset($this->worked[self::EVERYWHERE]) && array_diff($panels, array_keys($this->worked)) !== [];
    }

    /** @return array<string, true> */
    private static function panelsOf(?Extent $extent): array
    {
        return $extent === null || $extent->panels === []
            ? [self::EVERYWHERE => true]
            : array_fill_keys($extent->panels, true);
    }
}
