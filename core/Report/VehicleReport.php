<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Line;
use Ulvrach\Vehicle\Measure\EdgeMeasure;
use Ulvrach\Vehicle\Measure\Measurement;
use Ulvrach\Vehicle\Measure\Plate;
use Ulvrach\Vehicle\Measure\Plating;
use Ulvrach\Vehicle\Measure\Surface;
use Ulvrach\Vehicle\Mesh;
use Ulvrach\Vehicle\Parameter;
use Ulvrach\Vehicle\Part;
use Ulvrach\Vehicle\Rivet;

/** The shape of a vehicle and what was measured on it, as plain data. */
final class VehicleReport
{
    /** Places are sent in halves of a millimetre, so that sixteen bits reach over sixteen metres each way. */
    public const PER_MM = 2;

    /** What stands for a face that is part of no plate. */
    public const NO_PLATE = 0xFFFF;

    /** Numbers that are packed at a time: a call takes them as its arguments. */
    private const AT_A_TIME = 4_096;

    /**
     * Lists of numbers are packed, the lowest byte first, and written in base 64: points, triangles, parts, plates and
     * lines in sixteen bits, zones and smoothness in eight, rivets (place, normal, radius) as 32-bit floats.
     *
     * @return array<string, mixed>
     */
    public static function of(Mesh $mesh): array
    {
        $zones = array_values(array_unique(array_map(static fn (ZoneKind $zone) => $zone->value, $mesh->zones)));
        $places = array_flip($zones);
        $plating = Plating::of($mesh, new Surface($mesh));

        return [
            'zones' => $zones,
            'parts' => array_map(
                static fn (Part $part) => ['name' => $part->name, 'assembly' => $part->assembly],
                $mesh->parts,
            ),
            'points' => self::packed('v', self::halves($mesh->points)),
            'triangles' => self::packed('v', $mesh->triangles),
            'zoneOf' => self::packed('C', array_map(static fn (ZoneKind $zone) => $places[$zone->value], $mesh->zones)),
            'partOf' => self::packed('v', $mesh->solids),
            'smoothness' => self::packed('C', $mesh->smoothness),
            'plates' => array_column($plating->plates, 'code'),
            'plateOf' => self::packed(
                'v',
                array_map(
                    static fn (int $face) => $plating->plateOf[$face] ?? self::NO_PLATE,
                    array_keys($mesh->zones),
                ),
            ),
            'lines' => array_map(
                static fn (Line $line) => [
                    'stroke' => $line->stroke->value,
                    'points' => self::packed('v', self::halves(array_merge(...$line->points))),
                ],
                $mesh->lines,
            ),
            'rivets' => self::packed(
                'g',
                array_merge(
                    ...array_map(
                        static fn (Rivet $rivet) => [...$rivet->at, ...$rivet->normal, $rivet->radius],
                        $mesh->rivets,
                    ),
                ),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function parameter(Parameter $parameter): array
    {
        return [
            'code' => $parameter->code,
            'label' => $parameter->label,
            'unit' => $parameter->unit,
            'least' => $parameter->least,
            'usual' => $parameter->usual,
            'greatest' => $parameter->greatest,
        ];
    }

    /** @return array<string, mixed> areas in m² of the real thing and cm² of the model */
    public static function measured(
        VehicleKind $kind,
        Form $form,
        int $scale,
        Mesh $mesh,
        Measurement $measured,
    ): array {
        [$least, $greatest] = $mesh->bounds();
        $onModel = static fn (float $m2) => round($m2 * 10_000.0 / $scale ** 2, 2);
        $zones = [];
        foreach ($measured->zones as $zone => $measure) {
            $assemblies = [];
            foreach ($measured->assemblies as $assembly => $areas) {
                if (isset($areas[$zone])) {
                    $assemblies[] = [
                        'name' => $assembly,
                        'areaM2' => round($areas[$zone], 4),
                        'areaCm2' => $onModel($areas[$zone]),
                    ];
                }
            }
            $neighbours = [];
            foreach ($measured->neighbours[$zone] ?? [] as $other => $metres) {
                $neighbours[] = ['zone' => $other, 'metres' => round($metres, 2)];
            }
            $zones[] = [
                'zone' => $zone,
                'areaM2' => round($measure->area, 4),
                'areaCm2' => $onModel($measure->area),
                'paintableM2' => round($measured->paintable($zone), 4),
                'paintableCm2' => $onModel($measured->paintable($zone)),
                'assemblies' => $assemblies,
                'lowestMm' => round($measure->lowest, 1),
                'highestMm' => round($measure->highest, 1),
                'meanMm' => round($measure->mean, 1),
                'upward' => round($measure->upward, 4),
                'upright' => round($measure->upright(), 4),
                'overhung' => round($measure->overhung, 4),
                'edges' => self::edges($measured->edges[$zone] ?? null),
                // Where dust lies, and where mud is flung: what looks up, and what is low.
                'dustM2' => round($measure->area * $measure->upward, 4),
                'mudM2' => round($measure->low, 4),
                'neighbours' => $neighbours,
            ];
        }

        return [
            'kind' => $kind->value,
            'scale' => $scale,
            'form' => $form->values(),
            'lengthMm' => round($greatest[0] - $least[0], 1),
            'heightMm' => round($greatest[1] - $least[1], 1),
            'widthMm' => round($greatest[2] - $least[2], 1),
            'zones' => $zones,
            'plates' => array_map(
                static fn (Plate $plate) => [
                    ...self::plate($plate),
                    'areaCm2' => $onModel($plate->area),
                ],
                $measured->plates,
            ),
        ];
    }

    /** @return array<string, mixed> neighbours by their places in the list of plates */
    public static function plate(Plate $plate): array
    {
        return [
            'code' => $plate->code,
            'name' => $plate->name,
            'zone' => $plate->zone,
            'areaM2' => round($plate->area, 4),
            'neighbours' => array_map(
                static fn (int $other, float $metres) => ['plate' => $other, 'metres' => round($metres, 2)],
                array_keys($plate->neighbours),
                array_values($plate->neighbours),
            ),
        ];
    }

    /** @return array<string, float> metres */
    private static function edges(?EdgeMeasure $edges): array
    {
        return [
            'allM' => round($edges->all ?? 0.0, 2),
            'troddenM' => round($edges->trodden ?? 0.0, 2),
            'handledM' => round($edges->handled ?? 0.0, 2),
            'brushedM' => round($edges->brushed ?? 0.0, 2),
        ];
    }

    /**
     * @param  list<float>  $millimetres
     * @return list<int>
     */
    private static function halves(array $millimetres): array
    {
        return array_map(static fn (float $mm) => (int) round(self::PER_MM * $mm) & 0xFFFF, $millimetres);
    }

    /** @param  list<int|float>  $numbers */
    private static function packed(string $as, array $numbers): string
    {
        $bytes = '';
        foreach (array_chunk($numbers, self::AT_A_TIME) as $some) {
            $bytes .= pack("{$as}*", ...$some);
        }

        return base64_encode($bytes);
    }
}
