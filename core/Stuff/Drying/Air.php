<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/** The air a film dries in. */
final readonly class Air
{
    /** Below, paint does not film; above, plastic softens. Outside nothing was measured. */
    public const COLDEST_C = 5.0;

    public const HOTTEST_C = 45.0;

    private const DRIEST = 10.0;

    private const DAMPEST = 95.0;

    private function __construct(public float $temperatureC, public float $humidityPercent, public bool $moving)
    {
    }

    /** @throws OutsideModelRange outside 5 to 45 °C or 10 to 95 % relative humidity */
    public static function at(float $temperatureC, float $humidityPercent, bool $moving = false): self
    {
        if (! self::isInRange($temperatureC, self::DRIEST)) {
            throw OutsideModelRange::temperature($temperatureC);
        }
        if (! self::isInRange($temperatureC, $humidityPercent)) {
            throw OutsideModelRange::humidity($humidityPercent);
        }

        return new self($temperatureC, $humidityPercent, $moving);
    }

    public static function isInRange(float $temperatureC, float $humidityPercent): bool
    {
        return $temperatureC >= self::COLDEST_C &&
            $temperatureC <= self::HOTTEST_C &&
            $humidityPercent >= self::DRIEST &&
            $humidityPercent <= self::DAMPEST;
    }

    /** What the tables hold for. */
    public static function reference(): self
    {
        return new self(20.0, 50.0, false);
    }

    /** The same air warmed up in a cabinet: it holds as much water as before, and is drier for it; at least 10 %. */
    public function warmedTo(float $temperatureC): self
    {
        $humidity =
            ($this->humidityPercent * self::saturation($this->temperatureC)) / self::saturation($temperatureC);

        return self::at($temperatureC, max(self::DRIEST, min(self::DAMPEST, $humidity)), true);
    }

    /** Vapour-pressure deficit in Pa: what the air could still take up. */
    public function deficit(): float
    {
        return self::saturation($this->temperatureC) * (1 - $this->humidityPercent / 100);
    }

    /**
     * Saturation vapour pressure of water in Pa: the Magnus form of Alduchov and Eskridge, Journal of Applied
     * Meteorology 35 (1996) 601–609.
     */
    private static function saturation(float $temperatureC): float
    {
        return 610.94 * exp((17.625 * $temperatureC) / ($temperatureC + 243.04));
    }
}
