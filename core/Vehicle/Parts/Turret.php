<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Parts;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Stroke;

/** Turrets, cupolas and guns; millimetres. A turret looks forwards, and its ring is centred on x and z = 0. */
final class Turret
{
    /**
     * Plates on a lower band of upright ones, under a level roof.
     *
     * @param  float  $half  half of its greatest width
     */
    public static function plated(
        Modeller $make,
        float $x,
        float $y,
        float $half,
        float $front,
        float $rear,
        float $height,
    ): void {
        self::ring($make, $x, $y, 0.97 * $half, 50.0);
        $plan = static fn (float $wide, float $ahead, float $behind): array => [
            [$x - $ahead, -0.46 * $wide],
            [$x - 0.56 * $ahead, -0.92 * $wide],
            [$x + 0.35 * $behind, -$wide],
            [$x + $behind, -0.66 * $wide],
            [$x + $behind, 0.66 * $wide],
            [$x + 0.35 * $behind, $wide],
            [$x - 0.56 * $ahead, 0.92 * $wide],
            [$x - $ahead, 0.46 * $wide],
        ];
        $base = $plan($half, $front, $rear);
        $band = $y + 0.24 * $height;
        $make->loft('turret band', $base, $y, $base, $band);
        $make->loft('turret', $base, $band, $plan(0.77 * $half, 0.74 * $front, 0.86 * $rear), $y + $height);
        $make->onBothSides(static function (Modeller $make) use ($x, $half, $front, $rear, $band, $y): void {
            foreach ([$y + 40.0, $band - 30.0] as $row) {
                $make->rivets(
                    [$x - 0.5 * $front, $row, 0.93 * $half],
                    [$x + 0.33 * $rear, $row, 0.995 * $half],
                    [0.0, 0.0, 1.0],
                    140.0,
                    11.0,
                );
            }
        });
    }

    /** Cast in one piece: round in plan, drawn in towards the roof. */
    public static function cast(
        Modeller $make,
        float $x,
        float $y,
        float $half,
        float $front,
        float $rear,
        float $height,
    ): void {
        self::ring($make, $x, $y, 0.94 * $half, 60.0);
        $sections = [];
        foreach ([
            [0.0, 0.93],
            [0.1, 0.985],
            [0.3, 1.0],
            [0.55, 0.95],
            [0.78, 0.86],
            [0.92, 0.74],
            [1.0, 0.6],
        ] as [$share, $size]) {
            $section = [];
            for ($step = 0; $step < 32; $step++) {
                $angle = (2.0 * M_PI * $step) / 32;
                [$c, $s] = [cos($angle), sin($angle)];
                // A superellipse: fuller than an oval, with a bustle behind.
                $along = ($c < 0.0 ? -$front : $rear) * abs($c) ** 0.8;
                $aside = ($s < 0.0 ? -$half : $half) * abs($s) ** 0.8;
                $section[] = [$x + $size * $along, $y + $share * $height, $size * $aside];
            }
            $sections[] = $section;
        }
        $make->skin('turret', $sections, true);
        $make->line(
            Stroke::Weld,
            [
                [$x - 0.55 * $front, $y + $height + 1.0, -0.3 * $half],
                [$x - 0.55 * $front, $y + $height + 1.0, 0.3 * $half],
            ],
        );
    }

    /** A cupola with periscopes all round and a lid. */
    public static function cupola(Modeller $make, float $x, float $y, float $z, float $radius, float $height): void
    {
        $make->lathe(
            'cupola',
            [$x, $y, $z],
            'y',
            [[-30.0, 0.0], [-30.0, 1.1 * $radius], [14.0, 1.1 * $radius], [22.0, $radius], [
                0.72 * $height,
                0.96 * $radius,
            ],
                [$height, 0.8 * $radius], [$height, 0.0]],
            28,
        );
        for ($glass = 0; $glass < 6; $glass++) {
            $angle = (2.0 * M_PI * $glass) / 6 + M_PI / 6.0;
            [$c, $s] = [cos($angle), sin($angle)];
            $middle = [$x + 0.97 * $radius * $c, $z + 0.97 * $radius * $s];
            $corner = static fn (float $out, float $aside): array => [
                $middle[0] + $out * $c - $aside * $s,
                $middle[1] + $out * $s + $aside * $c,
            ];
            $make->upright(
                'cupola hood',
                [$corner(-30.0, -74.0), $corner(40.0, -66.0), $corner(40.0, 66.0), $corner(-30.0, 74.0)],
                $y + 0.3 * $height,
                $y + 0.82 * $height,
            );
            $make->on(ZoneKind::Glass);
            $make->upright(
                'cupola glass',
                [$corner(36.0, -46.0), $corner(44.0, -46.0), $corner(44.0, 46.0), $corner(36.0, 46.0)],
                $y + 0.42 * $height,
                $y + 0.72 * $height,
            );
            $make->on(ZoneKind::Turret);
        }
        Fittings::roundHatch($make, $x, $y + $height + 12.0, $z, 0.7 * $radius);
    }

    /** A mantlet that narrows towards the gun. */
    public static function mantlet(Modeller $make, float $x, float $y, float $wide, float $high, float $deep): void
    {
        $make->on(ZoneKind::Turret, 'turret');
        $section = static fn (float $at, float $share): array => [
            [$at, $y - $share * $high, -0.8 * $share * $wide],
            [$at, $y - 0.6 * $share * $high, -$share * $wide],
            [$at, $y + 0.6 * $share * $high, -$share * $wide],
            [$at, $y + $share * $high, -0.8 * $share * $wide],
            [$at, $y + $share * $high, 0.8 * $share * $wide],
            [$at, $y + 0.6 * $share * $high, $share * $wide],
            [$at, $y - 0.6 * $share * $high, $share * $wide],
            [$at, $y - $share * $high, 0.8 * $share * $wide],
        ];
        $make->skin('mantlet', [$section($x, 1.0), $section($x - 0.45 * $deep, 0.94), $section($x - $deep, 0.6)]);
        $make->bolts([$x - 0.97 * $deep, $y, 0.0], 'x', [-1.0, 0.0, 0.0], 0.48 * $high, 8, 11.0);
    }

    /**
     * A gun tube, its muzzle in front: thick at the root, with an evacuator and either a collar or a brake in front.
     *
     * @param  float  $calibre  the thickness of the tube behind the muzzle
     */
    public static function gun(
        Modeller $make,
        float $root,
        float $y,
        float $length,
        float $calibre,
        bool $hasBrake,
    ): void {
        $make->on(ZoneKind::Barrel, 'turret');
        $tube = $calibre / 2.0;
        $at = static fn (float $share): float => -$length * $share;
        $profile = [
            [60.0, 0.0],
            [60.0, 1.7 * $tube],
            [$at(0.07), 1.62 * $tube],
            [$at(0.1), 1.46 * $tube],
            [$at(0.46), 1.18 * $tube],
            [$at(0.5), 1.18 * $tube],
            [$at(0.502), 1.66 * $tube],
            [$at(0.52), 1.73 * $tube],
            [$at(0.64), 1.73 * $tube],
            [$at(0.66), 1.6 * $tube],
            [$at(0.662), 1.08 * $tube],
        ];
        if ($hasBrake) {
            array_push(
                $profile,
                [$at(1.0) + 430.0, $tube],
                [$at(1.0) + 425.0, 1.3 * $tube],
                [$at(1.0) + 330.0, 1.75 * $tube],
                [$at(1.0) + 250.0, 1.75 * $tube],
                [$at(1.0) + 248.0, 1.15 * $tube],
                [$at(1.0) + 190.0, 1.15 * $tube],
                [$at(1.0) + 186.0, 1.7 * $tube],
                [$at(1.0) + 70.0, 1.62 * $tube],
                [$at(1.0), 1.3 * $tube],
            );
        } else {
            array_push(
                $profile,
                [$at(1.0) + 150.0, $tube],
                [$at(1.0) + 148.0, 1.5 * $tube],
                [$at(1.0) + 10.0, 1.6 * $tube],
                [$at(1.0), 1.5 * $tube],
            );
        }
        array_push($profile, [$at(1.0), 0.72 * $tube], [$at(1.0) + 180.0, 0.7 * $tube], [$at(1.0) + 180.0, 0.0]);
        $make->lathe('gun', [$root, $y, 0.0], 'x', $profile, 22);
    }

    /** The ring that it turns on, half sunk into the roof below; what follows is on the turret too. */
    private static function ring(Modeller $make, float $x, float $y, float $radius, float $high): void
    {
        $make->on(ZoneKind::Turret, 'turret');
        $make->lathe(
            'turret ring',
            [$x, $y - 40.0, 0.0],
            'y',
            [[0.0, 0.0], [0.0, $radius], [$high, $radius], [$high, 0.0]],
            36,
        );
    }
}
