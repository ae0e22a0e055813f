<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Kind;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Parts\Fittings;
use Ulvrach\Vehicle\Parts\Turret;
use Ulvrach\Vehicle\Parts\Wagon;
use Ulvrach\Vehicle\Stroke;

/** What scout cars and armoured cars have in common: a faceted hull on wheels, its sides drawn in above and below. */
final readonly class WheeledArmour
{
    private float $length;

    private float $half;

    private float $deck;

    private float $waist;

    private float $floor;

    private float $radius;

    public function __construct(private Modeller $make, private Form $form, private bool $isScout)
    {
        $this->length = $form->length('length');
        $this->half = $form->length('width') / 2.0;
        $this->deck = $form->length('deck-height');
        $this->radius = min($form->length('wheel'), $this->length / ($form->pieces('axles') + 1.4)) / 2.0;
        $this->floor = max(0.8 * $this->radius, 380.0);
        $this->waist = $this->floor + 0.56 * ($this->deck - $this->floor);
    }

    public function build(): void
    {
        foreach ($this->axles() as $x) {
            Wagon::axle($this->make, $x, $this->radius, $this->isScout ? 220.0 : 290.0, $this->half, false, true);
        }
        $this->hull();
        $this->fittings();
        $this->make->onBothSides(fn () => $this->wings());
        $this->turret();
    }

    /** @return list<float> */
    private function axles(): array
    {
        $count = $this->form->pieces('axles');
        [$first, $last] = [0.18 * $this->length, 0.82 * $this->length];
        $axles = [];
        for ($axle = 0; $axle < $count; $axle++) {
            // A third axle stands close to the last.
            $axles[] = $count === 3 && $axle === 1
                ? max($last - 2.0 * $this->radius - 130.0, $first + 2.0 * $this->radius + 60.0)
                : $first + $axle * ($last - $first) / ($count - 1);
        }

        return $axles;
    }

    private function hull(): void
    {
        $make = $this->make;
        $inner = $this->half - ($this->isScout ? 270.0 : 350.0);
        $roof = 0.78 * $inner;
        [$length, $floor, $waist, $deck] = [$this->length, $this->floor, $this->waist, $this->deck];
        // Three bodies, so that nose, fighting room and engine each have faces of their own.
        $ring = static fn (float $x, float $low, float $middle, float $high, float $wide): array => [
            [$x, $low, -0.72 * $wide],
            [$x, $middle, -$wide],
            [$x, $high, -0.78 * $wide],
            [$x, $high, 0.78 * $wide],
            [$x, $middle, $wide],
            [$x, $low, 0.72 * $wide],
        ];
        $make->on(ZoneKind::HullSides, 'hull');
        $make->skin(
            'hull',
            [
                $ring(0.26 * $length, $floor, $waist, $deck, $inner),
                $ring(0.64 * $length, $floor, $waist, $deck, $inner),
            ],
        );
        $make->on(ZoneKind::Glacis);
        $make->skin('nose', [
            $ring(0.0, $floor + 0.3 * ($waist - $floor), $waist - 0.2 * ($waist - $floor), $waist - 20.0, 0.7 * $inner),
            $ring(0.12 * $length, $floor, $waist, $waist + 0.3 * ($deck - $waist), 0.9 * $inner),
            $ring(0.262 * $length, $floor, $waist, $deck, $inner),
        ]);
        $make->on(ZoneKind::EngineDeck);
        $make->skin('engine room', [
            $ring(0.638 * $length, $floor, $waist, $deck - 20.0, $inner),
            $ring(0.94 * $length, $floor + 60.0, $waist, $deck - 0.36 * ($deck - $waist), 0.86 * $inner),
        ]);
        $make->on(ZoneKind::RearPlate);
        $make->skin('stern', [
            $ring(0.938 * $length, $floor + 60.0, $waist, $deck - 0.36 * ($deck - $waist), 0.86 * $inner),
            $ring($length, $floor + 160.0, $waist - 40.0, $waist + 60.0, 0.78 * $inner),
        ]);
        $make->on(ZoneKind::HullTop);
        $make->box('roof plate', 0.262 * $length, 0.64 * $length, $deck, $deck + 12.0, -$roof, $roof);
        foreach ([-1.0, 1.0] as $side) {
            $make->rivets(
                [0.28 * $length, $deck + 12.0, 0.9 * $roof * $side],
                [0.62 * $length, $deck + 12.0, 0.9 * $roof * $side],
                [0.0, 1.0, 0.0],
                150.0,
            );
        }
        $make->onBothSides(static function (Modeller $make) use ($length, $floor, $waist, $deck, $inner): void {
            $make->on(ZoneKind::HullSides);
            // A door in the upper plate, which leans in.
            $z = static fn (float $y): float => $inner * (1.0 - 0.22 * ($y - $waist) / ($deck - $waist)) + 2.0;
            [$low, $high] = [$waist + 40.0, $deck - 60.0];
            $make->line(
                Stroke::Detail,
                [
                    [0.34 * $length, $low, $z($low)],
                    [0.34 * $length, $high, $z($high)],
                    [0.47 * $length, $high, $z($high)],
                    [0.47 * $length, $low, $z($low)],
                    [0.34 * $length, $low, $z($low)],
                ],
            );
            $make->box(
                'vision flap',
                0.38 * $length,
                0.43 * $length,
                $deck - 190.0,
                $deck - 110.0,
                $z($deck - 110.0) - 60.0,
                $z($deck - 150.0) + 26.0,
            );
            $make->rivets(
                [0.28 * $length, $waist + 24.0, $z($waist + 24.0)],
                [0.63 * $length, $waist + 24.0, $z($waist + 24.0)],
                [0.0, 0.3, 0.95],
                130.0,
            );
            $make->rivets(
                [0.28 * $length, $deck - 24.0, $z($deck - 24.0)],
                [0.63 * $length, $deck - 24.0, $z($deck - 24.0)],
                [0.0, 0.3, 0.95],
                130.0,
            );
            $below = static fn (float $y): float => $inner * (1.0 - 0.28 * ($waist - $y) / ($waist - $floor)) + 2.0;
            $make->rivets(
                [0.3 * $length, $waist - 30.0, $below($waist - 30.0)],
                [0.6 * $length, $waist - 30.0, $below($waist - 30.0)],
                [0.0, -0.2, 0.98],
                130.0,
            );
            $make->line(
                Stroke::Weld,
                [
                    [0.64 * $length, $deck, $z($deck)],
                    [0.64 * $length, $waist, $inner + 2.0],
                    [0.64 * $length, $floor, $below($floor)],
                ],
            );
        });
    }

    private function wings(): void
    {
        $make = $this->make;
        $axles = $this->axles();
        $inner = $this->half - ($this->isScout ? 300.0 : 390.0);
        foreach ($axles as $place => $x) {
            $isLast = $place === count($axles) - 1;
            Wagon::wing(
                $make,
                $x,
                $this->radius,
                $this->radius + 105.0,
                $place === 1 && count($axles) === 3 ? 62.0 : 20.0,
                $isLast && count($axles) === 3 ? 118.0 : 165.0,
                $inner,
                $this->half + 12.0,
            );
        }
        $from = $axles[0] + $this->radius + 170.0;
        $to = $axles[1] - $this->radius - 170.0;
        if ($to - $from < 300.0) {
            return;
        }
        $make->on(ZoneKind::Stowage, 'stowage');
        Fittings::chest($make, $from, $to, $this->radius + 30.0, $this->radius + 290.0, $inner, $this->half - 20.0);
        $make->on(ZoneKind::Fenders, 'body');
        $make->box('running board', $from - 80.0, $to + 80.0, $this->radius, $this->radius + 28.0, $inner, $this->half);
    }

    private function fittings(): void
    {
        $make = $this->make;
        $length = $this->length;
        $nose = $this->waist + 0.3 * ($this->deck - $this->waist);
        $make->on(ZoneKind::Glacis, 'hull');
        foreach ([-0.34, 0.34] as $share) {
            $make->prism(
                'visor',
                [
                    [0.19 * $length, 0.5 * ($nose + $this->deck)],
                    [0.235 * $length, $this->deck - 14.0],
                    [0.225 * $length, $this->deck + 24.0],
                    [0.175 * $length, 0.5 * ($nose + $this->deck) + 40.0],
                ],
                ($share - 0.2) * $this->half,
                ($share + 0.2) * $this->half,
            );
        }
        $make->onBothSides(function (Modeller $make): void {
            $make->on(ZoneKind::Glacis);
            Fittings::headlamp($make, 0.05 * $this->length, $this->waist + 130.0, 0.4 * $this->half, true);
            Fittings::towHook(
                $make,
                0.02 * $this->length,
                $this->floor + 0.45 * ($this->waist - $this->floor),
                0.28 * $this->half,
                true,
            );
            $make->on(ZoneKind::RearPlate);
            Fittings::tailLamp($make, 0.97 * $this->length, $this->waist + 30.0, 0.44 * $this->half);
        });
        $make->on(ZoneKind::EngineDeck);
        $fall = (0.36 * ($this->deck - $this->waist) - 20.0) / (0.302 * $length);
        $y = fn (float $x): float => $this->deck - 20.0 - $fall * ($x - 0.638 * $length);
        Fittings::louvres(
            $make,
            0.7 * $length,
            0.86 * $length,
            $y(0.7 * $length),
            $y(0.86 * $length),
            -0.34 * $this->half,
            0.34 * $this->half,
        );
        Fittings::cap($make, 0.9 * $length, $y(0.9 * $length), 0.24 * $this->half, 70.0);
        $make->on(ZoneKind::RearPlate);
        Fittings::pintle($make, 0.985 * $length, $this->floor + 240.0, 0.0);
        Fittings::silencer($make, [1.0 * $length, $this->waist + 20.0, 0.0], 100.0, 0.7 * $this->half);
        if ($this->form->has('tools')) {
            Fittings::shovel($make, 0.68 * $length, $y(0.68 * $length) + 6.0, -0.48 * $this->half, 0.2 * $length);
            Fittings::axe($make, 0.66 * $length, $y(0.66 * $length) + 6.0, 0.46 * $this->half);
        }
        if ($this->form->has('stowage')) {
            Fittings::roll($make, 0.955 * $length, $y(0.94 * $length) + 80.0, 0.0, 90.0, 0.9 * $this->half);
        }
    }

    private function turret(): void
    {
        if (! $this->form->has('turret')) {
            $this->make->on(ZoneKind::HullTop, 'hull');
            Fittings::roundHatch($this->make, 0.42 * $this->length, $this->deck + 12.0, 0.0, 0.3 * $this->half);

            return;
        }
        $make = $this->make;
        $x = 0.46 * $this->length;
        $y = $this->deck + 26.0;
        $height = $this->isScout ? 340.0 : 460.0;
        $half = min(0.62 * ($this->half - 200.0), 0.15 * $this->length);
        Turret::plated($make, $x, $y, $half, 1.02 * $half, 1.05 * $half, $height);
        Fittings::roundHatch($make, $x + 0.16 * $half, $y + $height + 4.0, 0.0, 0.42 * $half);
        Fittings::periscope($make, $x - 0.5 * $half, $y + $height, 0.2 * $half);
        Fittings::aerial($make, $x + 0.6 * $half, $y + $height, -0.4 * $half, 420.0);
        Turret::mantlet($make, $x - 0.84 * $half, $y + 0.55 * $height, 0.42 * $half, 0.34 * $height, 0.3 * $half);
        $this->isScout
            ? $make->bar(
                'machine gun',
                [[$x - 1.1 * $half, $y + 0.55 * $height, 0.0], [$x - 1.1 * $half - 620.0, $y + 0.55 * $height, 0.0]],
                26.0,
                10,
            )
            : Turret::gun(
                $make,
                $x - 1.12 * $half,
                $y + 0.55 * $height,
                $this->form->length('barrel-length'),
                84.0,
                $this->form->has('muzzle-brake'),
            );
    }
}
