<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\Sheen;

/** What the places of a zone throw back at one moment. Zones to which the same happens share them. */
final class Colours
{
    /**
     * How much of the light a clear coat no longer scatters at its surface, which makes what lies below it darker and
     * deeper: most of it where it is smooth. A matte one is rough again and takes almost nothing.
     */
    public const DEEPENS = ['matte' => 0.003, 'satin' => 0.008, 'gloss' => 0.014];

    /** @var array<string, array{Light, float}> as it was handed in, on places that there are */
    public readonly array $dusted;

    /** @var array<string, Lab> */
    private array $seen = [];

    /**
     * @param  array<string, Light>  $lights  by place
     * @param  array<string, array{Light, float}>  $dusted  by place: what lies below dust that is open, and how
     *   much of it there is, 0 to 1
     */
    public function __construct(
        public readonly array $lights,
        public readonly ?Sheen $clear = null,
        array $dusted = [],
    ) {
        // A place that a coat has buried takes the dust that lay on it along.
        $this->dusted = array_intersect_key($dusted, $lights);
    }

    public function has(Spot $spot): bool
    {
        return isset($this->lights[$spot->value]);
    }

    /** Of a place that has no colour of its own yet: that of the one it will grow from. */
    public function of(Spot $spot): Lab
    {
        return $this->seen[$spot->value] ??= $this->has($spot) ? $this->colour($spot) : $this->of($spot->grewFrom());
    }

    private function colour(Spot $spot): Lab
    {
        return $this->lights[$spot->value]->colour($this->clear === null ? 0.0 : self::DEEPENS[$this->clear->value]);
    }
}
