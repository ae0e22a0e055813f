<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parts\Fittings;
use Ulvrach\Vehicle\Parts\Track;
use Ulvrach\Vehicle\Parts\Turret;
use Ulvrach\Vehicle\Stroke;

/** What light and medium tanks have in common: a hull between tracks, fenders, a turret with a gun. */
final readonly class Tank
{
    private const BELLY = 420.0;

    /** How far the nose lies above the ground. */
    private const NOSE = 900.0;

    private float $length;

    private float $half;

    private float $deck;

    private float $fender;

    private float $trackInner;

    private float $trackWidth;

    private float $wheelRadius;

    public function __construct(private Modeller $make, private Form $form, private bool $isMedium)
    {
        $this->length = $form->length('hull-length');
        $this->half = $form->length('hull-width') / 2.0;
        $this->deck = $form->length('deck-height');
        $this->trackWidth = $form->length('track-width');
        $this->trackInner = $this->half + 30.0;
        // Neighbours may nearly touch, never overlap.
        $most = (0.63 * $this->length) / ($form->pieces('road-wheels') - 1) / 1.04;
        $this->wheelRadius = min($form->length('road-wheel'), $most, 2.0 * (self::NOSE - 270.0)) / 2.0;
        $this->fender = max(1075.0, 2.0 * $this->wheelRadius + 84.0 + 310.0);
    }

    public function build(): void
    {
        $this->hull();
        $this->nose();
        $this->engineDeck();
        $this->stern();
        $this->make->onBothSides(fn (Modeller $make) => $this->gear()->build($make));
        $this->make->onBothSides(fn () => $this->fender());
        $this->make->onBothSides(fn () => $this->side());
        $this->load();
        $this->turret();
    }

    private function gear(): Track
    {
        $wheels = [];
        $count = $this->form->pieces('road-wheels');
        [$first, $last] = [0.185 * $this->length, 0.815 * $this->length];
        for ($wheel = 0; $wheel < $count; $wheel++) {
            $wheels[] = $first + ($wheel / ($count - 1)) * ($last - $first);
        }
        $rollers = [];
        $carried = $this->fender - 2.0 * $this->wheelRadius > 380.0 ? $this->form->pieces('return-rollers') : 0;
        for ($roller = 0; $roller < $carried; $roller++) {
            $rollers[] = (0.22 + ($carried === 1 ? 0.28 : (0.56 * $roller) / ($carried - 1))) * $this->length;
        }
        $sprocket = min(262.0, 0.3 * $this->wheelRadius + 180.0);
        $axle = $this->fender - 95.0 - $sprocket;

        return new Track(
            wheels: $wheels,
            wheelRadius: $this->wheelRadius,
            sprocket: [0.055 * $this->length, $axle],
            sprocketRadius: $sprocket,
            idler: [0.945 * $this->length, $axle - 55.0],
            idlerRadius: 0.95 * $sprocket,
            rollers: $rollers,
            inner: $this->trackInner,
            width: $this->trackWidth,
        );
    }

    private function hull(): void
    {
        $length = $this->length;
        $deck = $this->deck;
        $glacis = $this->glacisEnd();
        $this->make->on(ZoneKind::HullSides, 'hull');
        $this->make->prism(
            'hull',
            [
                [0.0, self::NOSE],
                [0.085 * $length, self::BELLY],
                [0.955 * $length, self::BELLY],
                [$length, 0.58 * $deck],
                [0.98 * $length, $deck - 60.0],
                [0.72 * $length, $deck],
                [$glacis, $deck],
            ],
            -$this->half,
            $this->half,
            [
                0 => ZoneKind::Glacis,
                1 => ZoneKind::RunningGear,
                2 => ZoneKind::RearPlate,
                3 => ZoneKind::RearPlate,
                4 => ZoneKind::EngineDeck,
                5 => ZoneKind::HullTop,
                6 => ZoneKind::Glacis,
            ],
        );
    }

    /** Where the glacis reaches the deck: it leans back sixty degrees. */
    private function glacisEnd(): float
    {
        return min(0.26 * $this->length, ($this->deck - self::NOSE) * 1.732);
    }

    /**
     * A place on the glacis.
     *
     * @return array{float, float} x and y
     */
    private function onGlacis(float $share): array
    {
        return [$share * $this->glacisEnd(), self::NOSE + $share * ($this->deck - self::NOSE)];
    }

    /** @return array{float, float} along the glacis, of length 1 */
    private function slope(): array
    {
        $run = $this->glacisEnd();
        $rise = $this->deck - self::NOSE;
        $length = hypot($run, $rise);

        return [$run / $length, $rise / $length];
    }

    private function nose(): void
    {
        $make = $this->make;
        $half = $this->half;
        $slope = $this->slope();
        $out = [-$slope[1], $slope[0], 0.0];
        $make->on(ZoneKind::Glacis, 'hull');
        [$x, $y] = $this->onGlacis(0.06);
        $make->rivets([$x, $y, -$half + 60.0], [$x, $y, $half - 60.0], $out, 130.0, 12.0);
        [$x, $y] = $this->onGlacis(0.96);
        $make->rivets([$x, $y, -$half + 60.0], [$x, $y, $half - 60.0], $out, 150.0, 11.0);
        foreach ([-$half + 50.0, $half - 50.0] as $z) {
            [$lowX, $lowY] = $this->onGlacis(0.12);
            [$highX, $highY] = $this->onGlacis(0.92);
            $make->rivets([$lowX, $lowY, $z], [$highX, $highY, $z], $out, 150.0, 11.0);
        }
        // A splash board: without it the plate looks unfinished.
        foreach ([-1.0, 1.0] as $side) {
            [$lowX, $lowY] = $this->onGlacis(0.56);
            [$highX, $highY] = $this->onGlacis(0.8);
            $make->bar(
                'splash board',
                [[$highX, $highY + 20.0, 30.0 * $side], [$lowX, $lowY + 20.0, 0.62 * $half * $side]],
                24.0,
                4,
            );
        }
        $this->driver($slope);
        $make->onBothSides(function (Modeller $make) use ($half): void {
            $make->on(ZoneKind::Glacis, 'hull');
            [$x, $y] = $this->onGlacis(0.28);
            Fittings::headlamp($make, $x - 10.0, $y + 150.0, $half - 190.0, true);
            Fittings::towHook($make, 0.02 * $this->length, self::NOSE - 150.0, 0.6 * $half, true);
        });
        if ($this->form->has('spare-links')) {
            Fittings::spareLinks($make, [...$this->onGlacis(0.2), 0.0], $slope, 4);
        }
        $make->on(ZoneKind::Glacis, 'hull');
        $make->line(Stroke::Weld, [[-2.0, self::NOSE, -$half], [-2.0, self::NOSE, $half]]);
        $lower = 0.5 * 0.085 * $this->length;
        $make->box('number plate', $lower - 62.0, $lower - 36.0, 700.0, 810.0, -250.0, 250.0);
    }

    /** @param  array{float, float}  $slope */
    private function driver(array $slope): void
    {
        $make = $this->make;
        $x = $this->glacisEnd();
        $z = 0.42 * $this->half;
        $make->on(ZoneKind::HullTop, 'hull');
        Fittings::roundHatch($make, $x + 290.0, $this->deck + 4.0, $z, 225.0);
        Fittings::periscope($make, $x + 40.0, $this->deck, $z);
        Fittings::periscope($make, $x + 60.0, $this->deck, $z - 240.0);
        if (! $this->isMedium) {
            return;
        }
        Fittings::roundHatch($make, $x + 290.0, $this->deck + 4.0, -$z, 225.0);
        Fittings::periscope($make, $x + 40.0, $this->deck, -$z);
        $make->on(ZoneKind::Glacis);
        [$ballX, $ballY] = $this->onGlacis(0.66);
        $make->lathe(
            'gun ball',
            [$ballX - 20.0, $ballY - 10.0, -$z],
            'x',
            [[-120.0, 0.0], [-110.0, 70.0], [-40.0, 130.0], [60.0, 150.0], [60.0, 0.0]],
            20,
        );
        $make->bar('hull gun', [[$ballX - 110.0, $ballY, -$z], [$ballX - 430.0, $ballY + 10.0, -$z]], 20.0, 8);
    }

    private function engineDeck(): void
    {
        $make = $this->make;
        $make->on(ZoneKind::EngineDeck, 'hull');
        $fall = 60.0 / (0.26 * $this->length);
        [$x0, $x1] = [0.735 * $this->length, 0.735 * $this->length + 430.0];
        $y = fn (float $x): float => $this->deck - $fall * ($x - 0.72 * $this->length);
        foreach ([[-0.72, -0.08], [0.08, 0.72]] as [$from, $to]) {
            Fittings::louvres($make, $x0, $x1, $y($x0), $y($x1), $from * $this->half, $to * $this->half);
        }
        foreach ([-1.0, 1.0] as $side) {
            Fittings::cap($make, 0.7 * $this->length, $this->deck + 2.0, 0.8 * $this->half * $side);
            foreach ([0.865, 0.94] as $share) {
                $x = $share * $this->length;
                $make->box(
                    'deck hinge',
                    $x - 40.0,
                    $x + 40.0,
                    $y($x) - 4.0,
                    $y($x) + 30.0,
                    0.45 * $this->half * $side - 26.0,
                    0.45 * $this->half * $side + 26.0,
                );
            }
        }
        foreach ([0.722, 0.85] as $share) {
            $x = $share * $this->length;
            $make->line(Stroke::Detail, [[$x, $y($x) + 1.0, -$this->half], [$x, $y($x) + 1.0, $this->half]]);
        }
        $end = 0.975 * $this->length;
        $make->line(
            Stroke::Detail,
            [[0.85 * $this->length, $y(0.85 * $this->length) + 1.0, 0.0], [$end, $y($end) + 1.0, 0.0]],
        );
        $make->rivets(
            [$end, $y($end), -$this->half + 50.0],
            [$end, $y($end), $this->half - 50.0],
            [0.0, 1.0, 0.0],
            140.0,
        );
        $make->on(ZoneKind::HullTop);
        foreach ([-1.0, 1.0] as $side) {
            $make->rivets(
                [$this->glacisEnd() + 60.0, $this->deck, ($this->half - 45.0) * $side],
                [0.71 * $this->length, $this->deck, ($this->half - 45.0) * $side],
                [0.0, 1.0, 0.0],
                150.0,
            );
        }
    }

    private function stern(): void
    {
        $make = $this->make;
        $length = $this->length;
        $make->on(ZoneKind::RearPlate, 'hull');
        Fittings::pintle($make, 0.985 * $length, 0.5 * $this->deck, 0.0);
        $make->onBothSides(function (Modeller $make) use ($length): void {
            Fittings::towHook($make, 0.985 * $length, 0.52 * $this->deck, 0.62 * $this->half, false);
            Fittings::tailLamp($make, 0.985 * $length, 0.8 * $this->deck, 0.86 * $this->half);
        });
        $x = 0.994 * $length;
        [$low, $high] = [0.62 * $this->deck, 0.86 * $this->deck];
        $make->line(
            Stroke::Detail,
            [
                [$x, $low, -0.5 * $this->half],
                [$x, $high, -0.5 * $this->half],
                [$x, $high, 0.5 * $this->half],
                [$x, $low, 0.5 * $this->half],
                [$x, $low, -0.5 * $this->half],
            ],
        );
        $make->rivets(
            [$x, $low + 36.0, -0.46 * $this->half],
            [$x, $low + 36.0, 0.46 * $this->half],
            [1.0, 0.0, 0.0],
            130.0,
        );
        $make->rivets(
            [0.975 * $length, self::BELLY + 90.0, -$this->half + 50.0],
            [0.975 * $length, self::BELLY + 90.0, $this->half - 50.0],
            [1.0, 0.0, 0.0],
            140.0,
        );
        $make->box(
            'silencer bracket',
            $length - 30.0,
            $length + 90.0,
            0.86 * $this->deck - 20.0,
            0.86 * $this->deck + 20.0,
            -200.0,
            200.0,
        );
        Fittings::silencer($make, [1.022 * $length, 0.86 * $this->deck, 0.1 * $this->half], 125.0, 0.95 * $this->half);
    }

    /** The plate over a track, bent down at both ends, with a lip along its outer edge and what stands on it. */
    private function fender(): void
    {
        $make = $this->make;
        $y = $this->fender;
        $length = $this->length;
        $outer = $this->outer();
        $make->on(ZoneKind::Fenders, 'hull');
        $path = [
            [-0.033 * $length, $y - 250.0],
            [-0.027 * $length, $y - 110.0],
            [-0.008 * $length, $y - 28.0],
            [0.03 * $length, $y],
            [0.972 * $length, $y],
            [1.004 * $length, $y - 24.0],
            [1.017 * $length, $y - 190.0],
        ];
        $below = array_map(
            static fn (array $flat) => [
                $flat[0] + ($flat[0] < 0.0 ? 14.0 : ($flat[0] > $length ? -14.0 : 0.0)),
                $flat[1] - 18.0,
            ],
            array_reverse($path),
        );
        $make->prism('fender', [...$path, ...$below], $this->half - 10.0, $outer);
        $make->box('fender lip', 0.03 * $length, 0.972 * $length, $y - 54.0, $y, $outer - 12.0, $outer);
        foreach ([0.18, 0.36, 0.54, 0.72, 0.9] as $share) {
            $x = $share * $length;
            $make->line(Stroke::Detail, [[$x, $y + 1.0, $this->half], [$x, $y + 1.0, $outer]]);
            $make->prism(
                'fender stay',
                [[$x - 12.0, $y], [$x + 12.0, $y], [$x + 12.0, $y + 110.0], [$x - 12.0, $y + 110.0]],
                $this->half - 5.0,
                $this->half + 22.0,
            );
        }
        $make->rivets(
            [0.05 * $length, $y, $outer - 40.0],
            [0.96 * $length, $y, $outer - 40.0],
            [0.0, 1.0, 0.0],
            170.0,
            10.0,
        );
        if ($this->form->has('skirts')) {
            $make->on(ZoneKind::Skirts);
            for ($plate = 0; $plate < 5; $plate++) {
                [$x0, $x1] = [(0.06 + 0.176 * $plate) * $length + 8.0, (0.06 + 0.176 * ($plate + 1)) * $length - 8.0];
                $make->prism(
                    'skirt',
                    [
                        [$x0, $y - 30.0],
                        [$x0, $y - 400.0],
                        [$x0 + 50.0, $y - 450.0],
                        [$x1 - 50.0, $y - 450.0],
                        [$x1, $y - 400.0],
                        [$x1, $y - 30.0],
                    ],
                    $outer + 14.0,
                    $outer + 30.0,
                );
                $make->rivets(
                    [$x0 + 20.0, $y - 60.0, $outer + 31.0],
                    [$x1 - 20.0, $y - 60.0, $outer + 31.0],
                    [0.0, 0.0, 1.0],
                    220.0,
                    12.0,
                );
            }
        }
    }

    private function outer(): float
    {
        return $this->trackInner + $this->trackWidth + 42.0;
    }

    /** The upper hull side, above the fender. */
    private function side(): void
    {
        $make = $this->make;
        $make->on(ZoneKind::HullSides, 'hull');
        $z = $this->half + 1.0;
        $make->rivets(
            [$this->glacisEnd() + 30.0, $this->deck - 45.0, $z],
            [0.96 * $this->length, $this->deck - 80.0, $z],
            [0.0, 0.0, 1.0],
            130.0,
        );
        $make->rivets(
            [0.1 * $this->length, self::BELLY + 60.0, $z],
            [0.93 * $this->length, self::BELLY + 60.0, $z],
            [0.0, 0.0, 1.0],
            150.0,
        );
        $make->line(Stroke::Weld, [[0.5 * $this->length, $this->deck, $z], [0.5 * $this->length, $this->fender, $z]]);
    }

    /** What is carried on the fenders. */
    private function load(): void
    {
        $make = $this->make;
        $length = $this->length;
        $y = $this->fender + 2.0;
        $room = $this->outer() - $this->half;
        [$inner, $outer] = [$this->half + 0.14 * $room, $this->outer() - 0.13 * $room];
        $make->on(ZoneKind::Stowage, 'stowage');
        $make->onBothSides(static function (Modeller $make) use ($length, $y, $inner, $outer): void {
            Fittings::chest($make, 0.7 * $length, 0.89 * $length, $y, $y + 220.0, $inner, $outer);
        });
        Fittings::chest($make, 0.25 * $length, 0.4 * $length, $y, $y + 240.0, $inner, $outer);
        if (! $this->form->has('tools')) {
            return;
        }
        $middle = ($inner + $outer) / 2.0;
        Fittings::shovel($make, 0.43 * $length, $y, $middle + 0.26 * $room, 0.2 * $length);
        Fittings::axe($make, 0.44 * $length, $y, $middle - 0.08 * $room);
        Fittings::jackBlock($make, 0.645 * $length - 60.0, $y, $middle);
        Fittings::crowbar($make, 0.3 * $length, $y, -$middle - 0.24 * $room, 0.34 * $length);
        Fittings::shovel($make, 0.46 * $length, $y, -$middle + 0.12 * $room, 0.19 * $length);
        $high = $this->deck - 110.0;
        $z = $this->half + 26.0;
        foreach ([1.0, -1.0] as $side) {
            Fittings::cable($make, [
                [0.23 * $length, $high + 20.0, $z * $side],
                [0.33 * $length, $high - 20.0, $z * $side],
                [0.46 * $length, $high - 36.0, $z * $side],
                [0.58 * $length, $high - 16.0, $z * $side],
                [0.66 * $length, $high + 20.0, $z * $side],
            ]);
        }
    }

    private function turret(): void
    {
        $make = $this->make;
        $x = 0.48 * $this->length;
        $y = $this->deck + 30.0;
        $height = $this->form->length('turret-height');
        $half = min($this->form->length('turret-width') / 2.0, 0.94 * $this->half);
        [$front, $rear] = [1.06 * $half, 1.12 * $half];
        $this->isMedium
            ? Turret::cast($make, $x, $y, $half, $front, $rear, $height)
            : Turret::plated($make, $x, $y, $half, $front, $rear, $height);
        $roof = $y + $height;
        Turret::cupola($make, $x + 0.14 * $half, $roof, 0.28 * $half, 0.34 * $half, 120.0);
        Fittings::roundHatch($make, $x + 0.1 * $half, $roof + 4.0, -0.36 * $half, 0.29 * $half);
        Fittings::periscope($make, $x - 0.42 * $half, $roof, -0.3 * $half);
        $make->lathe(
            'ventilator',
            [$x - 0.42 * $half, $roof, 0.22 * $half],
            'y',
            [[-20.0, 0.0], [-20.0, 96.0], [20.0, 96.0], [44.0, 70.0], [52.0, 0.0]],
            18,
        );
        Fittings::aerial($make, $x + 0.72 * $half, $roof, -0.34 * $half, 340.0);
        $make->onBothSides(static function (Modeller $make) use ($x, $y, $half, $height): void {
            $make->lathe(
                'lifting eye',
                [$x - 0.5 * $half, $y + 0.9 * $height, 0.66 * $half],
                'z',
                [[-22.0, 0.0], [-22.0, 44.0], [22.0, 44.0], [22.0, 0.0]],
                12,
            );
            $make->lathe(
                'pistol port',
                [$x + 0.3 * $half, $y + 0.5 * $height, 0.9 * $half],
                'z',
                [[-60.0, 0.0], [-60.0, 92.0], [10.0, 92.0], [22.0, 60.0], [22.0, 0.0]],
                18,
            );
            $make->bar('hand rail', [[
                $x - 0.32 * $half,
                $y + 0.36 * $height,
                0.95 * $half,
            ], [$x - 0.32 * $half, $y + 0.36 * $height, 1.02 * $half],
                [
                    $x + 0.02 * $half,
                    $y + 0.36 * $height,
                    1.04 * $half,
                ], [$x + 0.02 * $half, $y + 0.36 * $height, 0.96 * $half]], 12.0);
        });
        $trunnion = $y + 0.53 * $height;
        $deep = 0.36 * $half;
        Turret::mantlet($make, $x - 0.86 * $front, $trunnion, 0.44 * $half, 0.36 * $height, $deep);
        $muzzle = max($this->form->length('barrel-length'), 700.0);
        Turret::gun(
            $make,
            $x - 0.86 * $front - $deep,
            $trunnion,
            $muzzle,
            $this->isMedium ? 128.0 : 104.0,
            $this->form->has('muzzle-brake'),
        );
        if ($this->form->has('stowage')) {
            $make->on(ZoneKind::Stowage, 'stowage');
            $make->box(
                'turret bin',
                $x + $rear - 30.0,
                $x + $rear + 250.0,
                $y + 80.0,
                $y + 0.72 * $height,
                -0.62 * $half,
                0.62 * $half,
            );
            $make->box(
                'bin lid',
                $x + $rear - 30.0,
                $x + $rear + 260.0,
                $y + 0.72 * $height,
                $y + 0.77 * $height,
                -0.63 * $half,
                0.63 * $half,
            );
            Fittings::roll($make, $x + $rear + 120.0, $y + 0.77 * $height + 96.0, 0.0, 96.0, 1.3 * $half);
        }
    }
}
