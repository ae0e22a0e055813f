<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Light\Colour\InWords;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Light;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Plan\Supply\Thinning;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Bought;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\HidingPower;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\Palette\Ladder;
use Ulvrach\Stuff\Palette\Nearer;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Palette\Reserve;
use Ulvrach\Stuff\Palette\Rung;
use Ulvrach\Stuff\Palette\Suggestion;
use Ulvrach\Stuff\Palette\Warning;
use Ulvrach\Stuff\Technique\Application;

/** Mixes of jars, as plain data. */
final class MixReport
{
    /** CIEDE2000 beyond which a mix is another colour than the wanted one. */
    private const REACHED = 3.0;

    /** Usual coats after which it is told what is seen on a ground. */
    private const COATS = [0.5, 1.0, 1.5, 2.0, 3.0, 4.0];

    /**
     * @param  list<BinderFamily>  $families  that may be used; empty: any
     * @param  array<string, Stock>  $stocks  by id of the jar
     * @return array<string, mixed> the best first; where none is near, the one jar more that would help most
     */
    public static function closest(
        Lab $wanted,
        Palette $palette,
        array $families,
        int $jars,
        int $parts,
        array $stocks = [],
    ): array {
        $suggestions = $palette->suggest($wanted, $families, $jars, $parts);
        $isReached = ($suggestions[0]->difference ?? INF) <= self::REACHED;
        $missing = $isReached || $suggestions === [] ? null : $palette->missing($wanted, $suggestions);

        return [
            'wanted' => $wanted->toHex(),
            'isReached' => $isReached,
            'missing' => $missing === null
                ? null
                : [
                    'word' => $missing[0],
                    'colour' => $missing[1]->colour->toHex(),
                    'difference' => round($missing[1]->difference, 1),
                ],
            'answers' => array_map(
                static fn (Suggestion $suggestion) => [
                    'family' => $suggestion->family->label(),
                    'parts' => self::parts($suggestion->parts),
                    'colour' => $suggestion->colour->toHex(),
                    'difference' => round($suggestion->difference, 2),
                    'says' => InWords::ofDifference($wanted, $suggestion->colour),
                    ...self::reserve($suggestion->parts, $stocks),
                ],
                $suggestions,
            ),
        ];
    }

    /**
     * @param  list<Product>  $jars  of which something may be added
     * @param  array<string, Stock>  $stocks  by id of the jar
     * @param  float|null  $areaCm2  that is to be covered; null: nobody has said
     * @return array<string, mixed> a cup: dry and wet, on a ground coat by coat, what would bring it nearer, what it
     *   costs, how far the jars last, and what speaks against it
     */
    public static function look(
        Cup $cup,
        ?Lab $ground,
        array $jars,
        array $stocks = [],
        ?float $areaCm2 = null,
        int $coats = 2,
        Application $application = Application::Airbrush,
    ): array {
        $paint = $cup->paint();
        $colour = $paint === null ? null : Palette::colourOf($paint);
        $mixed = $cup->product('cup', 'Cup');
        $cover = PaintMaker::covering($colour ?? new Lab(50.0, 0.0, 0.0), HidingPower::of($mixed->material));
        // A usual coat is one that is thinned as its tool wants it: what is thinner than that lays less of it.
        $ofUsual = $cup->paintShare() / Thinning::forCoat($mixed->material, $application);
        $bought = $colour === null ? null : Bought::like($colour, $cup, $jars, $stocks);

        return [
            'colour' => $colour?->toHex(),
            // Wet paint has the surface of a gloss coat.
            'wet' => $colour === null
                ? null
                : Light::of(Upsampler::reflectanceOf($colour))->colour(Colours::DEEPENS[Sheen::Gloss->value])->toHex(),
            'hides' => $paint === null ? null : round(PaintMaker::hiding($paint), 2),
            'sheen' => $cup->sheen()?->value,
            'difference' => $cup->wanted === null || $colour === null
                ? null
                : round($cup->wanted->differenceTo($colour), 2),
            'says' => $cup->wanted === null || $colour === null ? null : InWords::ofDifference($cup->wanted, $colour),
            'nearer' => $cup->wanted === null || $paint === null
                ? []
                : array_map(
                    static fn (Suggestion $adds) => [
                        'adds' => self::parts($adds->parts),
                        'colour' => $adds->colour->toHex(),
                        'difference' => round($adds->difference, 2),
                    ],
                    Nearer::to($cup->wanted, $cup, $jars),
                ),
            'coats' => $ground === null || $paint === null
                ? []
                : array_map(
                    static function (float $coats) use ($cover, $ground, $ofUsual, $colour): array {
                        $seen = Palette::over($cover, $ground, $coats * $ofUsual);

                        return [
                            'coats' => $coats,
                            'colour' => $seen->toHex(),
                            'left' => round($seen->differenceTo($colour), 2),
                        ];
                    },
                    self::COATS,
                ),
            ...self::reserve($cup->weights(), $stocks),
            'needMl' => $areaCm2 === null ? null : round(Takes::forArea($areaCm2, $coats, $application), 1),
            'bought' => $bought === null ? null : ['name' => $bought[0]->name, 'perMl' => round($bought[1], 4)],
            'warns' => Warning::of($cup),
        ];
    }

    /**
     * @param  array<string, float|int>  $weights  parts by id of the jar
     * @param  array<string, Stock>  $stocks
     * @return array{perMl: float|null, lastsMl: float|null, scarcest: string|null} of paint, before it is thinned
     */
    private static function reserve(array $weights, array $stocks): array
    {
        $reserve = Reserve::of($weights, $stocks);

        return [
            'perMl' => $reserve->perMl === null ? null : round($reserve->perMl, 4),
            'lastsMl' => $reserve->lastsMl === null ? null : round($reserve->lastsMl, 1),
            'scarcest' => $reserve->scarcest,
        ];
    }

    /**
     * @param  list<Ladder>  $ladders
     * @return list<array<string, mixed>>
     */
    public static function ladders(array $ladders): array
    {
        return array_map(
            static fn (Ladder $ladder) => [
                'jar' => $ladder->jar->id,
                'name' => $ladder->jar->name,
                'turnsAt' => $ladder->turnsAt,
                'rungs' => array_map(
                    static fn (Rung $rung) => [
                        'parts' => $rung->parts,
                        'to' => $rung->to,
                        'colour' => $rung->colour->toHex(),
                        'lighter' => round($rung->lighter, 1),
                        'fades' => round($rung->fades, 1),
                    ],
                    $ladder->rungs,
                ),
            ],
            $ladders,
        );
    }

    /** @return array<string, mixed> a cup with its jars as they were */
    public static function cup(Cup $cup): array
    {
        $paint = $cup->paint();

        return [
            'parts' => array_map(
                static fn (array $of) => [
                    'jar' => PlanWriter::product($of[0] instanceof KeptMix ? $of[0]->product() : $of[0]),
                    'parts' => $of[1],
                    // What a mix that was poured in was made of.
                    'of' => $of[0] instanceof KeptMix ? self::inside($of[0]) : [],
                ],
                $cup->parts,
            ),
            'share' => $cup->share,
            'retarder' => $cup->retarder,
            'flow' => $cup->flow,
            'wanted' => $cup->wanted?->toHex(),
            'colour' => $paint === null ? null : Palette::colourOf($paint)->toHex(),
        ];
    }

    /** @return list<array{name: string, parts: int}> */
    private static function inside(KeptMix $mix): array
    {
        return array_map(static fn (array $of) => ['name' => $of[0]->name, 'parts' => $of[1]], $mix->cup->parts);
    }

    /**
     * @param  array<string, int>  $parts
     * @return list<array{jar: string, parts: int}>
     */
    private static function parts(array $parts): array
    {
        arsort($parts);

        return array_map(
            static fn (string|int $jar, int $count) => ['jar' => (string) $jar, 'parts' => $count],
            array_keys($parts),
            array_values($parts),
        );
    }
}
