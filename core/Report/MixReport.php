<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Colour\InWords;
use Ulvrach\Colour\Lab;
use Ulvrach\Material\Product;
use Ulvrach\Mixing\PaintMaker;
use Ulvrach\Palette\Cup;
use Ulvrach\Palette\Ladder;
use Ulvrach\Palette\Nearer;
use Ulvrach\Palette\Palette;
use Ulvrach\Palette\Rung;
use Ulvrach\Palette\Suggestion;
use Ulvrach\PlanFile\PlanWriter;

/** Mixes of jars, as plain data. */
final class MixReport
{
    /** CIEDE2000 beyond which a mix is another colour than the wanted one. */
    private const REACHED = 3.0;

    /** Usual coats after which it is told what is seen on a ground. */
    private const COATS = [0.5, 1.0, 1.5, 2.0, 3.0, 4.0];

    /**
     * @param  list<BinderFamily>  $families  that may be used; empty: any
     * @return array<string, mixed> the best first; where none is near, the one jar more that would help most
     */
    public static function closest(Lab $wanted, Palette $palette, array $families, int $jars, int $parts): array
    {
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
                ],
                $suggestions,
            ),
        ];
    }

    /**
     * @param  list<Product>  $jars  of which something may be added
     * @return array<string, mixed> a cup: dry, on a ground coat by coat, and what would bring it nearer
     */
    public static function look(Cup $cup, ?Lab $ground, array $jars): array
    {
        $paint = (new Palette($cup->jars()))->mixed($cup->counts());
        if ($paint === null) {
            return [
                'colour' => null,
                'hides' => null,
                'difference' => null,
                'says' => null,
                'nearer' => [],
                'coats' => [],
            ];
        }
        $colour = Palette::colourOf($paint);

        return [
            'colour' => $colour->toHex(),
            'hides' => round(PaintMaker::hiding($paint), 2),
            'difference' => $cup->wanted === null ? null : round($cup->wanted->differenceTo($colour), 2),
            'says' => $cup->wanted === null ? null : InWords::ofDifference($cup->wanted, $colour),
            'nearer' => $cup->wanted === null
                ? []
                : array_map(
                    static fn (Suggestion $adds) => [
                        'adds' => self::parts($adds->parts),
                        'colour' => $adds->colour->toHex(),
                        'difference' => round($adds->difference, 2),
                    ],
                    Nearer::to($cup->wanted, $cup, $jars),
                ),
            'coats' => $ground === null
                ? []
                : array_map(
                    static function (float $coats) use ($paint, $ground, $cup, $colour): array {
                        $seen = Palette::over($paint, $ground, $coats, $cup->share);

                        return [
                            'coats' => $coats,
                            'colour' => $seen->toHex(),
                            'left' => round($seen->differenceTo($colour), 2),
                        ];
                    },
                    self::COATS,
                ),
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
        $paint = (new Palette($cup->jars()))->mixed($cup->counts());

        return [
            'parts' => array_map(
                static fn (array $of) => ['jar' => PlanWriter::product($of[0]), 'parts' => $of[1]],
                $cup->parts,
            ),
            'share' => $cup->share,
            'wanted' => $cup->wanted?->toHex(),
            'colour' => $paint === null ? null : Palette::colourOf($paint)->toHex(),
        ];
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
