<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Light\Mixing\Film;
use Ulvrach\Light\Mixing\MixSolver;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Light\Mixing\PaintTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;

/** The jars of a person as what can be mixed: each family by itself, for a stranger's binder may curdle in the cup. */
final readonly class Palette
{
    /** Families of which two jars make one paint. */
    /** CIEDE2000 below which two colours are one. */
    private const SAME = 0.1;

    public const MIXED = [
        BinderFamily::WaterborneAcrylic,
        BinderFamily::AlcoholAcrylic,
        BinderFamily::Lacquer,
        BinderFamily::Enamel,
        BinderFamily::ArtistOil,
    ];

    /** CIEDE2000 that another jar in the cup must be worth: each is one more to shake, to open and to measure. */
    private const PRICE_OF_A_JAR = 0.4;

    /** CIEDE2000 by which a jar more must bring a colour nearer to be worth a word. */
    private const NOTICED = 1.0;

    /** Mixes that are looked through for those of other jars. */
    private const LOOKED_THROUGH = 400;

    /**
     * CIEDE2000 that a jar which is still closed must be worth beyond one that is open already.
     */
    private const PRICE_OF_OPENING = 0.3;

    /** Jars of the nearest mixes that a missing one is tried with: all threes of them are gone through. */
    private const TRIED_WITH = 6;

    /**
     * What a shelf may lack: the corners of what can be mixed, and the earths. Colours as strong as such paint comes.
     */
    private const MAY_BE_MISSING = [
        'white' => '#f2f1ea',
        'black' => '#161616',
        'bright yellow' => '#e8c21c',
        'orange' => '#dd6f1e',
        'red' => '#b3261e',
        'crimson' => '#8c1d45',
        'blue' => '#1f3f96',
        'turquoise' => '#1d7f8c',
        'green' => '#1f7a3c',
        'ochre' => '#b98a34',
        'red-brown' => '#7b3f26',
        'dark brown' => '#3b2b20',
    ];

    /**
     * @param  list<Product>  $jars
     * @param  array<string, true>  $closed  ids of those that are not open yet
     */
    public function __construct(private array $jars, private array $closed = [])
    {
    }

    /** Whether it can be part of a mix: coloured paint, without flakes, which scatter in no way that is known. */
    public static function isMixed(Material $material): bool
    {
        return $material->colour !== null && ! $material->metallic && $material->sheen !== null &&
            in_array($material->family, self::MIXED, true);
    }

    /** Whether it can be poured into a cup: paint, and clear of a family that is mixed, which spreads its pigment. */
    public static function isPoured(Material $material): bool
    {
        return $material->colour !== null || in_array($material->family, self::MIXED, true);
    }

    /**
     * @param  list<BinderFamily>  $families  that may be used; empty: any
     * @return list<Suggestion> of different jars each, the best first
     */
    public function suggest(Lab $wanted, array $families = [], int $jars = 3, int $parts = 12, int $count = 6): array
    {
        $suggestions = [];
        foreach ($families === [] ? self::MIXED : $families as $family) {
            $own = array_values(
                array_filter(
                    $this->jars,
                    static fn (Product $jar) => $jar->material->family === $family && self::isMixed($jar->material),
                ),
            );
            $solver = new MixSolver(array_map(self::paint(...), $own), Observer::weights(), $parts, $jars);
            $seen = [];
            foreach ($solver->closest($wanted, self::LOOKED_THROUGH) as $mix) {
                $set = implode(' ', array_keys($mix->parts));
                if (isset($seen[$set])) {
                    continue;
                }
                $seen[$set] = true;
                $named = [];
                foreach ($mix->parts as $place => $of) {
                    $named[$own[$place]->id] = $of;
                }
                $suggestions[] = new Suggestion($family, $named, $mix->colour, $mix->difference);
                // Some of them will turn out to be one and the same.
                if (count($seen) >= 2 * $count) {
                    break;
                }
            }
        }
        usort(
            $suggestions,
            // What differs by less than can be computed stays in the order of the families.
            fn (Suggestion $one, Suggestion $other) => round($this->price($one), 6) <=>
                round($this->price($other), 6),
        );

        $different = [];
        foreach ($suggestions as $suggestion) {
            if (count($different) < $count && ! self::isLikeOneOf($suggestion, $different)) {
                $different[] = $suggestion;
            }
        }

        return $different;
    }

    /**
     * Two jars of one colour give one answer: which of them is taken makes no difference that anybody sees.
     *
     * @param  list<Suggestion>  $others
     */
    private static function isLikeOneOf(Suggestion $one, array $others): bool
    {
        $counts = array_values($one->parts);
        sort($counts);
        foreach ($others as $other) {
            $its = array_values($other->parts);
            sort($its);
            if (
                $its === $counts &&
                $other->family === $one->family &&
                $one->colour->differenceTo($other->colour) < self::SAME
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Which one jar more would bring a colour nearest, of those that a shelf may lack.
     *
     * @param  non-empty-list<Suggestion>  $now  what comes nearest without it, the best first
     * @return array{string, Suggestion}|null its colour in a word, and the mix with it, in which its id is "missing";
     *   null: none brings it noticeably nearer
     */
    public function missing(Lab $wanted, array $now): ?array
    {
        $family = $now[0]->family;
        $ids = [];
        foreach ($now as $suggestion) {
            $ids += $suggestion->family === $family ? $suggestion->parts : [];
        }
        $with = array_values(array_filter($this->jars, static fn (Product $jar) => isset($ids[$jar->id])));
        $with = array_slice($with, 0, self::TRIED_WITH);
        $best = null;
        foreach (self::MAY_BE_MISSING as $word => $hex) {
            $material = new Material($family, null, Sheen::Matte, Lab::fromHex($hex));
            $shelf = new self([...$with, new Product('missing', $word, $material)]);
            $found = $shelf->suggest($wanted, [$family], count: 1)[0] ?? null;
            if ($found !== null && isset($found->parts['missing'])) {
                $best = $best === null || $found->difference < $best[1]->difference ? [$word, $found] : $best;
            }
        }

        return $best !== null && $best[1]->difference < $now[0]->difference - self::NOTICED ? $best : null;
    }

    /** CIEDE2000 and what it costs to open and to measure jars. */
    private function price(Suggestion $suggestion): float
    {
        return self::cost($suggestion) +
            self::PRICE_OF_OPENING * count(array_intersect_key($this->closed, $suggestion->parts));
    }

    /**
     * @param  array<string, int|float>  $parts  by id of the jar; what is not on the shelf is left out, and clear paint
     *   spreads the pigment of the others through more film
     * @return Paint|null null: nothing in it has a colour
     */
    public function mixed(array $parts): ?Paint
    {
        $absorption = array_fill(0, Observer::BANDS, 0.0);
        [$scattering, $whole] = [0.0, 0.0];
        foreach ($this->jars as $jar) {
            $of = $parts[$jar->id] ?? 0;
            if ($of <= 0 || ! self::isPoured($jar->material)) {
                continue;
            }
            $whole += $of;
            if ($jar->material->colour === null) {
                continue;
            }
            $paint = self::paint($jar);
            $scattering += $of * $paint->scattering;
            foreach ($paint->absorption as $band => $k) {
                $absorption[$band] += $of * $k;
            }
        }

        return $scattering <= 0.0
            ? null
            : new Paint(
                $scattering / $whole,
                array_values(array_map(static fn (float $sum): float => $sum / $whole, $absorption)),
            );
    }

    /** The colour of a coat that hides. */
    public static function colourOf(Paint $paint): Lab
    {
        return (new PaintTable([$paint], Observer::weights()))->colourOf([0, 1]);
    }

    /**
     * @param  float  $share  of paint in what is laid, the rest being thinner
     * @return Lab what is seen of so many usual coats on a ground
     */
    public static function over(Paint $paint, Lab $ground, float $coats, float $share = 1.0): Lab
    {
        return Observer::colourOf(Film::of($paint, $coats, $share)->over(Upsampler::reflectanceOf($ground)));
    }

    public static function paint(Product $jar): Paint
    {
        return PaintMaker::paint($jar->material->colour ?? new Lab(50.0, 0.0, 0.0), HidingPower::of($jar->material));
    }

    /** The same jar as it hides what it is laid on. */
    public static function cover(Product $jar): Paint
    {
        return PaintMaker::covering(
            $jar->material->colour ?? new Lab(50.0, 0.0, 0.0),
            HidingPower::of($jar->material),
        );
    }

    /** CIEDE2000, and what the jars beyond the first have to be worth. */
    public static function cost(Suggestion $suggestion): float
    {
        return $suggestion->difference + self::PRICE_OF_A_JAR * (count($suggestion->parts) - 1);
    }
}
