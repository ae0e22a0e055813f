<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Design;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parameter;
use Ulvrach\Vehicle\Parts\Fittings;
use Ulvrach\Vehicle\Parts\Turret;
use Ulvrach\Vehicle\Parts\Wheels;
use Ulvrach\Vehicle\Stroke;

/** A gun on a carriage with two wheels and two trail legs, behind a shield. */
final class WheeledGun implements Design
{
    public static function parameters(): array
    {
        return [
            Parameter::length('barrel-length', 'length of the gun', 1400, 2900, 4400),
            Parameter::length('trail-length', 'length of the trail', 1800, 2700, 3600),
            Parameter::length('track', 'width over the wheels', 1400, 1750, 2200),
            Parameter::length('wheel', 'diameter of a wheel', 640, 880, 1150),
            Parameter::length('shield-height', 'height of the shield', 1000, 1380, 1700),
            Parameter::option('shield', 'a shield', true),
            Parameter::option('muzzle-brake', 'a muzzle brake', true),
            Parameter::option('tools', 'tools on the trail', true),
        ];
    }

    public static function build(Modeller $modeller, Form $form): void
    {
        $barrel = $form->length('barrel-length');
        $trail = $form->length('trail-length');
        $half = $form->length('track') / 2.0;
        $radius = $form->length('wheel') / 2.0;
        // The axle lies where the gun balances; x counts from there.
        $bore = $radius + 430.0;
        self::carriage($modeller, $trail, $half, $radius, $bore);
        self::cradle($modeller, $barrel, $bore);
        if ($form->has('shield')) {
            self::shield($modeller, $half, max($form->length('shield-height'), $bore + 260.0), $radius, $bore);
        }
        Turret::gun($modeller, -330.0, $bore, $barrel, 96.0, $form->has('muzzle-brake'));
        if ($form->has('tools')) {
            Fittings::shovel($modeller, 700.0, $radius + 90.0, 0.24 * $half + 330.0 * 0.3, 0.32 * $trail);
        }
    }

    private static function carriage(Modeller $make, float $trail, float $half, float $radius, float $bore): void
    {
        $make->on(ZoneKind::Chassis, 'carriage');
        $make->lathe(
            'axle',
            [0.0, $radius, 0.0],
            'z',
            [[-$half + 200.0, 0.0], [-$half + 200.0, 75.0], [$half - 200.0, 75.0], [$half - 200.0, 0.0]],
            16,
        );
        $make->prism(
            'saddle',
            [
                [-260.0, $radius - 80.0],
                [330.0, $radius - 80.0],
                [330.0, $radius + 110.0],
                [150.0, $bore - 150.0],
                [-150.0, $bore - 150.0],
                [-260.0, $radius + 110.0],
            ],
            -0.26 * $half,
            0.26 * $half,
        );
        $make->rivets(
            [-220.0, $radius + 10.0, 0.26 * $half + 1.0],
            [300.0, $radius + 10.0, 0.26 * $half + 1.0],
            [0.0, 0.0, 1.0],
            110.0,
            12.0,
        );
        $make->onBothSides(static function (Modeller $make) use ($trail, $half, $radius, $bore): void {
            $make->on(ZoneKind::Wheels, 'wheels');
            Wheels::tyred($make, [0.0, $radius, $half - 105.0], $radius, 210.0, false);
            $make->on(ZoneKind::Chassis, 'carriage');
            $end = 240.0 + $trail;
            $make->skin('trail leg', [
                self::square(240.0, $radius, 0.28 * $half, 95.0),
                self::square(240.0 + 0.55 * $trail, $radius - 60.0, 0.42 * $half, 85.0),
                self::square($end, 150.0, 0.56 * $half, 65.0),
            ]);
            $make->rivets(
                [300.0, $radius + 20.0, 0.28 * $half + 98.0],
                [200.0 + 0.5 * $trail, $radius - 40.0, 0.42 * $half + 84.0],
                [0.0, 0.0, 1.0],
                150.0,
                11.0,
            );
            $make->prism(
                'spade',
                [[$end - 30.0, 220.0], [$end + 30.0, 220.0], [$end + 90.0, 0.0], [$end + 60.0, 0.0]],
                0.56 * $half - 190.0,
                0.56 * $half + 190.0,
            );
            $make->bar(
                'lifting handle',
                [
                    [$end - 420.0, 260.0, 0.53 * $half + 60.0],
                    [$end - 420.0, 300.0, 0.53 * $half + 160.0],
                    [$end - 160.0, 260.0, 0.55 * $half + 160.0],
                    [$end - 160.0, 220.0, 0.55 * $half + 60.0],
                ],
                17.0,
            );
            $make->bar('trunnion bracket', [[0.0, $bore - 170.0, 0.2 * $half], [0.0, $bore, 0.2 * $half]], 70.0, 8);
            $make->lathe(
                'trunnion',
                [0.0, $bore, 0.2 * $half],
                'z',
                [[-40.0, 0.0], [-40.0, 80.0], [60.0, 80.0], [70.0, 50.0], [70.0, 0.0]],
                18,
            );
        });
        $make->lathe(
            'hand wheel',
            [260.0, $bore - 110.0, 0.42 * $half],
            'z',
            [[0.0, 120.0], [14.0, 138.0], [28.0, 120.0], [14.0, 102.0], [0.0, 120.0]],
            20,
        );
        $make->bar(
            'hand wheel spoke',
            [[260.0, $bore - 225.0, 0.42 * $half + 14.0], [260.0, $bore + 5.0, 0.42 * $half + 14.0]],
            13.0,
        );
        $make->bar(
            'hand wheel spoke',
            [[145.0, $bore - 110.0, 0.42 * $half + 14.0], [375.0, $bore - 110.0, 0.42 * $half + 14.0]],
            13.0,
        );
        $make->box('sight', 60.0, 180.0, $bore + 60.0, $bore + 300.0, 0.3 * $half - 50.0, 0.3 * $half + 50.0);
        Fittings::pintle($make, 200.0 + $trail, 160.0, 0.56 * $half);
    }

    private static function cradle(Modeller $make, float $barrel, float $bore): void
    {
        $make->on(ZoneKind::Barrel, 'gun');
        $make->box('breech', -40.0, 430.0, $bore - 150.0, $bore + 150.0, -140.0, 140.0);
        $make->box('breech block', 250.0, 350.0, $bore + 120.0, $bore + 190.0, -90.0, 90.0);
        $make->line(Stroke::Detail, [[250.0, $bore - 150.0, 141.0], [250.0, $bore + 150.0, 141.0]]);
        $make->prism(
            'cradle',
            [
                [-0.42 * $barrel, $bore - 190.0],
                [260.0, $bore - 230.0],
                [260.0, $bore - 120.0],
                [-0.42 * $barrel, $bore - 80.0],
            ],
            -120.0,
            120.0,
        );
        $make->lathe(
            'recuperator',
            [-0.2 * $barrel, $bore + 150.0, 0.0],
            'x',
            [
                [-0.2 * $barrel, 0.0],
                [-0.2 * $barrel, 74.0],
                [0.2 * $barrel + 100.0, 74.0],
                [0.2 * $barrel + 120.0, 50.0],
                [0.2 * $barrel + 120.0, 0.0],
            ],
            18,
        );
        foreach ([-0.34, -0.14] as $share) {
            $make->box(
                'recuperator band',
                $share * $barrel - 30.0,
                $share * $barrel + 30.0,
                $bore - 120.0,
                $bore + 234.0,
                -92.0,
                92.0,
            );
        }
    }

    private static function shield(Modeller $make, float $half, float $top, float $radius, float $bore): void
    {
        $make->on(ZoneKind::HullSides, 'shield');
        $make->onBothSides(static function (Modeller $make) use ($half, $top, $radius, $bore): void {
            // The plates lean back; each side stands beside the gun, which keeps its slot.
            $low = $radius - 60.0;
            $lean = static fn (float $y): float => -330.0 + 0.22 * ($y - $low);
            $inner = 150.0;
            $outer = 0.96 * $half - 215.0;
            $plate = static fn (float $y, float $z0, float $z1): array => [
                [$lean($y), $y, $z0], [$lean($y), $y, $z1], [$lean($y) + 14.0, $y, $z1], [$lean($y) + 14.0, $y, $z0],
            ];
            $make->skin(
                'shield',
                [
                    $plate($low, $inner, $outer),
                    $plate($top - 190.0, $inner, $outer),
                    $plate($top, $inner, $outer - 150.0),
                ],
            );
            $make->skin(
                'shield wing',
                [
                    $plate(2.0 * $radius + 40.0, $outer, $half + 40.0),
                    $plate($top - 190.0, $outer, $half - 30.0),
                    $plate($top, $outer - 150.0, $outer),
                ],
            );
            $make->skin('shield top', [$plate($bore + 250.0, 0.0, $inner), $plate($top, 0.0, $inner)]);
            foreach ([$low + 50.0, $top - 230.0] as $y) {
                $make->rivets(
                    [$lean($y) - 1.0, $y, $inner + 40.0],
                    [$lean($y) - 1.0, $y, $outer - 30.0],
                    [-1.0, 0.0, 0.0],
                    130.0,
                    12.0,
                );
            }
            $make->rivets(
                [$lean($low) - 1.0, $low + 100.0, $outer - 40.0],
                [$lean($top - 260.0) - 1.0, $top - 260.0, $outer - 40.0],
                [-1.0, 0.0, 0.0],
                130.0,
                12.0,
            );
            $make->bar(
                'shield stay',
                [[$lean($top - 300.0), $top - 300.0, 0.5 * $half], [200.0, $radius + 60.0, 0.26 * $half]],
                20.0,
            );
        });
    }

    /** @return list<array{float, float, float}> a square upright section */
    private static function square(float $x, float $y, float $z, float $half): array
    {
        return [
            [$x, $y - $half, $z - $half],
            [$x, $y + $half, $z - $half],
            [$x, $y + $half, $z + $half],
            [$x, $y - $half, $z + $half],
        ];
    }
}
