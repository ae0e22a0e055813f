<?php

declare(strict_types=1);

namespace Tests\Core\Vehicle;

use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Measure\Measurement;
use Ulvrach\Vehicle\Measure\Measurer;

/** Vehicles as they usually are, each measured once for all tests: that takes two seconds. */
final class Usual
{
    /** @var array<string, Measurement> */
    private static array $known = [];

    /** @param  array<string, int>  $form  what is not usual about it */
    public static function of(VehicleKind $kind, array $form = []): Measurement
    {
        return self::$known[$kind->value.json_encode($form)] ??=
            Measurer::measure(Catalogue::build($kind, Catalogue::formOf($kind, $form)));
    }
}
