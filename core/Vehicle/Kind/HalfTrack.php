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
use Ulvrach\Vehicle\Parts\Wagon;
use Ulvrach\Vehicle\Stroke;

/** A half-track: wheels in front, rubber tracks behind, an armoured body open above. */
final class HalfTrack implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('length', 'length without bumper', 5200, 5900, 6800),
            Parameter::length('width', 'width of the body', 1750, 1960, 2200),
            Parameter::length('wall-height', 'height of the walls', 1750, 1840, 2150),
            Parameter::length('wheel', 'diameter of a front wheel', 780, 900, 1020),
            Parameter::pieces('road-wheels', 'road wheels on a side', 3, 4, 5),
            Parameter::length('track-width', 'width of a track', 250, 310, 400),
            Parameter::option('stowage', 'packs behind and beside', true),
            Parameter::option('tools', 'tools beside the bonnet', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        $length = $form->length('length');
        $half = $form->length('width') / 2.0;
        $wall = $form->length('wall-height');
        $radius = $form->length('wheel') / 2.0;
        Wagon::frame($modeller, -20.0, $length - 60.0, 640.0, 0.38 * $half, 760.0);
        Wagon::axle($modeller, 760.0, $radius, 220.0, $half - 20.0, false, true);
        $modeller->onBothSides(static function (Modeller $make) use ($form, $length, $half): void {
            $count = $form->pieces('road-wheels');
            [$first, $last] = [0.56 * $length, 0.85 * $length];
            $wheel = min(330.0, ($last - $first) / ($count - 1) / 1.06);
            $wheels = [];
            for ($place = 0; $place < $count; $place++) {
                $wheels[] = $first + $place * ($last - $first) / ($count - 1);
            }
            $width = $form->length('track-width');
            (new Track(
                $wheels,
                $wheel / 2.0,
                [0.49 * $length, 500.0],
                235.0,
                [0.93 * $length, 430.0],
                200.0,
                [0.7 * $length],
                $half - 20.0 - $width,
                $width,
                true,
                62.0,
            ))->build($make);
        });
        self::body($modeller, $length, $half, $wall);
        self::front($modeller, $half, $radius);
        self::load($modeller, $form, $length, $half, $wall);
    }

    private static function body(Modeller $make, float $length, float $half, float $wall): void
    {
        $x0 = 1780.0;
        $low = 860.0;
        $cab = 2700.0;
        $make->on(ZoneKind::LoadBed, 'body');
        $make->box('floor', $x0 + 40.0, $length - 40.0, $low, $low + 40.0, -$half + 20.0, $half - 20.0);
        $make->onBothSides(static function (Modeller $make) use ($x0, $low, $cab, $length, $half, $wall): void {
            $make->on(ZoneKind::Cab, 'body');
            $make->prism(
                'cab wall',
                [[$x0, $low], [$cab, $low], [$cab, $wall + 20.0], [$x0 + 260.0, $wall + 20.0], [$x0, 1440.0]],
                $half - 22.0,
                $half,
            );
            $make->line(
                Stroke::Detail,
                [
                    [$x0 + 300.0, $low + 60.0, $half + 1.0],
                    [$x0 + 300.0, 1560.0, $half + 1.0],
                    [$cab - 80.0, 1560.0, $half + 1.0],
                    [$cab - 80.0, $low + 60.0, $half + 1.0],
                    [$x0 + 300.0, $low + 60.0, $half + 1.0],
                ],
            );
            $make->box('door flap', $x0 + 330.0, $cab - 110.0, 1620.0, $wall - 30.0, $half - 2.0, $half + 14.0);
            $make->line(
                Stroke::Slot,
                [[$x0 + 440.0, $wall - 130.0, $half + 15.0], [$x0 + 640.0, $wall - 130.0, $half + 15.0]],
            );
            $make->on(ZoneKind::HullSides);
            $make->prism(
                'side wall',
                [[$cab, $low], [$length, $low], [$length, $wall - 60.0], [$cab + 60.0, $wall], [$cab, $wall + 20.0]],
                $half - 22.0,
                $half,
            );
            foreach ([$wall - 110.0, $low + 50.0] as $y) {
                $make->rivets(
                    [$cab + 40.0, $y, $half + 1.0],
                    [$length - 40.0, $y, $half + 1.0],
                    [0.0, 0.0, 1.0],
                    130.0,
                );
            }
            foreach ([0.34, 0.67] as $share) {
                $x = $cab + $share * ($length - $cab);
                $make->rivets([$x, $low + 80.0, $half + 1.0], [$x, $wall - 140.0, $half + 1.0], [0.0, 0.0, 1.0], 120.0);
                $make->line(Stroke::Detail, [[$x + 30.0, $low, $half + 1.0], [$x + 30.0, $wall - 30.0, $half + 1.0]]);
            }
            $make->on(ZoneKind::LoadBed);
            $make->box('bench', $cab + 160.0, $length - 160.0, $low + 380.0, $low + 420.0, $half - 420.0, $half - 40.0);
            $make->box(
                'bench back',
                $cab + 160.0,
                $length - 160.0,
                $low + 420.0,
                $low + 760.0,
                $half - 70.0,
                $half - 40.0,
            );
            $make->on(ZoneKind::Fenders);
            $make->prism(
                'track guard',
                [
                    [0.44 * $length, 800.0],
                    [0.97 * $length, 800.0],
                    [1.0 * $length, 700.0],
                    [0.99 * $length, 690.0],
                    [0.96 * $length, 780.0],
                    [0.44 * $length, 780.0],
                ],
                $half - 340.0,
                $half + 4.0,
            );
        });
        $make->on(ZoneKind::HullSides);
        $make->box('rear wall', $length - 22.0, $length, $low, $wall - 60.0, -$half + 22.0, $half - 22.0);
        $make->line(
            Stroke::Detail,
            [[$length + 1.0, $low + 40.0, -0.34 * $half], [$length + 1.0, $wall - 60.0, -0.34 * $half]],
        );
        $make->line(
            Stroke::Detail,
            [[$length + 1.0, $low + 40.0, 0.34 * $half], [$length + 1.0, $wall - 60.0, 0.34 * $half]],
        );
        $make->box('door latch', $length, $length + 34.0, $low + 460.0, $low + 520.0, 0.2 * $half, 0.34 * $half);
        $make->on(ZoneKind::Cab);
        $make->prism(
            'screen plate',
            [[$x0, 1440.0], [$x0 + 260.0, $wall + 20.0], [$x0 + 284.0, $wall + 20.0], [$x0 + 24.0, 1440.0]],
            -$half + 22.0,
            $half - 22.0,
        );
        foreach ([-0.46, 0.46] as $share) {
            $rise = ($wall - 1420.0) / 260.0;
            $make->prism(
                'screen flap',
                [
                    [$x0 + 90.0, 1440.0 + 90.0 * $rise],
                    [$x0 + 200.0, 1440.0 + 200.0 * $rise],
                    [$x0 + 184.0, 1440.0 + 200.0 * $rise + 16.0],
                    [$x0 + 74.0, 1440.0 + 90.0 * $rise + 16.0],
                ],
                $share * $half - 280.0,
                $share * $half + 280.0,
            );
        }
        $make->box('dash', $x0 + 120.0, $x0 + 300.0, 1380.0, 1460.0, -$half + 30.0, $half - 30.0);
        foreach ([-0.46, 0.46] as $share) {
            $make->box(
                'seat',
                $cab - 520.0,
                $cab - 90.0,
                $low + 40.0,
                $low + 380.0,
                $share * $half - 230.0,
                $share * $half + 230.0,
            );
            $make->box(
                'seat back',
                $cab - 130.0,
                $cab - 50.0,
                $low + 380.0,
                $low + 820.0,
                $share * $half - 230.0,
                $share * $half + 230.0,
            );
        }
    }

    private static function front(Modeller $make, float $half, float $radius): void
    {
        Wagon::bonnet($make, 160.0, 1790.0, 830.0, 1320.0, 1460.0, 0.4 * $half, 0.62 * $half, ZoneKind::EngineDeck);
        $make->on(ZoneKind::Chassis, 'chassis');
        $make->lathe(
            'winch',
            [-70.0, 720.0, 0.0],
            'z',
            [
                [-360.0, 0.0],
                [-360.0, 130.0],
                [-330.0, 130.0],
                [-330.0, 90.0],
                [330.0, 90.0],
                [330.0, 130.0],
                [360.0, 130.0],
                [360.0, 0.0],
            ],
            18,
        );
        $make->box('bumper', -230.0, -180.0, 600.0, 760.0, -0.8 * $half, 0.8 * $half);
        $make->onBothSides(static function (Modeller $make) use ($half, $radius): void {
            Fittings::towHook($make, -230.0, 690.0, 0.5 * $half, true);
            Wagon::wing($make, 760.0, $radius, $radius + 120.0, 14.0, 172.0, 0.5 * $half, $half + 4.0);
            $make->on(ZoneKind::Fenders);
            $make->prism(
                'running board',
                [[1290.0, 560.0], [2600.0, 560.0], [2600.0, 590.0], [1290.0, 590.0]],
                0.62 * $half,
                $half,
            );
            $make->on(ZoneKind::EngineDeck);
            Fittings::headlamp($make, 330.0, 1240.0, 0.7 * $half, true);
        });
    }

    private static function load(Modeller $make, Form $form, float $length, float $half, float $wall): void
    {
        $make->on(ZoneKind::Chassis, 'chassis');
        Fittings::pintle($make, $length - 40.0, 720.0, 0.0);
        $make->onBothSides(static function (Modeller $make) use ($length, $half): void {
            $make->on(ZoneKind::HullSides);
            Fittings::tailLamp($make, $length, 960.0, 0.8 * $half);
        });
        $make->on(ZoneKind::Exhaust, 'exhaust');
        $make->lathe(
            'silencer',
            [2250.0, 500.0, -0.62 * $half],
            'x',
            [[-330.0, 0.0], [-310.0, 90.0], [310.0, 90.0], [330.0, 0.0]],
            18,
        );
        if ($form->has('stowage')) {
            $make->on(ZoneKind::Stowage, 'stowage');
            $make->onBothSides(static function (Modeller $make) use ($length, $half): void {
                $make->on(ZoneKind::Stowage, 'stowage');
                Fittings::chest($make, $length + 6.0, $length + 280.0, 880.0, 1240.0, 0.4 * $half, 0.92 * $half);
            });
            Fittings::roll($make, $length + 110.0, 1345.0, 0.0, 96.0, 1.5 * $half);
            Fittings::roll($make, $length - 180.0, $wall + 40.0, 0.0, 84.0, 1.7 * $half);
        }
        if ($form->has('tools')) {
            Fittings::shovel($make, 1420.0, 596.0, $half - 130.0, 900.0);
            Fittings::axe($make, 1450.0, 596.0, -$half + 150.0);
            Fittings::jackBlock($make, 2290.0, 596.0, -$half + 160.0);
        }
    }
}
