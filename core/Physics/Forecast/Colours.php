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

    /** @var array<string, float> by object ids of two colours that are seen here */
    private array $apart = [];

    /**
     * @param  array<string, Light>  $lights  by place; a place that several steps have made is named by the last of
     *   them, those of the others by "chip:3", the index of their step behind it
     * @param  array<string, array{Light, float}>  $dusted  by place: what lies below dust that is open, and how
     *   much of it there is, 0 to 1
     * @param  array<string, int>  $makers  by place: index of the last step that made it
     */
    public function __construct(
        public readonly array $lights,
        public readonly ?Sheen $clear = null,
        array $dusted = [],
        public readonly array $makers = [],
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
        return $this->has($spot) ? $this->at($spot->value) : $this->of($spot->grewFrom());
    }

    /** What one step has made of a kind of place; where that is gone, or was never made by it, what is there now. */
    public function madeBy(int $step, Spot $spot): Lab
    {
        $place = self::madeEarlier($spot, $step);

        return isset($this->lights[$place]) ? $this->at($place) : $this->of($spot);
    }

    /**
     * @param  array<string, Light>  $lights
     * @param  array<string, array{Light, float}>  $dusted
     */
    public function showing(array $lights, array $dusted): self
    {
        return new self($lights, $this->clear, $dusted, $this->makers);
    }

    /** With a new place of a kind; those of the same kind that there are stay what they are. */
    public function making(Spot $spot, int $step, Light $light): self
    {
        [$place, $lights, $dusted] = [$spot->value, $this->lights, $this->dusted];
        if (isset($lights[$place], $this->makers[$place])) {
            $earlier = self::madeEarlier($spot, $this->makers[$place]);
            $lights[$earlier] = $lights[$place];
            $dusted += isset($dusted[$place]) ? [$earlier => $dusted[$place]] : [];
        }
        // What comes new lies on the dust, or comes to light below it.
        unset($dusted[$place]);

        return new self(
            [...$lights, $place => $light],
            $this->clear,
            $dusted,
            [...$this->makers, $place => $step],
        );
    }

    /** The name of a place once another step has made one of its kind. */
    public static function madeEarlier(Spot $spot, int $step): string
    {
        return "{$spot->value}:{$step}";
    }

    /** @return list<array{Spot, int, Lab}> places that steps have made: which kind, by which step, in which colour */
    public function made(): array
    {
        $made = [];
        foreach (array_keys($this->lights) as $place) {
            $named = explode(':', $place);
            $step = $named[1] ?? $this->makers[$place] ?? null;
            if ($step !== null) {
                $made[] = [Spot::from($named[0]), (int) $step, $this->at($place)];
            }
        }

        return $made;
    }

    /** CIEDE2000 between two colours that are seen here: several ask, and the answer stays. */
    public function between(Lab $one, Lab $other): float
    {
        return $this->apart[spl_object_id($one).' '.spl_object_id($other)] ??= $one->differenceTo($other);
    }

    private function at(string $place): Lab
    {
        return $this->seen[$place] ??= $this->lights[$place]->colour(
            $this->clear === null ? 0.0 : self::DEEPENS[$this->clear->value],
        );
    }
}
