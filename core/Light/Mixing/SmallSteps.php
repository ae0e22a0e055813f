<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

use Ulvrach\Light\Colour\DeltaE2000;
use Ulvrach\Light\Colour\Lab;

/**
 * How CIEDE2000 measures small steps from one colour: the factor U of its second derivative (UᵀU, Cholesky), so that
 * the length of U·ΔLab is the difference.
 */
final readonly class SmallSteps
{
    /** Of L*, a*, b*: small enough to be straight, large enough for the digits of a difference. */
    private const STEP = 0.7;

    private function __construct(
        public float $u11,
        public float $u12,
        public float $u13,
        public float $u22,
        public float $u23,
        public float $u33,
    ) {
    }

    public static function from(Lab $at): self
    {
        [$ll, $aa, $bb] = [self::square($at, 1, 0, 0), self::square($at, 0, 1, 0), self::square($at, 0, 0, 1)];
        $la = (self::square($at, 1, 1, 0) - $ll - $aa) / 2.0;
        $lb = (self::square($at, 1, 0, 1) - $ll - $bb) / 2.0;
        $ab = (self::square($at, 0, 1, 1) - $aa - $bb) / 2.0;
        $u11 = sqrt($ll);
        [$u12, $u13] = [$la / $u11, $lb / $u11];
        $u22 = sqrt(max(1e-6, $aa - $u12 * $u12));
        $u23 = ($ab - $u12 * $u13) / $u22;

        return new self($u11, $u12, $u13, $u22, $u23, sqrt(max(1e-6, $bb - $u13 * $u13 - $u23 * $u23)));
    }

    /** @return array{float, float, float} a vector as long as the difference */
    public function across(float $l, float $a, float $b): array
    {
        return [
            $this->u11 * $l + $this->u12 * $a + $this->u13 * $b,
            $this->u22 * $a + $this->u23 * $b,
            $this->u33 * $b,
        ];
    }

    private static function square(Lab $at, int $l, int $a, int $b): float
    {
        $sum = 0.0;
        foreach ([self::STEP, -self::STEP] as $step) {
            $there = new Lab($at->l + $step * $l, $at->a + $step * $a, $at->b + $step * $b);
            $sum += DeltaE2000::between($at, $there) ** 2;
        }

        return $sum / (2.0 * self::STEP ** 2);
    }
}
