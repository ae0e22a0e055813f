<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Parts;

use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Modeller;
use Ulvrach\Vehicle\Solid\Frame;
use Ulvrach\Vehicle\Solid\Polygon;

/**
 * A track and what it runs on, of the left side; millimetres. The track lies tight round all wheels and hangs a little
 * between what carries it on top.
 *
 * @phpstan-type Flat array{float, float}
 */
final readonly class Track
{
    /** Thinner links look like wire. */
    private const THICKNESS = 84.0;

    private const LINK = 138.0;

    /** How far the upper run hangs between two rollers, and over wheels that carry it themselves. */
    private const SAG = 26.0;

    private const SAG_UNCARRIED = 130.0;

    /**
     * @param  list<float>  $wheels  where the axles of the road wheels are, from the front
     * @param  Flat  $sprocket  its axle
     * @param  Flat  $idler  its axle
     * @param  list<float>  $rollers  where the return rollers are; empty: the wheels carry the upper run
     * @param  float  $inner  the inner edge of the track
     * @param  bool  $isRubber  a band with cleats, as on half-tracks
     */
    public function __construct(
        private array $wheels,
        private float $wheelRadius,
        private array $sprocket,
        private float $sprocketRadius,
        private array $idler,
        private float $idlerRadius,
        private array $rollers,
        private float $inner,
        private float $width,
        private bool $isRubber = false,
        private float $rollerRadius = 88.0,
    ) {
    }

    public function build(Modeller $make): void
    {
        $middle = $this->inner + $this->width / 2.0;
        $axle = $this->wheelRadius + self::THICKNESS;
        $make->on(ZoneKind::RunningGear, 'running gear');
        foreach ($this->wheels as $x) {
            Wheels::road($make, [$x, $axle, $middle], $this->wheelRadius, 0.62 * $this->width);
            self::arm($make, $x, $axle, $this->inner);
        }
        Wheels::sprocket($make, [...$this->sprocket, $middle], $this->sprocketRadius, 0.66 * $this->width);
        Wheels::idler($make, [...$this->idler, $middle], $this->idlerRadius, 0.5 * $this->width);
        foreach ($this->rollers as $x) {
            $y = $this->runAt($x) - $this->rollerRadius - self::THICKNESS / 2.0;
            Wheels::roller($make, [$x, $y, $middle], $this->rollerRadius, 0.62 * $this->width);
            $make->box('bracket', $x - 45.0, $x + 45.0, $y - 40.0, $y + 40.0, $this->inner - 60.0, $middle - 60.0);
        }
        $make->on(ZoneKind::Tracks, 'tracks');
        $this->links($make);
    }

    /** The arm of a road wheel, which trails from the hull. */
    private static function arm(Modeller $make, float $x, float $axle, float $inner): void
    {
        $make->extrude(
            'suspension arm',
            Frame::inSide($x, $axle, -1.0, 0.55),
            [[-50.0, -38.0], [330.0, -60.0], [330.0, 60.0], [-50.0, 38.0]],
            $inner - 30.0,
            $inner + 40.0,
        );
    }

    private function links(Modeller $make): void
    {
        $path = $this->path();
        $length = 0.0;
        $count = count($path);
        for ($place = 0; $place < $count; $place++) {
            [$x, $y] = $path[$place];
            [$nextX, $nextY] = $path[($place + 1) % $count];
            $length += hypot($nextX - $x, $nextY - $y);
        }
        $pitch = $this->isRubber ? 0.6 * self::LINK : self::LINK;
        $links = (int) round($length / $pitch);
        $pitch = $length / $links;
        $half = self::THICKNESS / 2.0;
        $outer = $this->inner + $this->width;
        $plate = [
            [-0.47 * $pitch, 0.55 * $half],
            [-0.47 * $pitch, -0.3 * $half],
            [-0.22 * $pitch, -$half],
            [0.22 * $pitch, -$half],
            [0.47 * $pitch, -0.3 * $half],
            [0.47 * $pitch, 0.55 * $half],
        ];
        $connector = [
            [-0.2 * $pitch, 0.7 * $half],
            [-0.2 * $pitch, -0.75 * $half],
            [0.2 * $pitch, -0.75 * $half],
            [0.2 * $pitch, 0.7 * $half],
        ];
        for ($link = 0; $link < $links; $link++) {
            [$at, $along] = self::onPath($path, ($link + 0.5) * $pitch);
            $frame = Frame::inSide($at[0], $at[1], $along[0], $along[1]);
            $make->extrude('link', $frame, $plate, $this->inner, $outer);
            if ($this->isRubber) {
                continue;
            }
            [$at, $along] = self::onPath($path, $link * $pitch);
            $make->extrude(
                'connector',
                Frame::inSide($at[0], $at[1], $along[0], $along[1]),
                $connector,
                $this->inner - 16.0,
                $outer + 16.0,
            );
        }
    }

    /** How high the middle of the upper run lies where nothing hangs. */
    private function runAt(float $x): float
    {
        [$frontX, $frontY] = $this->sprocket;
        [$rearX, $rearY] = $this->idler;
        $front = $frontY + $this->sprocketRadius;
        $rear = $rearY + $this->idlerRadius;

        return $front + (($x - $frontX) / ($rearX - $frontX)) * ($rear - $front) + self::THICKNESS / 2.0;
    }

    /** @return list<Flat> the middle of the track all round, in short pieces, anticlockwise */
    private function path(): array
    {
        $points = [];
        $half = self::THICKNESS / 2.0;
        $circles = [[...$this->sprocket, $this->sprocketRadius], [...$this->idler, $this->idlerRadius]];
        foreach ($this->wheels as $x) {
            $circles[] = [$x, $this->wheelRadius + self::THICKNESS, $this->wheelRadius];
        }
        foreach ($circles as [$x, $y, $radius]) {
            for ($step = 0; $step < 64; $step++) {
                $angle = (2.0 * M_PI * $step) / 64;
                $points[] = [$x + ($radius + $half) * cos($angle), $y + ($radius + $half) * sin($angle)];
            }
        }
        $fine = [];
        $hull = Polygon::hull($points);
        foreach ($hull as $place => [$x, $y]) {
            [$nextX, $nextY] = $hull[($place + 1) % count($hull)];
            $pieces = max(1, (int) ceil(hypot($nextX - $x, $nextY - $y) / 60.0));
            for ($piece = 0; $piece < $pieces; $piece++) {
                $share = $piece / $pieces;
                $fine[] = $this->hanging($x + $share * ($nextX - $x), $y + $share * ($nextY - $y));
            }
        }

        return $fine;
    }

    /** @return Flat */
    private function hanging(float $x, float $y): array
    {
        $supports = [$this->sprocket[0], ...$this->rollers, $this->idler[0]];
        if ($x <= $supports[0] || $x >= $this->idler[0] || $y < min($this->sprocket[1], $this->idler[1])) {
            return [$x, $y];
        }
        $from = $to = $supports[0];
        foreach ($supports as $support) {
            if ($support > $x) {
                $to = $support;
                break;
            }
            $from = $support;
        }
        $sag = $this->rollers === [] ? self::SAG_UNCARRIED : self::SAG;
        $hung = $y - $sag * sin((M_PI * ($x - $from)) / max(1.0, $to - $from)) ** 2;
        $lowest = 2.0 * $this->wheelRadius + 1.5 * self::THICKNESS;
        // Over its wheels it lies on them; between them it hangs a little more.
        foreach ($this->rollers === [] ? $this->wheels : [] as $wheel) {
            $away = abs($x - $wheel);
            if ($away < $this->wheelRadius) {
                $lowest = max($lowest - 0.15 * $away, 0.0);
                break;
            }
        }

        return [$x, min($y, max($hung, $lowest))];
    }

    /**
     * @param  list<Flat>  $path
     * @return array{Flat, Flat} the place and the direction there
     */
    private static function onPath(array $path, float $distance): array
    {
        $count = count($path);
        for ($place = 0; $place < $count; $place++) {
            [$x, $y] = $path[$place];
            [$nextX, $nextY] = $path[($place + 1) % $count];
            $length = hypot($nextX - $x, $nextY - $y);
            if ($distance <= $length && $length > 0.0) {
                $share = $distance / $length;
                [$beforeX, $beforeY] = $path[($place + $count - 1) % $count];
                [$afterX, $afterY] = $path[($place + 2) % $count];

                return [
                    [$x + $share * ($nextX - $x), $y + $share * ($nextY - $y)],
                    [
                        (1.0 - $share) * ($nextX - $beforeX) + $share * ($afterX - $x),
                        (1.0 - $share) * ($nextY - $beforeY) + $share * ($afterY - $y),
                    ],
                ];
            }
            $distance -= $length;
        }

        return [$path[0], [$path[1][0] - $path[0][0], $path[1][1] - $path[0][1]]];
    }
}
