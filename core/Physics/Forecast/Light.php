<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Light\Mixing\Film;
use Ulvrach\Light\Mixing\Paint;

/**
 * What a place throws back, band by band. It is worked out when somebody asks for it: of all that a plan lays, most is
 * never looked at by itself. The same films over the same ground are the same light, found again by what it grew from:
 * after an edit, and where many plans are tried that differ in a step, most of it is known.
 */
final class Light
{
    /** Lights that one ground may have grown into before all of them are let go; each is some kilobytes. */
    private const MOST = 6_000;

    /** @var array<string, self> what is bare, by its colour, for as long as what has grown from it is kept */
    private static array $grounds = [];

    private static int $grown = 0;

    /** @var array<int|string, Lab> by how much deeper the surface makes it */
    private array $colours = [];

    /** @var array<string, array{self, self|null}> by what was done to it: what it became, and by what other light */
    private array $became = [];

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

    /** The ground that other light grows from: the same one each time. */
    public static function ground(Lab $colour): self
    {
        if (self::$grown > self::MOST) {
            [self::$grounds, self::$grown] = [[], 0];
        }

        return self::$grounds[$colour->key()] ??= new self(Upsampler::reflectanceOf($colour), null);
    }

    /** @param  float  $coats  thickness, in usual coats of the paint */
    public function under(Paint $paint, float $coats): self
    {
        $key = "{$paint->key} {$coats}";

        return ($this->became[$key] ??= self::grow(
            fn (): array => self::film($key, $paint, $coats)->over($this->bands()),
        ))[0];
    }

    /** @param  float  $share  0: this; 1: the other */
    public function towards(self $other, float $share): self
    {
        // The other is kept with the answer, so that its number is nobody else's meanwhile.
        return ($this->became['towards '.spl_object_id($other)." {$share}"] ??= self::grow(
            fn (): array => array_map(
                static fn (float $with, float $without): float => $with + $share * ($without - $with),
                $this->bands(),
                $other->bands(),
            ),
            $other,
        ))[0];
    }

    /** Covered by grains or drops of the other until it is so much lighter or darker, or as far as they may go. */
    public function liftedBy(self $other, float $lightness, float $mostShare): self
    {
        return ($this->became['lifted '.spl_object_id($other)." {$lightness} {$mostShare}"] ??= self::grow(
            fn (): array => $this->towards($other, $this->shareFor($other, $lightness, $mostShare))->bands(),
            $other,
        ))[0];
    }

    private function shareFor(self $other, float $lightness, float $mostShare): float
    {
        [$own, $its] = [$this->colour(0.0), $other->colour(0.0)];
        $wanted = (new Lab($own->l + ($its->l < $own->l ? -$lightness : $lightness), 0.0, 0.0))->toXyz()[1];
        [$from, $to] = [$own->toXyz()[1], $its->toXyz()[1]];

        return abs($to - $from) < 1e-6 ? $mostShare : min($mostShare, abs(($wanted - $from) / ($to - $from)));
    }

    /**
     * With its pores full of water or varnish, in which light goes to and fro: R (1 − p) / (1 − p R), after Ångström
     * (Geografiska Annaler 7, 1925) and Lekner and Dorf (Applied Optics 27, 1988).
     *
     * @param  float  $astray  p, share of the light that comes back from below and is thrown down again
     */
    public function soaked(float $astray): self
    {
        return ($this->became["soaked {$astray}"] ??= self::grow(
            fn (): array => array_map(
                static fn (float $dry): float => $dry * (1.0 - $astray) / (1.0 - $astray * $dry),
                $this->bands(),
            ),
        ))[0];
    }

    /**
     * @param  \Closure(): list<float>  $work
     * @return array{self, self|null}
     */
    private static function grow(\Closure $work, ?self $other = null): array
    {
        self::$grown++;

        return [new self(null, $work), $other];
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
            self::behindClear($x / Lab::WHITE_X, $deeper) * Lab::WHITE_X,
            self::behindClear($y, $deeper),
            self::behindClear($z / Lab::WHITE_Z, $deeper) * Lab::WHITE_Z,
        );
    }

    /**
     * What is thrown back without the light that the surface scattered. Of black, which throws back little more than
     * that, a part remains, ever less the blacker it is: it is deep, and not a hole.
     */
    private static function behindClear(float $share, float $deeper): float
    {
        $rest = $share < 2.0 * $deeper ? max(0.0, $share) ** 2 / (4.0 * $deeper) : $share - $deeper;

        return $rest / (1.0 - $deeper);
    }

    private static function film(string $key, Paint $paint, float $coats): Film
    {
        /** @var array<string, Film> $known the same are asked for again and again: remedies are tried on copies */
        static $known = [];
        if (count($known) > 2_000) {
            $known = [];
        }

        return $known[$key] ??= Film::of($paint, $coats);
    }
}
