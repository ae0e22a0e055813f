<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;
use Ulvrach\Vehicle\Parts\Fittings;
use Ulvrach\Vehicle\Parts\Track;
use Ulvrach\Vehicle\Stroke;

/** An open-topped carrier on tracks: armoured walls round a compartment that is seen from above. */
final class TrackedCarrier implements Design
{
    private const BELLY = 400.0;

    public static function parameters(): array
    {
        return [
            Parameter::length('hull-length', 'length of the hull', 3300, 4100, 5200),
            Parameter::length('hull-width', 'width between the tracks', 1250, 1560, 1900),
            Parameter::length('wall-height', 'height of the walls', 1350, 1620, 2000),
            Parameter::length('track-width', 'width of a track', 200, 270, 360),
            Parameter::pieces('road-wheels', 'road wheels on a side', 3, 4, 6),
            Parameter::length('road-wheel', 'diameter of a road wheel', 420, 600, 720),
            Parameter::pieces('return-rollers', 'return rollers on a side', 0, 1, 3),
            Parameter::option('stowage', 'packs and boxes along the walls', true),
            Parameter::option('tools', 'tools on the fenders', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        $length = $form->length('hull-length');
        $half = $form->length('hull-width') / 2.0;
        $wall = $form->length('wall-height');
        $track = $form->length('track-width');
        $count = $form->pieces('road-wheels');
        $radius = min($form->length('road-wheel'), 0.6 * $length / ($count - 1) / 1.04) / 2.0;
        $fender = max(960.0, 2.0 * $radius + 84.0 + 270.0);
        $outer = $half + 24.0 + $track + 36.0;
        $wall = max($wall, $fender + 330.0);
        self::hull($modeller, $length, $half, $fender, $wall, $outer);
        self::inside($modeller, $length, $half, $wall);
        $modeller->onBothSides(static function (Modeller $make) use (
            $form,
            $length,
            $half,
            $track,
            $count,
            $radius,
            $fender,
        ): void {
            $wheels = [];
            for ($wheel = 0; $wheel < $count; $wheel++) {
                $wheels[] = (0.2 + 0.6 * $wheel / ($count - 1)) * $length;
            }
            $rollers = [];
            $carried = $fender - 2.0 * $radius > 330.0 ? $form->pieces('return-rollers') : 0;
            for ($roller = 0; $roller < $carried; $roller++) {
                $rollers[] = (0.2 + 0.6 * ($roller + 1) / ($carried + 1)) * $length;
            }
            $sprocket = min(250.0, 0.3 * $radius + 160.0);
            $axle = $fender - 85.0 - $sprocket;
            (new Track(
                $wheels,
                $radius,
                [0.07 * $length, $axle],
                $sprocket,
                [0.94 * $length, $axle - 60.0],
                0.92 * $sprocket,
                $rollers,
                $half + 24.0,
                $track,
            ))->build($make);
        });
        self::load($modeller, $form, $length, $half, $fender, $wall, $outer);
    }

    private static function hull(
        Modeller $make,
        float $length,
        float $half,
        float $fender,
        float $wall,
        float $outer,
    ): void {
        $make->on(ZoneKind::HullSides, 'hull');
        $low = $fender + 20.0;
        $make->prism(
            'lower hull',
            [
                [0.0, 0.72 * $fender],
                [0.08 * $length, self::BELLY],
                [0.94 * $length, self::BELLY],
                [$length, 0.7 * $fender],
                [$length, $low],
                [0.05 * $length, $low],
            ],
            -$half,
            $half,
            [
                0 => ZoneKind::Glacis,
                1 => ZoneKind::RunningGear,
                2 => ZoneKind::RearPlate,
                3 => ZoneKind::RearPlate,
                4 => ZoneKind::Interior,
                5 => ZoneKind::Glacis,
            ],
        );
        // The upper body stands over the tracks; its walls are plates, so that one looks into it.
        $nose = 0.3 * $length;
        $make->onBothSides(static function (Modeller $make) use ($length, $nose, $low, $wall, $outer): void {
            $make->on(ZoneKind::HullSides);
            $make->prism(
                'wall',
                [
                    [0.05 * $length, $low],
                    [0.99 * $length, $low],
                    [0.975 * $length, $wall],
                    [$nose, $wall],
                    [0.1 * $length, $low + 90.0],
                ],
                $outer - 40.0,
                $outer - 12.0,
            );
            $make->rivets(
                [$nose + 60.0, $wall - 40.0, $outer - 11.0],
                [0.96 * $length, $wall - 40.0, $outer - 11.0],
                [0.0, 0.0, 1.0],
                130.0,
            );
            $make->rivets(
                [0.12 * $length, $low + 36.0, $outer - 11.0],
                [0.97 * $length, $low + 36.0, $outer - 11.0],
                [0.0, 0.0, 1.0],
                130.0,
            );
            foreach ([0.46, 0.7] as $share) {
                $x = $share * $length;
                $make->rivets(
                    [$x, $low + 60.0, $outer - 11.0],
                    [$x, $wall - 60.0, $outer - 11.0],
                    [0.0, 0.0, 1.0],
                    120.0,
                );
                $make->line(Stroke::Detail, [[$x + 34.0, $low, $outer - 11.0], [$x + 34.0, $wall, $outer - 11.0]]);
            }
            $make->box(
                'vision flap',
                $nose + 120.0,
                $nose + 320.0,
                $wall - 190.0,
                $wall - 100.0,
                $outer - 14.0,
                $outer + 8.0,
            );
            $make->on(ZoneKind::Interior);
            $make->prism(
                'sponson floor',
                [
                    [0.1 * $length, $low],
                    [0.985 * $length, $low],
                    [0.985 * $length, $low + 22.0],
                    [0.1 * $length, $low + 22.0],
                ],
                0.0 + 0.9 * ($outer - 340.0),
                $outer - 40.0,
            );
            $make->on(ZoneKind::HullTop);
            $make->prism(
                'rim',
                [[$nose, $wall], [0.975 * $length, $wall], [0.975 * $length, $wall + 22.0], [$nose, $wall + 22.0]],
                $outer - 52.0,
                $outer - 4.0,
            );
        });
        $make->on(ZoneKind::Glacis);
        $make->prism(
            'glacis',
            [
                [0.05 * $length, $low],
                [0.1 * $length, $low + 90.0],
                [$nose, $wall],
                [$nose + 30.0, $wall],
                [0.1 * $length + 34.0, $low + 80.0],
                [0.08 * $length, $low],
            ],
            -$outer + 40.0,
            $outer - 40.0,
        );
        $rise = ($wall - $low - 90.0) / ($nose - 0.1 * $length);
        foreach ([-0.45, 0.45] as $share) {
            $x = 0.23 * $length;
            $y = $low + 90.0 + $rise * ($x - 0.1 * $length);
            $make->prism(
                'visor',
                [
                    [$x, $y],
                    [$x + 150.0, $y + 150.0 * $rise],
                    [$x + 130.0, $y + 150.0 * $rise + 40.0],
                    [$x - 30.0, $y + 40.0],
                ],
                $share * $outer - 230.0,
                $share * $outer + 230.0,
            );
        }
        $make->rivets(
            [0.11 * $length, $low + 100.0, -$outer + 80.0],
            [0.11 * $length, $low + 100.0, $outer - 80.0],
            [-0.5, 0.86, 0.0],
            150.0,
        );
        $make->on(ZoneKind::RearPlate);
        $make->prism(
            'rear wall',
            [[0.99 * $length, $low], [$length + 10.0, $low], [0.985 * $length, $wall], [0.965 * $length, $wall]],
            -$outer + 40.0,
            $outer - 40.0,
        );
        $make->line(
            Stroke::Detail,
            [[$length + 11.0, $low + 30.0, -0.34 * $half], [0.99 * $length + 8.0, $wall, -0.34 * $half]],
        );
        $make->line(
            Stroke::Detail,
            [[$length + 11.0, $low + 30.0, 0.34 * $half], [0.99 * $length + 8.0, $wall, 0.34 * $half]],
        );
        foreach ([-0.28, 0.28] as $share) {
            $make->box(
                'door hinge',
                $length,
                $length + 30.0,
                $low + 90.0,
                $low + 190.0,
                $share * $half - 60.0,
                $share * $half + 60.0,
            );
        }
        Fittings::pintle($make, $length, 0.72 * $fender, 0.0);
        $make->onBothSides(static function (Modeller $make) use ($length, $half, $low, $fender): void {
            $make->on(ZoneKind::RearPlate);
            Fittings::tailLamp($make, $length, $low + 60.0, 0.8 * $half);
            $make->on(ZoneKind::Glacis);
            Fittings::headlamp($make, 0.08 * $length, $low + 190.0, 0.8 * $half, true);
            Fittings::towHook($make, 0.03 * $length, 0.62 * $fender, 0.55 * $half, true);
        });
        $make->onBothSides(static function (Modeller $make) use ($length, $half, $fender, $outer): void {
            $make->on(ZoneKind::Fenders, 'hull');
            $make->prism('fender', [
                [-0.045 * $length, $fender - 190.0],
                [-0.03 * $length, $fender - 50.0],
                [0.02 * $length, $fender],
                [0.985 * $length, $fender],
                [1.02 * $length, $fender - 60.0],
                [1.03 * $length, $fender - 170.0],
                [1.022 * $length, $fender - 170.0],
                [1.01 * $length, $fender - 70.0],
                [0.98 * $length, $fender - 16.0],
                [0.02 * $length, $fender - 16.0],
                [-0.024 * $length, $fender - 60.0],
                [-0.038 * $length, $fender - 190.0],
            ], $half - 10.0, $outer);
        });
        Fittings::silencer($make, [1.02 * $length, $fender - 60.0, -0.4 * $half], 95.0, 0.7 * $half);
    }

    private static function inside(Modeller $make, float $length, float $half, float $wall): void
    {
        $make->on(ZoneKind::Interior, 'inside');
        $floor = self::BELLY + 620.0;
        foreach ([-0.44, 0.44] as $share) {
            $make->box(
                'seat',
                0.4 * $length,
                0.4 * $length + 420.0,
                $floor,
                $floor + 210.0,
                $share * $half - 210.0,
                $share * $half + 210.0,
            );
            $make->box(
                'seat back',
                0.4 * $length + 360.0,
                0.4 * $length + 440.0,
                $floor + 210.0,
                min($floor + 560.0, $wall - 60.0),
                $share * $half - 210.0,
                $share * $half + 210.0,
            );
        }
        $make->box(
            'engine cover',
            0.55 * $length,
            0.82 * $length,
            $floor - 40.0,
            min($floor + 330.0, $wall - 120.0),
            -0.34 * $half,
            0.34 * $half,
        );
        $make->line(
            Stroke::Detail,
            [
                [0.55 * $length, min($floor + 331.0, $wall - 119.0), 0.0],
                [0.82 * $length, min($floor + 331.0, $wall - 119.0), 0.0],
            ],
        );
        Fittings::louvres(
            $make,
            0.6 * $length,
            0.76 * $length,
            min($floor + 330.0, $wall - 120.0),
            min($floor + 330.0, $wall - 120.0),
            -0.26 * $half,
            0.26 * $half,
        );
        $make->bar(
            'steering column',
            [[0.29 * $length, $floor, 0.44 * $half], [0.36 * $length, $floor + 330.0, 0.44 * $half]],
            20.0,
        );
        $make->lathe(
            'steering wheel',
            [0.36 * $length, $floor + 335.0, 0.44 * $half],
            'y',
            [[0.0, 170.0], [18.0, 190.0], [36.0, 170.0], [18.0, 150.0], [0.0, 170.0]],
            20,
        );
    }

    private static function load(
        Modeller $make,
        Form $form,
        float $length,
        float $half,
        float $fender,
        float $wall,
        float $outer,
    ): void {
        if ($form->has('stowage')) {
            $make->on(ZoneKind::Stowage, 'stowage');
            $make->onBothSides(static function (Modeller $make) use ($length, $wall, $outer): void {
                $make->on(ZoneKind::Stowage, 'stowage');
                Fittings::chest(
                    $make,
                    0.72 * $length,
                    0.93 * $length,
                    $wall - 420.0,
                    $wall - 60.0,
                    $outer - 330.0,
                    $outer - 60.0,
                );
            });
            Fittings::roll($make, 0.955 * $length, $wall + 95.0, 0.0, 92.0, 1.5 * $half);
        }
        if ($form->has('tools')) {
            Fittings::shovel($make, 0.36 * $length, $wall - 330.0, $outer + 20.0, 0.24 * $length);
            Fittings::crowbar($make, 0.34 * $length, $wall - 300.0, -$outer - 14.0, 0.32 * $length);
            Fittings::axe($make, 0.38 * $length, $wall - 230.0, -$outer - 10.0);
        }
    }
}
