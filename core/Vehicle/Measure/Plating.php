<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle\Measure;

use Ulvrach\Vehicle\Mesh;

/**
 * Which faces of a vehicle form plates. A plate keeps its code while measures change, as long as the vehicle has it:
 * the code is made of its part and side, and of its rank by size where there are several.
 */
final readonly class Plating
{
    /** Faces that turn less than this are one plate: the cosine of ten degrees. */
    private const FLAT = 0.985;

    /** m²: smaller faces are details of what they are on. */
    private const LEAST = 0.06;

    /**
     * @param  list<array{code: string, name: string, zone: string}>  $plates  the largest first
     * @param  array<int, int>  $plateOf  by face: its place in that list; faces of no plate are left out
     */
    private function __construct(public array $plates, public array $plateOf)
    {
    }

    public static function of(Mesh $mesh, Surface $surface): self
    {
        $head = range(0, max(0, $mesh->size() - 1));
        $find = static function (int $face) use (&$head): int {
            while ($head[$face] !== $face) {
                $face = $head[$face] = $head[$head[$face]];
            }

            return $face;
        };
        foreach ($surface->seams as [$one, $other]) {
            if ($surface->turn($one, $other) > self::FLAT && $mesh->zones[$one] === $mesh->zones[$other]) {
                $head[$find($one)] = $find($other);
            }
        }
        $areas = [];
        foreach ($surface->areas as $face => $area) {
            $areas[$find($face)] = ($areas[$find($face)] ?? 0.0) + $area / 1e6;
        }
        $areas = array_filter($areas, static fn (float $area) => $area >= self::LEAST);
        arsort($areas);
        $plates = $places = $ranks = [];
        foreach (array_keys($areas) as $face) {
            $name = "{$mesh->parts[$mesh->solids[$face]]->name}, {$surface->side($face)}";
            $zone = $mesh->zones[$face]->value;
            $code = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower("{$zone} {$name}")), '-');
            $rank = $ranks[$code] = ($ranks[$code] ?? 0) + 1;
            $places[$face] = count($plates);
            $plates[] = ['code' => $rank === 1 ? $code : "{$code}-{$rank}", 'name' => $name, 'zone' => $zone];
        }
        $plateOf = [];
        foreach (array_keys($mesh->zones) as $face) {
            $place = $places[$find($face)] ?? null;
            if ($place !== null) {
                $plateOf[$face] = $place;
            }
        }

        return new self($plates, $plateOf);
    }
}
