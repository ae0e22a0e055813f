<?php

declare(strict_types=1);

namespace Ulvrach\Forecast;

use Ulvrach\Chemistry\Sheen;
use Ulvrach\Colour\Lab;
use Ulvrach\Colour\Observer;

/** What the places of a zone throw back at one moment. Zones to which the same happens share them. */
final class Colours
{
    /**
     * How much of the light a clear coat no longer scatters at its surface, which makes what lies below it darker and
     * deeper: most of it where it is smooth. A matte one is rough again and takes almost nothing.
     */
    private const DEEPENS = ['matte' => 0.003, 'satin' => 0.008, 'gloss' => 0.014];

    /** @var array<string, Lab> */
    private array $seen = [];

    /**
     * @param  array<string, list<float>>  $reflectances  by place, one number a band
     * @param  array<string, array{list<float>, float}>  $dusted  by place: what lies below dust that is open, and how
     *   much of it there is, 0 to 1
     */
    public function __construct(
        public readonly array $reflectances,
        public readonly ?Sheen $clear = null,
        public readonly array $dusted = [],
    ) {
    }

    public function has(Spot $spot): bool
    {
        return isset($this->reflectances[$spot->value]);
    }

    /** Of a place that has no colour of its own yet: that of the one it will grow from. */
    public function of(Spot $spot): Lab
    {
        return $this->seen[$spot->value] ??= $this->has($spot) ? $this->colour($spot) : $this->of($spot->grewFrom());
    }

    private function colour(Spot $spot): Lab
    {
        $deeper = $this->clear === null ? 0.0 : self::DEEPENS[$this->clear->value];
        if ($deeper === 0.0) {
            return Observer::colourOf($this->reflectances[$spot->value]);
        }

        return Observer::colourOf(
            array_map(
                static fn (float $share): float => max(0.0, ($share - $deeper) / (1.0 - $deeper)),
                $this->reflectances[$spot->value],
            ),
        );
    }
}
