<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/** How much longer or shorter than at the reference a film dries; each law is cited with its constants. */
final class DryingModel
{
    private const GAS_CONSTANT = 8.314462618;

    private const ZERO_C = 273.15;

    /**
     * A fan carries the saturated air off the film: half as fast again; bench experience, docs/sources.md, "drying
     * laws".
     */
    private const FAN = 1.5;

    /** "With retarder two to three times as long"; drying table. */
    private const RETARDER = 2.5;

    /** Evaporation from nearly saturated air does not stop altogether: at least this share of the reference pace. */
    private const SLOWEST = 0.02;

    /**
     * The pace relative to 20 °C, 50 % and still air: 1 there, above 1 is faster.
     *
     * Water: proportional to the vapour-pressure deficit (Dalton). Solvents: to their vapour pressure, by
     * Clausius–Clapeyron, p ∝ exp(−ΔH/RT). Oxygen and reactions: Arrhenius, k ∝ exp(−E/RT).
     */
    public static function pace(DryingLaw $law, Air $air): float
    {
        if ($law === DryingLaw::None) {
            return 1.0;
        }
        $reference = Air::reference();
        $pace =
            $law === DryingLaw::Water
                ? max(self::SLOWEST, $air->deficit() / $reference->deficit())
                : exp(
                    (-$law->energy() / self::GAS_CONSTANT) *
                        (1 / ($air->temperatureC + self::ZERO_C) - 1 / ($reference->temperatureC + self::ZERO_C)),
                );

        return $air->moving && $law->evaporates() ? $pace * self::FAN : $pace;
    }

    /**
     * How many times the reference time a film of this thickness takes: 1 is a thin coat; thinner ones count as thin.
     */
    public static function thickness(DryingLaw $law, float $relative): float
    {
        return max(1.0, $relative) ** $law->thicknessExponent();
    }

    public static function retarded(DryingLaw $law): float
    {
        return $law === DryingLaw::Water ? self::RETARDER : 1.0;
    }

    /**
     * Minutes, rounded up, until a film is through that takes so many at the reference, if the air changes on the way:
     * a half dried film goes on from where it was.
     *
     * @param  iterable<array{int|null, Air}>  $airs  minutes for which each lasts, and the air; null: for good
     */
    public static function through(DryingLaw $law, float $referenceMinutes, iterable $airs): int
    {
        $done = 0.0;
        $passed = 0;
        foreach ($airs as [$lasts, $air]) {
            $pace = self::pace($law, $air);
            $left = ($referenceMinutes - $done) / $pace;
            if ($lasts === null || $left <= $lasts) {
                // A hair less than a whole minute is rounding, not drying.
                return $passed + (int) ceil($left - 1e-9);
            }
            $done += $lasts * $pace;
            $passed += $lasts;
        }

        throw new \LogicException('The air has to go on for good.');
    }
}
