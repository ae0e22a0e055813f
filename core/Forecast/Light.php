<?php

declare(strict_types=1);

namespace Ulvrach\Forecast;

use Ulvrach\Colour\Lab;
use Ulvrach\Colour\Observer;
use Ulvrach\Mixing\Film;
use Ulvrach\Mixing\Paint;

/**
 * What a place throws back, band by band. It is worked out when somebody asks for it: of all that a plan lays, most is
 * never looked at by itself.
 */
final class Light
{
    /** @var array<int|string, Lab> by how much deeper the surface makes it */
    private array $colours = [];

    /**
     * @param  list<float>|null  $bands  reflectance, one number a band; null: still to be worked out
     * @param  (\Closure(): list<float>)|null  $work  that gives it; null: it is known
     */
    private function __construct(private ?array $bands, private ?\Closure $work)
    {
    }

    /** @param  list<float>  $bands */
    public static function of(array $bands): self
    {
        return new self($bands, null);
    }

    /** @param  float  $coats  thickness, in usual coats of the paint */
    public function under(Paint $paint, float $coats): self
    {
        return new self(null, fn (): array => self::film($paint, $coats)->over($this->bands()));
    }

    /** @param  float  $share  0: this; 1: the other */
    public function towards(self $other, float $share): self
    {
        return new self(
            null,
            fn (): array => array_map(
                static fn (float $with, float $without): float => $with + $share * ($without - $with),
                $this->bands(),
                $other->bands(),
            ),
        );
    }

    public function dimmedTo(float $share): self
    {
        return new self(null, fn (): array => array_map(static fn (float $of): float => $share * $of, $this->bands()));
    }

    /** @return list<float> one number a band */
    public function bands(): array
    {
        if ($this->work !== null) {
            $this->bands = ($this->work)();
            $this->work = null;
        }

        return $this->bands ?? [];
    }

    /** @param  float  $deeper  share of all light that its surface no longer scatters */
    public function colour(float $deeper): Lab
    {
        return $this->colours[(string) $deeper] ??= $this->seen($deeper);
    }

    private function seen(float $deeper): Lab
    {
        if ($deeper === 0.0) {
            return Observer::colourOf($this->bands());
        }
        // What the surface no longer scatters is missing alike in all bands, so it can be taken from the sums.
        [$x, $y, $z] = Observer::sums($this->bands());

        return Lab::fromXyz(
            max(0.0, ($x - $deeper * Lab::WHITE_X) / (1.0 - $deeper)),
            max(0.0, ($y - $deeper) / (1.0 - $deeper)),
            max(0.0, ($z - $deeper * Lab::WHITE_Z) / (1.0 - $deeper)),
        );
    }

    private static function film(Paint $paint, float $coats): Film
    {
        /** @var array<string, Film> $known the same are asked for again and again: remedies are tried on copies */
        static $known = [];
        // A paint is told by how it scatters and absorbs; two that agree in three numbers are the same one.
        $key = "{$paint->scattering} {$paint->absorption[0]} {$paint->absorption[20]} {$coats}";
        if (count($known) > 2_000) {
            $known = [];
        }

        return $known[$key] ??= Film::of($paint, $coats);
    }
}
