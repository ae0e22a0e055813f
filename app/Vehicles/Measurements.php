<?php

declare(strict_types=1);

namespace App\Vehicles;

use Illuminate\Contracts\Cache\Repository;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Measure\EdgeMeasure;
use Ulvrach\Vehicle\Measure\Measurement;
use Ulvrach\Vehicle\Measure\Measurer;
use Ulvrach\Vehicle\Measure\Plate;
use Ulvrach\Vehicle\Measure\ZoneMeasure;

/** Measures vehicles once: what was found is kept under the shape itself, so that a changed design is measured anew. */
final readonly class Measurements
{
    /** Changed when more is measured: what was kept before lacks it. */
    private const EDITION = 'measured 3 ';

    public function __construct(private Repository $kept)
    {
    }

    public function of(VehicleKind $kind, Form $form): Measurement
    {
        $mesh = Catalogue::build($kind, $form);
        $key = self::EDITION.sha1(serialize([$mesh->points, $mesh->triangles, $mesh->zones, $mesh->solids]));
        $known = $this->kept->get($key);
        if (is_string($known)) {
            $measured = unserialize(
                $known,
                ['allowed_classes' => [Measurement::class, ZoneMeasure::class, EdgeMeasure::class, Plate::class]],
            );
            if ($measured instanceof Measurement) {
                return $measured;
            }
        }
        $measured = Measurer::measure($mesh);
        $this->kept->forever($key, serialize($measured));

        return $measured;
    }
}
