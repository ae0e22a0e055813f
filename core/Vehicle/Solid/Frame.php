<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Solid;

/**
 * A plane in space with its own axes: profiles are drawn in it and drawn out of it.
 *
 * @phpstan-type Point array{float, float, float}
 */
final readonly class Frame
{
    /**
     * @param  Point  $origin
     * @param  Point  $u  of length 1, as are the others
     * @param  Point  $v
     * @param  Point  $w  out of the plane
     */
    public function __construct(private array $origin, private array $u, private array $v, private array $w)
    {
    }

    /** Seen from the left: u backwards, v up, out towards the left. */
    public static function side(): self
    {
        return new self([0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]);
    }

    /** Seen along the vehicle: u to the left, v up, out backwards. */
    public static function across(): self
    {
        return new self([0.0, 0.0, 0.0], [0.0, 0.0, 1.0], [0.0, 1.0, 0.0], [1.0, 0.0, 0.0]);
    }

    /** Seen from above: u backwards, v to the left, out upwards. */
    public static function plan(): self
    {
        return new self([0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [0.0, 0.0, 1.0], [0.0, 1.0, 0.0]);
    }

    /** In the plane of the side view, turned so that u points along (x, y). */
    public static function inSide(float $x, float $y, float $alongX, float $alongY): self
    {
        $length = hypot($alongX, $alongY);
        [$c, $s] = [$alongX / $length, $alongY / $length];

        return new self([$x, $y, 0.0], [$c, $s, 0.0], [-$s, $c, 0.0], [0.0, 0.0, 1.0]);
    }

    /**
     * Square to a direction, as the end of a bar is.
     *
     * @param  Point  $at
     * @param  Point  $direction  of any length but none
     */
    public static function along(array $at, array $direction): self
    {
        $w = self::unit($direction);
        $other = abs($w[1]) < 0.9 ? [0.0, 1.0, 0.0] : [1.0, 0.0, 0.0];
        $u = self::unit(self::cross($other, $w));

        return new self($at, $u, self::cross($w, $u), $w);
    }

    /** @return Point */
    public function at(float $u, float $v, float $w): array
    {
        return [
            $this->origin[0] + $u * $this->u[0] + $v * $this->v[0] + $w * $this->w[0],
            $this->origin[1] + $u * $this->u[1] + $v * $this->v[1] + $w * $this->w[1],
            $this->origin[2] + $u * $this->u[2] + $v * $this->v[2] + $w * $this->w[2],
        ];
    }

    /**
     * @param  Point  $vector
     * @return Point
     */
    private static function unit(array $vector): array
    {
        $length = sqrt($vector[0] ** 2 + $vector[1] ** 2 + $vector[2] ** 2);

        return [$vector[0] / $length, $vector[1] / $length, $vector[2] / $length];
    }

    /**
     * @param  Point  $a
     * @param  Point  $b
     * @return Point
     */
    private static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }
}
