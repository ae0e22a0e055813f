<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Finish;

use Ulvrach\Plan\Build;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Zone;

/**
 * The single marks of one step on one zone: how many, and how large on the model. Their numbers go by square metres of
 * the real thing, by traffic and by months in service; where a share of the zone is said, by that.
 */
final readonly class Population
{
    /** Of service, where nobody has said. */
    public const USUAL_MONTHS = 6;

    /** What would be smaller on the model merges into a tone. */
    public const SMALLEST_MM = 0.15;

    /** Visible marks on a square metre of the real thing, by months in service. */
    private const MARKS = [
        [0, [Traffic::Heavy->value => 0.5, Traffic::Light->value => 0.0, Traffic::None->value => 0.0]],
        [1, [Traffic::Heavy->value => 2.0, Traffic::Light->value => 0.5, Traffic::None->value => 0.1]],
        [6, [Traffic::Heavy->value => 10.0, Traffic::Light->value => 3.0, Traffic::None->value => 0.5]],
        [24, [Traffic::Heavy->value => 25.0, Traffic::Light->value => 8.0, Traffic::None->value => 1.5]],
        [120, [Traffic::Heavy->value => 60.0, Traffic::Light->value => 25.0, Traffic::None->value => 5.0]],
    ];

    /** Of them, how many are painted one by one at 1:35; at twice the scale's number half as many. */
    private const PAINTED = 0.4;

    private const MOST_PAINTED = 0.9;

    /** A mark is looked for in so many times its own area: that much of a zone is worn at one such mark. */
    private const SPREAD = 70.0;

    /** Millimetres of the real thing: smallest, usual and largest. Four chips in five are below ten. */
    private const REAL_MM = [
        Effect::Chips->value => [4.0, 9.0, 60.0],
        Effect::Worn->value => [6.0, 25.0, 150.0],
        // Length; a scratch is as wide as a hair on the model.
        Effect::Scratches->value => [30.0, 70.0, 250.0],
        // Length of a run; its width is a tenth of that or less.
        Effect::Streaks->value => [60.0, 180.0, 500.0],
        Effect::Stain->value => [60.0, 140.0, 350.0],
        Effect::Rust->value => [40.0, 120.0, 320.0],
        Effect::Splash->value => [2.0, 5.0, 45.0],
        Effect::Mud->value => [5.0, 22.0, 140.0],
    ];

    /** For each single chip, how many of the others there are where nothing else is said. */
    private const BESIDE_CHIPS = [
        Effect::Scratches->value => 0.5,
        Effect::Streaks->value => 0.4,
        Effect::Stain->value => 0.3,
        Effect::Rust->value => 0.4,
        Effect::Splash->value => 40.0,
        Effect::Mud->value => 14.0,
    ];

    /**
     * @param  int  $count  on the whole zone
     * @param  float  $leastMm  on the model, as are the usual and the most
     */
    private function __construct(
        public int $count,
        public float $leastMm,
        public float $usualMm,
        public float $mostMm,
    ) {
    }

    /** @return self|null null: what the mark leaves has no number */
    public static function of(Mark $mark, Zone $zone, Build $build): ?self
    {
        $real = self::REAL_MM[$mark->effect->value] ?? null;
        if ($real === null) {
            return null;
        }
        [$least, $usual, $most] = array_map(
            static fn (float $mm) => max(self::SMALLEST_MM, $mm / $build->scale),
            $real,
        );
        $share = $mark->saidShare;
        $natural = self::painted($zone, $build->scale, $build->serviceMonths ?? self::USUAL_MONTHS)
            * (self::BESIDE_CHIPS[$mark->effect->value] ?? 1.0);
        $count = $share === null || self::isLong($mark->effect)
            ? $natural * 2.0 * $mark->amount
            : $share * $zone->areaCm2 / (self::SPREAD * self::meanArea($usual));

        return new self(max(1, (int) round($count)), round($least, 2), round($usual, 2), round($most, 2));
    }

    /** Marks that are painted one by one on a zone after so many months. */
    public static function painted(Zone $zone, int $scale, int $months): float
    {
        $perMetre = 0.0;
        [$before, $less] = [0, self::MARKS[0][1][$zone->traffic->value]];
        foreach (self::MARKS as [$until, $byTraffic]) {
            $here = $byTraffic[$zone->traffic->value];
            $perMetre = $months >= $until
                ? $here
                : $less + ($here - $less) * ($months - $before) / max(1, $until - $before);
            if ($months < $until) {
                break;
            }
            [$before, $less] = [$until, $here];
        }
        $metres = $zone->areaCm2 * $scale ** 2 / 10_000.0;

        return $perMetre * $metres * min(self::MOST_PAINTED, self::PAINTED * 35.0 / $scale);
    }

    /** What runs or is drawn has a length, and a share of a zone says little of its number. */
    private static function isLong(Effect $effect): bool
    {
        return in_array($effect, [Effect::Scratches, Effect::Streaks, Effect::Stain, Effect::Rust], true);
    }

    /** In mm², of sizes of which few are large: three times that of the usual one. */
    private static function meanArea(float $usualMm): float
    {
        return 3.0 * M_PI / 4.0 * $usualMm ** 2;
    }
}
