<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Parts;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Stroke;

/**
 * What is bolted onto vehicles of any kind; millimetres. Those that come in pairs are made on the left.
 *
 * @phpstan-type Point array{float, float, float}
 */
final class Fittings
{
    /** A headlamp that looks forwards, on its bracket; with bars round it where brushwood would hit it. */
    public static function headlamp(Modeller $make, float $x, float $y, float $z, bool $isGuarded): void
    {
        $make->lathe(
            'headlamp',
            [$x, $y, $z],
            'x',
            [[-62.0, 0.0], [-62.0, 78.0], [-50.0, 92.0], [-30.0, 92.0], [50.0, 60.0], [74.0, 0.0]],
            20,
            [0 => ZoneKind::Glass],
        );
        $make->box('lamp bracket', $x - 12.0, $x + 22.0, $y - 150.0, $y - 70.0, $z - 20.0, $z + 20.0);
        if ($isGuarded) {
            foreach ([-125.0, 125.0] as $aside) {
                $make->bar('lamp guard', [
                    [$x - 110.0, $y - 150.0, $z + $aside],
                    [$x - 110.0, $y + 105.0, $z + $aside],
                    [$x + 150.0, $y + 105.0, $z + $aside],
                    [$x + 190.0, $y + 20.0, $z + $aside],
                ], 11.0);
            }
            $make->bar(
                'lamp guard',
                [[$x - 110.0, $y + 105.0, $z - 125.0], [$x - 110.0, $y + 105.0, $z + 125.0]],
                11.0,
            );
        }
    }

    /** A hatch lid on a level face, with two hinges on its inner side and a grip. */
    public static function roundHatch(Modeller $make, float $x, float $y, float $z, float $radius): void
    {
        $make->lathe(
            'hatch',
            [$x, $y, $z],
            'y',
            [
                [-20.0, 0.0],
                [-20.0, $radius + 18.0],
                [10.0, $radius + 18.0],
                [10.0, $radius],
                [34.0, $radius - 10.0],
                [34.0, 0.0],
            ],
            28,
        );
        foreach ([-0.45, 0.45] as $share) {
            $at = $x + $share * $radius;
            $make->box('hinge', $at - 26.0, $at + 26.0, $y, $y + 52.0, $z - $radius - 34.0, $z - 0.72 * $radius);
        }
        $make->bar('grip', [
            [$x - 60.0, $y + 30.0, $z + 0.5 * $radius],
            [$x - 60.0, $y + 58.0, $z + 0.5 * $radius],
            [$x + 60.0, $y + 58.0, $z + 0.5 * $radius],
            [$x + 60.0, $y + 30.0, $z + 0.5 * $radius],
        ], 9.0);
        $make->ring(Stroke::Detail, [$x, $y + 36.0, $z], 'y', 0.7 * $radius);
    }

    /** A periscope under its hood; it looks forwards. */
    public static function periscope(Modeller $make, float $x, float $y, float $z): void
    {
        $make->prism(
            'periscope',
            [[$x - 50.0, $y], [$x + 60.0, $y], [$x + 60.0, $y + 62.0], [$x - 60.0, $y + 70.0]],
            $z - 62.0,
            $z + 62.0,
            [3 => ZoneKind::Glass],
        );
    }

    /** A tow hook or eye on an upright plate. */
    public static function towHook(Modeller $make, float $x, float $y, float $z, bool $isInFront): void
    {
        $out = $isInFront ? -1.0 : 1.0;
        $make->prism(
            'tow hook',
            [
                [$x, $y - 75.0],
                [$x + 90.0 * $out, $y - 50.0],
                [$x + 140.0 * $out, $y + 10.0],
                [$x + 120.0 * $out, $y + 60.0],
                [$x + 82.0 * $out, $y + 60.0],
                [$x + 80.0 * $out, $y + 5.0],
                [$x, $y + 45.0],
            ],
            $z - 26.0,
            $z + 26.0,
        );
    }

    /** A box with a lid that overhangs a little, and two clamps on its left. */
    public static function chest(
        Modeller $make,
        float $x0,
        float $x1,
        float $y0,
        float $y1,
        float $z0,
        float $z1,
    ): void {
        $make->box('chest', $x0, $x1, $y0, $y1 - 26.0, $z0, $z1);
        $make->box('lid', $x0 - 9.0, $x1 + 9.0, $y1 - 26.0, $y1, $z0 - 9.0, $z1 + 9.0);
        foreach ([0.2, 0.8] as $share) {
            $x = $x0 + $share * ($x1 - $x0);
            $make->box('clamp', $x - 20.0, $x + 20.0, $y1 - 80.0, $y1 - 6.0, $z1 + 9.0, $z1 + 20.0);
        }
        $inset = 34.0;
        $make->line(Stroke::Detail, [
            [$x0 + $inset, $y1 + 1.0, $z0 + $inset],
            [$x1 - $inset, $y1 + 1.0, $z0 + $inset],
            [$x1 - $inset, $y1 + 1.0, $z1 - $inset],
            [$x0 + $inset, $y1 + 1.0, $z1 - $inset],
            [$x0 + $inset, $y1 + 1.0, $z0 + $inset],
        ]);
    }

    /** A shovel that lies flat, its blade in front. */
    public static function shovel(Modeller $make, float $x, float $y, float $z, float $length = 980.0): void
    {
        $make->on(ZoneKind::Tools, 'tools');
        $make->upright(
            'shovel blade',
            [[$x, $z - 70.0], [$x + 40.0, $z - 96.0], [$x + 250.0, $z - 96.0], [$x + 270.0, $z - 24.0],
                [$x + 270.0, $z + 24.0], [$x + 250.0, $z + 96.0], [$x + 40.0, $z + 96.0], [$x, $z + 70.0]],
            $y,
            $y + 24.0,
        );
        $make->bar('shovel shaft', [[$x + 240.0, $y + 30.0, $z], [$x + $length, $y + 30.0, $z]], 19.0);
        $make->box('shovel grip', $x + $length - 30.0, $x + $length + 20.0, $y + 8.0, $y + 48.0, $z - 62.0, $z + 62.0);
        self::clamps($make, [$x + 420.0, $x + $length - 180.0], $y, $z);
    }

    /** An axe that lies flat, its head in front. */
    public static function axe(Modeller $make, float $x, float $y, float $z): void
    {
        $make->on(ZoneKind::Tools, 'tools');
        $make->upright(
            'axe head',
            [[$x, $z - 110.0], [$x + 110.0, $z - 80.0], [$x + 90.0, $z + 50.0], [$x + 20.0, $z + 50.0]],
            $y,
            $y + 36.0,
        );
        $make->bar('axe shaft', [[$x + 30.0, $y + 26.0, $z], [$x + 760.0, $y + 26.0, $z]], 19.0);
        self::clamps($make, [$x + 240.0, $x + 600.0], $y, $z);
    }

    public static function crowbar(Modeller $make, float $x, float $y, float $z, float $length = 1300.0): void
    {
        $make->on(ZoneKind::Tools, 'tools');
        $make->bar('crowbar', [[$x, $y + 30.0, $z], [$x + $length, $y + 30.0, $z]], 15.0);
        self::clamps($make, [$x + 0.2 * $length, $x + 0.55 * $length, $x + 0.85 * $length], $y, $z);
    }

    /**
     * A tow cable that hangs between eyes along a side.
     *
     * @param  list<Point>  $path
     */
    public static function cable(Modeller $make, array $path): void
    {
        $make->on(ZoneKind::Tools, 'tools');
        $make->bar('tow cable', $path, 17.0);
        foreach ([$path[0], $path[count($path) - 1]] as [$x, $y, $z]) {
            $make->lathe('cable eye', [$x, $y, $z], 'z', [[-16.0, 0.0], [-16.0, 46.0], [16.0, 46.0], [16.0, 0.0]], 12);
        }
    }

    /** A wooden block for the jack. */
    public static function jackBlock(Modeller $make, float $x, float $y, float $z): void
    {
        $make->on(ZoneKind::Tools, 'tools');
        $make->box('jack block', $x, $x + 230.0, $y, $y + 150.0, $z - 110.0, $z + 110.0);
        $make->line(Stroke::Fold, [[$x, $y + 75.0, $z + 111.0], [$x + 230.0, $y + 75.0, $z + 111.0]]);
        $make->box('strap', $x + 95.0, $x + 135.0, $y - 4.0, $y + 158.0, $z - 118.0, $z + 118.0);
    }

    /**
     * A silencer that lies across, with two bands and a tail pipe to the left.
     *
     * @param  Point  $centre
     */
    public static function silencer(Modeller $make, array $centre, float $radius, float $length): void
    {
        [$x, $y, $z] = $centre;
        $make->on(ZoneKind::Exhaust, 'exhaust');
        $half = $length / 2.0;
        $make->lathe(
            'silencer',
            $centre,
            'z',
            [[-$half - 14.0, 0.0], [-$half - 14.0, 0.6 * $radius], [-$half, $radius], [$half, $radius],
                [$half + 14.0, 0.6 * $radius], [$half + 14.0, 0.0]],
            24,
        );
        foreach ([-0.55, 0.55] as $share) {
            $at = $z + $share * $half;
            $make->lathe(
                'band',
                [$x, $y, $at],
                'z',
                [[-22.0, 0.0], [-22.0, $radius + 9.0], [22.0, $radius + 9.0], [22.0, 0.0]],
                24,
            );
        }
        $make->bar('tail pipe', [
            [$x, $y - 0.3 * $radius, $z + $half],
            [$x + 10.0, $y - 0.4 * $radius, $z + $half + 90.0],
            [$x + 150.0, $y - 0.4 * $radius, $z + $half + 110.0],
        ], 44.0, 10);
    }

    /** Louvres on a level deck: slats across, each a blade that throws its shadow. */
    public static function louvres(
        Modeller $make,
        float $x0,
        float $x1,
        float $y0,
        float $y1,
        float $z0,
        float $z1,
    ): void {
        $count = max(3, (int) round(($x1 - $x0) / 62.0));
        for ($slat = 0; $slat < $count; $slat++) {
            $share = ($slat + 0.5) / $count;
            $x = $x0 + $share * ($x1 - $x0);
            $y = $y0 + $share * ($y1 - $y0);
            $make->prism(
                'louvre',
                [[$x - 20.0, $y - 10.0], [$x + 20.0, $y - 10.0], [$x + 26.0, $y + 34.0], [$x + 6.0, $y + 34.0]],
                $z0,
                $z1,
            );
            $make->line(Stroke::Slot, [[$x + 28.0, $y + 8.0, $z0 + 8.0], [$x + 28.0, $y + 8.0, $z1 - 8.0]]);
        }
    }

    /** The cap of a filler on a level deck. */
    public static function cap(Modeller $make, float $x, float $y, float $z, float $radius = 82.0): void
    {
        $make->lathe(
            'filler cap',
            [$x, $y, $z],
            'y',
            [[-20.0, 0.0], [-20.0, $radius], [26.0, $radius], [38.0, 0.7 * $radius], [38.0, 0.0]],
            20,
        );
        $make->box('cap hinge', $x + $radius - 14.0, $x + $radius + 26.0, $y, $y + 30.0, $z - 24.0, $z + 24.0);
    }

    /** A tail lamp on an upright plate behind. */
    public static function tailLamp(Modeller $make, float $x, float $y, float $z): void
    {
        $make->box('tail lamp', $x, $x + 60.0, $y - 46.0, $y + 46.0, $z - 56.0, $z + 56.0);
        $make->ring(Stroke::Detail, [$x + 61.0, $y, $z], 'x', 26.0);
    }

    /** A jaw for a towing bar. */
    public static function pintle(Modeller $make, float $x, float $y, float $z): void
    {
        $make->lathe(
            'pintle',
            [$x, $y, $z],
            'x',
            [[0.0, 0.0], [0.0, 76.0], [60.0, 76.0], [70.0, 48.0], [130.0, 48.0], [134.0, 0.0]],
            16,
        );
        $make->box('jaw', $x + 120.0, $x + 180.0, $y - 70.0, $y + 70.0, $z - 44.0, $z + 44.0);
    }

    /** A sheet rolled up and strapped, lying across. */
    public static function roll(Modeller $make, float $x, float $y, float $z, float $radius, float $length): void
    {
        $make->on(ZoneKind::Canvas, 'stowage');
        $half = $length / 2.0;
        $make->lathe(
            'rolled sheet',
            [$x, $y, $z],
            'z',
            [[-$half, 0.0], [-$half, 0.72 * $radius], [
                -$half + 26.0,
                0.96 * $radius,
            ], [-0.4 * $half, $radius], [-0.36 * $half, 0.94 * $radius],
                [-0.32 * $half, $radius], [0.36 * $half, $radius], [
                    0.4 * $half,
                    0.94 * $radius,
                ], [0.44 * $half, $radius],
                [$half - 26.0, 0.96 * $radius], [$half, 0.72 * $radius], [$half, 0.0]],
            20,
        );
        foreach ([-0.36, 0.4] as $share) {
            $make->ring(Stroke::Slot, [$x, $y, $z + $share * $half], 'z', 0.95 * $radius);
            $make->line(Stroke::Slot, self::arc($x, $y, $z + $share * $half, $radius));
        }
    }

    /** A whip aerial on its foot. */
    public static function aerial(Modeller $make, float $x, float $y, float $z, float $height): void
    {
        $make->lathe(
            'aerial foot',
            [$x, $y, $z],
            'y',
            [[-10.0, 0.0], [-10.0, 48.0], [24.0, 48.0], [40.0, 30.0], [80.0, 26.0], [110.0, 12.0], [110.0, 0.0]],
            14,
        );
        $make->bar('aerial', [[$x, $y + 90.0, $z], [$x, $y + $height, $z]], 9.0);
    }

    /**
     * Track links carried on a plate that leans back by a rise over a run, side by side.
     *
     * @param  Point  $at  the middle of the lower edge of the row
     * @param  array{float, float}  $slope  along the plate: how far back and how far up, of length 1
     */
    public static function spareLinks(Modeller $make, array $at, array $slope, int $count): void
    {
        [$x, $y, $z] = $at;
        [$back, $up] = $slope;
        $make->on(ZoneKind::SpareLinks, 'spare links');
        for ($link = 0; $link < $count; $link++) {
            $middle = $z + ($link - ($count - 1) / 2.0) * 158.0;
            $make->prism(
                'spare link',
                [[$x, $y], [$x + 330.0 * $back, $y + 330.0 * $up], [
                    $x + 330.0 * $back - 58.0 * $up,
                    $y + 330.0 * $up + 58.0 * $back,
                ],
                    [$x - 58.0 * $up, $y + 58.0 * $back]],
                $middle - 66.0,
                $middle + 66.0,
            );
            foreach ([0.0, 250.0] as $along) {
                $make->prism(
                    'spare connector',
                    [[$x + $along * $back, $y + $along * $up], [
                        $x + ($along + 80.0) * $back,
                        $y + ($along + 80.0) * $up,
                    ],
                        [$x + ($along + 80.0) * $back - 70.0 * $up, $y + ($along + 80.0) * $up + 70.0 * $back],
                        [$x + $along * $back - 70.0 * $up, $y + $along * $up + 70.0 * $back]],
                    $middle + 62.0,
                    $middle + 96.0,
                );
            }
        }
        $make->prism(
            'spare link bar',
            [[$x + 140.0 * $back, $y + 140.0 * $up], [$x + 180.0 * $back, $y + 180.0 * $up],
                [$x + 180.0 * $back - 78.0 * $up, $y + 180.0 * $up + 78.0 * $back],
                [$x + 140.0 * $back - 78.0 * $up, $y + 140.0 * $up + 78.0 * $back]],
            $z - $count * 82.0,
            $z + $count * 82.0,
        );
    }

    /** @param  list<float>  $places */
    private static function clamps(Modeller $make, array $places, float $y, float $z): void
    {
        foreach ($places as $x) {
            $make->box('tool clamp', $x - 18.0, $x + 18.0, $y, $y + 58.0, $z - 34.0, $z + 34.0);
        }
    }

    /** @return list<Point> over the top of a roll, from front to back */
    private static function arc(float $x, float $y, float $z, float $radius): array
    {
        $points = [];
        for ($step = 0; $step <= 12; $step++) {
            $points[] = [$x - $radius * cos(M_PI * $step / 12), $y + $radius * sin(M_PI * $step / 12), $z];
        }

        return $points;
    }
}
