<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Parts;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Stroke;

/** What wheeled vehicles are put together from; millimetres. */
final class Wagon
{
    /** An axle with a wheel at either end, or a pair of them. */
    public static function axle(
        Modeller $make,
        float $x,
        float $radius,
        float $tyre,
        float $outer,
        bool $isTwin,
        bool $isDriven,
    ): void {
        $make->on(ZoneKind::Chassis, 'chassis');
        $make->lathe(
            'axle',
            [$x, $radius, 0.0],
            'z',
            [[-$outer + $tyre, 0.0], [-$outer + $tyre, 62.0], [$outer - $tyre, 62.0], [$outer - $tyre, 0.0]],
            14,
        );
        if ($isDriven) {
            $make->lathe(
                'differential',
                [$x, $radius, 0.0],
                'x',
                [
                    [-190.0, 0.0],
                    [-180.0, 110.0],
                    [-70.0, 205.0],
                    [70.0, 205.0],
                    [170.0, 90.0],
                    [200.0, 70.0],
                    [200.0, 0.0],
                ],
                18,
            );
        }
        $make->onBothSides(static function (Modeller $make) use ($x, $radius, $tyre, $outer, $isTwin): void {
            $make->on(ZoneKind::Wheels, 'wheels');
            Wheels::tyred($make, [$x, $radius, $outer - $tyre / 2.0], $radius, $tyre, $isTwin);
            if ($isTwin) {
                Wheels::tyred($make, [$x, $radius, $outer - 1.62 * $tyre], $radius, $tyre, false);
            }
        });
    }

    /** Two rails with cross members, on springs over the axles. */
    public static function frame(Modeller $make, float $x0, float $x1, float $y, float $aside, float ...$axles): void
    {
        $make->on(ZoneKind::Chassis, 'chassis');
        $make->onBothSides(static function (Modeller $make) use ($x0, $x1, $y, $aside, $axles): void {
            $make->prism(
                'rail',
                [
                    [$x0, $y + 40.0],
                    [$x0 + 300.0, $y],
                    [$x1 - 200.0, $y],
                    [$x1, $y + 50.0],
                    [$x1, $y + 190.0],
                    [$x0, $y + 190.0],
                ],
                $aside - 35.0,
                $aside + 35.0,
            );
            $make->rivets(
                [$x0 + 80.0, $y + 110.0, $aside + 36.0],
                [$x1 - 80.0, $y + 110.0, $aside + 36.0],
                [0.0, 0.0, 1.0],
                260.0,
                12.0,
            );
            foreach ($axles as $axle) {
                $make->prism('spring', [[
                    $axle - 520.0,
                    $y + 20.0,
                ], [
                    $axle - 240.0,
                    $y - 90.0,
                ], [$axle, $y - 130.0], [$axle + 240.0, $y - 90.0], [$axle + 520.0, $y + 20.0],
                    [
                        $axle + 240.0,
                        $y - 30.0,
                    ], [$axle, $y - 60.0], [$axle - 240.0, $y - 30.0]], $aside - 30.0, $aside + 45.0);
            }
        });
        foreach ([0.04, 0.35, 0.65, 0.97] as $share) {
            $x = $x0 + $share * ($x1 - $x0);
            $make->box('cross member', $x - 40.0, $x + 40.0, $y + 30.0, $y + 150.0, -$aside, $aside);
        }
    }

    /** A wing that follows its wheel from one angle to another, with a lip along its outer edge. */
    public static function wing(
        Modeller $make,
        float $x,
        float $y,
        float $radius,
        float $from,
        float $to,
        float $inner,
        float $outer,
    ): void {
        $make->on(ZoneKind::Fenders, 'body');
        $arc = static function (float $radius) use ($x, $y, $from, $to): array {
            $points = [];
            for ($step = 0; $step <= 18; $step++) {
                $angle = deg2rad($from + ($to - $from) * $step / 18.0);
                $points[] = [$x + $radius * cos($angle), $y + $radius * sin($angle)];
            }

            return $points;
        };
        $make->prism('wing', [...$arc($radius + 16.0), ...array_reverse($arc($radius))], $inner, $outer, isRound: true);
        $make->prism(
            'wing lip',
            [...$arc($radius + 20.0), ...array_reverse($arc($radius - 52.0))],
            $outer - 10.0,
            $outer,
            isRound: true,
        );
    }

    /** A bonnet that widens and rises towards the cab, with a radiator in front and louvres on its flanks. */
    public static function bonnet(
        Modeller $make,
        float $x0,
        float $x1,
        float $low,
        float $front,
        float $rear,
        float $narrow,
        float $wide,
        ZoneKind $zone,
    ): void {
        $make->on($zone, 'body');
        $section = static fn (float $x, float $half, float $top): array => [
            [$x, $low, -$half],
            [$x, $top - 130.0, -$half],
            [$x, $top - 38.0, -0.86 * $half],
            [$x, $top, -0.45 * $half],
            [$x, $top, 0.45 * $half],
            [$x, $top - 38.0, 0.86 * $half],
            [$x, $top - 130.0, $half],
            [$x, $low, $half],
        ];
        $make->skin('bonnet', [$section($x0, $narrow, $front), $section($x1, $wide, $rear)]);
        $make->line(Stroke::Detail, [[$x0, $front + 1.0, 0.0], [$x1, $rear + 1.0, 0.0]]);
        $make->box('radiator frame', $x0 - 70.0, $x0, $low, $front + 10.0, -$narrow - 14.0, $narrow + 14.0);
        $bars = 13;
        for ($bar = 0; $bar < $bars; $bar++) {
            $z = (($bar + 0.5) / $bars - 0.5) * 1.7 * $narrow;
            $make->box('grille bar', $x0 - 90.0, $x0 - 68.0, $low + 60.0, $front - 80.0, $z - 12.0, $z + 12.0);
            $make->line(Stroke::Slot, [[$x0 - 71.0, $low + 70.0, $z + 24.0], [$x0 - 71.0, $front - 90.0, $z + 24.0]]);
        }
        $make->onBothSides(static function (Modeller $make) use ($x0, $x1, $low, $front, $narrow, $wide): void {
            $louvres = 9;
            for ($louvre = 0; $louvre < $louvres; $louvre++) {
                $x = $x0 + (0.3 + 0.5 * $louvre / $louvres) * ($x1 - $x0);
                $z = $narrow + ($wide - $narrow) * ($x - $x0) / ($x1 - $x0) + 3.0;
                $make->line(Stroke::Slot, [[$x, $low + 110.0, $z], [$x, $front - 190.0, $z]]);
            }
        });
    }

    /** A closed cab with doors and windows, between two places and from its floor to its roof. */
    public static function cab(
        Modeller $make,
        float $x0,
        float $x1,
        float $floor,
        float $waist,
        float $roof,
        float $half,
    ): void {
        $make->on(ZoneKind::Cab, 'body');
        $make->prism(
            'cab',
            [
                [$x0, $floor],
                [$x1, $floor],
                [$x1, $roof - 60.0],
                [$x1 - 60.0, $roof],
                [$x0 + 130.0, $roof],
                [$x0 + 84.0, $roof - 30.0],
                [$x0, $waist],
            ],
            -$half,
            $half,
        );
        $lean = 84.0 / ($roof - 30.0 - $waist);
        $make->onBothSides(static function (Modeller $make) use ($x0, $x1, $floor, $waist, $roof, $half, $lean): void {
            $make->on(ZoneKind::Glass);
            $make->prism(
                'side window',
                [
                    [$x0 + 130.0, $waist + 30.0],
                    [$x1 - 260.0, $waist + 30.0],
                    [$x1 - 260.0, $roof - 110.0],
                    [$x0 + 190.0, $roof - 110.0],
                ],
                $half - 20.0,
                $half + 3.0,
            );
            [$low, $high] = [$waist + 50.0, $roof - 90.0];
            $make->prism('windscreen', [[$x0 + $lean * 50.0 - 6.0, $low], [$x0 + $lean * ($high - $waist) - 6.0, $high],
                [$x0 + $lean * ($high - $waist) + 20.0, $high], [$x0 + $lean * 50.0 + 20.0, $low]], 40.0, $half - 90.0);
            $make->on(ZoneKind::Cab);
            $z = $half + 1.0;
            $make->line(
                Stroke::Detail,
                [
                    [$x0 + 70.0, $floor + 40.0, $z],
                    [$x0 + 70.0, $waist, $z],
                    [$x0 + 130.0, $roof - 70.0, $z],
                    [$x1 - 220.0, $roof - 70.0, $z],
                    [$x1 - 220.0, $floor + 40.0, $z],
                    [$x0 + 70.0, $floor + 40.0, $z],
                ],
            );
            $make->bar(
                'door handle',
                [[$x1 - 380.0, $waist - 80.0, $half + 22.0], [$x1 - 270.0, $waist - 80.0, $half + 22.0]],
                13.0,
            );
            foreach ([$floor + 160.0, $waist - 140.0] as $y) {
                $make->box('door hinge', $x0 + 40.0, $x0 + 90.0, $y - 26.0, $y + 26.0, $half - 4.0, $half + 18.0);
            }
            $make->box('step', $x0 + 120.0, $x1 - 240.0, $floor - 310.0, $floor - 280.0, $half - 230.0, $half + 20.0);
            $make->bar(
                'step stay',
                [[$x0 + 200.0, $floor, $half - 60.0], [$x0 + 200.0, $floor - 290.0, $half - 60.0]],
                15.0,
            );
            $make->bar(
                'mirror arm',
                [
                    [$x0 + 40.0, $waist - 30.0, $half - 10.0],
                    [$x0 - 60.0, $waist + 80.0, $half + 140.0],
                    [$x0 - 60.0, $waist + 260.0, $half + 150.0],
                ],
                11.0,
            );
            $make->box('mirror', $x0 - 76.0, $x0 - 52.0, $waist + 120.0, $waist + 330.0, $half + 80.0, $half + 220.0);
        });
        $make->ring(Stroke::Detail, [($x0 + $x1) / 2.0, $roof + 1.0, 0.0], 'y', 270.0);
        $make->lathe(
            'roof hatch',
            [($x0 + $x1) / 2.0 + 60.0, $roof, 0.0],
            'y',
            [[-10.0, 0.0], [-10.0, 286.0], [16.0, 286.0], [22.0, 0.0]],
            28,
        );
    }

    /** A bed of boards between posts. */
    public static function bed(Modeller $make, float $x0, float $x1, float $floor, float $boards, float $half): void
    {
        $make->on(ZoneKind::LoadBed, 'bed');
        $make->box('bed floor', $x0, $x1, $floor - 60.0, $floor, -$half, $half);
        for ($beam = 0; $beam < 7; $beam++) {
            $x = $x0 + ($beam + 0.5) * ($x1 - $x0) / 7.0;
            $make->box('bed beam', $x - 40.0, $x + 40.0, $floor - 170.0, $floor - 60.0, -$half + 40.0, $half - 40.0);
        }
        for ($plank = 1; $plank < 9; $plank++) {
            $z = -$half + $plank * 2.0 * $half / 9.0;
            $make->line(Stroke::Fold, [[$x0 + 40.0, $floor + 1.0, $z], [$x1 - 40.0, $floor + 1.0, $z]]);
        }
        $top = $floor + $boards;
        $make->onBothSides(static function (Modeller $make) use ($x0, $x1, $floor, $top, $half): void {
            $make->box('drop side', $x0, $x1, $floor - 50.0, $top, $half - 36.0, $half);
            $bays = 4;
            for ($bay = 0; $bay <= $bays; $bay++) {
                $x = $x0 + $bay * ($x1 - $x0) / $bays;
                $make->box('post', $x - 28.0, $x + 28.0, $floor - 70.0, $top + 24.0, $half - 10.0, $half + 26.0);
            }
            for ($strap = 0; $strap < 2 * $bays; $strap++) {
                $x = $x0 + ($strap + 0.5) * ($x1 - $x0) / (2.0 * $bays) + ($strap % 2 === 0 ? -90.0 : 90.0);
                $make->box('strap', $x - 20.0, $x + 20.0, $floor - 50.0, $top, $half - 4.0, $half + 12.0);
                $make->rivet([$x, $floor + 40.0, $half + 13.0], [0.0, 0.0, 1.0], 12.0);
                $make->rivet([$x, $top - 60.0, $half + 13.0], [0.0, 0.0, 1.0], 12.0);
            }
            foreach ([0.33, 0.66] as $share) {
                $y = $floor - 50.0 + $share * ($top - $floor + 50.0);
                $make->line(Stroke::Detail, [[$x0, $y, $half + 1.0], [$x1, $y, $half + 1.0]]);
            }
        });
        foreach ([$x0, $x1 - 36.0] as $x) {
            $make->box('end board', $x, $x + 36.0, $floor - 50.0, $top, -$half, $half);
        }
        foreach ([0.33, 0.66] as $share) {
            $y = $floor - 50.0 + $share * ($top - $floor + 50.0);
            $make->line(Stroke::Detail, [[$x1 + 1.0, $y, -$half], [$x1 + 1.0, $y, $half]]);
        }
        foreach ([-0.62, -0.2, 0.2, 0.62] as $share) {
            $make->box(
                'tail strap',
                $x1 - 10.0,
                $x1 + 14.0,
                $floor - 60.0,
                $top,
                $share * $half - 22.0,
                $share * $half + 22.0,
            );
        }
    }

    /** A canvas tilt over five bows, or the bows without it. */
    public static function tilt(
        Modeller $make,
        float $x0,
        float $x1,
        float $low,
        float $crest,
        float $half,
        bool $isUp,
    ): void {
        $section = static fn (float $x, float $sink): array => [
            [$x, $low, -$half],
            [$x, $crest - 430.0, -$half + 0.4 * $sink],
            [$x, $crest - 220.0, -$half + 45.0 + 0.4 * $sink],
            [$x, $crest - 76.0 - 0.6 * $sink, -$half + 180.0],
            [$x, $crest - $sink, -$half + 430.0],
            [$x, $crest - $sink, $half - 430.0],
            [$x, $crest - 76.0 - 0.6 * $sink, $half - 180.0],
            [$x, $crest - 220.0, $half - 45.0 - 0.4 * $sink],
            [$x, $crest - 430.0, $half - 0.4 * $sink],
            [$x, $low, $half],
        ];
        $bows = 5;
        if (! $isUp) {
            $make->on(ZoneKind::LoadBed, 'bed');
            for ($bow = 0; $bow < $bows; $bow++) {
                $make->bar('bow', $section($x0 + 30.0 + $bow * ($x1 - $x0 - 60.0) / ($bows - 1), 0.0), 20.0);
            }
            $make->onBothSides(static function (Modeller $make) use ($x0, $x1, $low, $half): void {
                $make->box('bench', $x0 + 120.0, $x1 - 160.0, $low - 150.0, $low - 110.0, $half - 400.0, $half - 60.0);
                $make->line(
                    Stroke::Fold,
                    [[$x0 + 120.0, $low - 109.0, $half - 230.0], [$x1 - 160.0, $low - 109.0, $half - 230.0]],
                );
            });

            return;
        }
        $make->on(ZoneKind::Canvas, 'tilt');
        $sections = [];
        for ($piece = 0; $piece <= 2 * ($bows - 1); $piece++) {
            $sections[] = $section(
                $x0 + $piece * ($x1 - $x0) / (2.0 * ($bows - 1)),
                $piece % 2 === 0 ? 0.0 : ($piece === 3 || $piece === 5 ? 36.0 : 24.0),
            );
        }
        $make->skin('tilt', $sections, true);
        for ($bow = 0; $bow < $bows; $bow++) {
            $x = $x0 + $bow * ($x1 - $x0) / ($bows - 1);
            $make->line(
                Stroke::Detail,
                array_map(static fn (array $at) => [$x, $at[1] + 1.0, $at[2] * 1.001], $section($x, 0.0)),
            );
        }
        $make->onBothSides(static function (Modeller $make) use ($x0, $x1, $low, $half): void {
            for ($rope = 0; $rope < 16; $rope++) {
                $x = $x0 + ($rope + 0.5) * ($x1 - $x0) / 16.0;
                $make->line(
                    Stroke::Fold,
                    [
                        [$x - 60.0, $low + 20.0, $half + 28.0],
                        [$x, $low + 110.0, $half + 4.0],
                        [$x + 60.0, $low + 20.0, $half + 28.0],
                    ],
                );
                $make->rivet([$x, $low + 110.0, $half + 2.0], [0.0, 0.0, 1.0], 13.0);
            }
        });
        $make->line(Stroke::Detail, [[$x1 + 1.0, $low, -0.5 * $half], [$x1 + 1.0, $low + 900.0, -0.42 * $half]]);
        $make->line(Stroke::Detail, [[$x1 + 1.0, $low, 0.5 * $half], [$x1 + 1.0, $low + 900.0, 0.42 * $half]]);
        $make->line(Stroke::Slot, [[$x1 + 1.0, $low, 0.0], [$x1 + 1.0, $crest - 80.0, 0.0]]);
    }
}
