<?php

declare(strict_types=1);

namespace App\Vehicles;

use Ulvrach\Plan\Build;
use Ulvrach\Plan\Edit\PutZone;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Zone;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\ZoneTemplates;

/** What the areas of a plan's zones become when its vehicle gets other measures, another kind or another scale. */
final readonly class Remeasured
{
    /** Share by which an area has to change so that anybody is asked. */
    private const NOTICED = 0.01;

    public function __construct(private Measurements $measurements)
    {
    }

    /**
     * As much larger or smaller as the zones of that kind are on the vehicle; somebody's own zones of a kind that the
     * vehicle has not follow the scale alone.
     *
     * @param  Build  $build  as it is to be
     * @return list<PutZone>
     */
    public function edits(Plan $plan, Build $build): array
    {
        [$was, $is] = [$this->areas($plan->build), $this->areas($build)];
        $edits = [];
        foreach ($plan->zones as $zone) {
            $kind = $zone->kind->value;
            $factor = isset($was[$kind], $is[$kind])
                ? $is[$kind] / $was[$kind]
                : ($plan->build->scale / $build->scale) ** 2;
            if (abs($factor - 1.0) >= self::NOTICED) {
                $edits[] = new PutZone(self::sized($zone, max(0.1, round($factor * $zone->areaCm2, 1))));
            }
        }

        return $edits;
    }

    /** @return array<string, float> cm² by kind of zone */
    private function areas(Build $build): array
    {
        $form = Catalogue::formOf($build->kind, $build->form ?? []);
        $areas = [];
        $measured = $this->measurements->of($build->kind, $form);
        foreach (ZoneTemplates::for($build->kind, $build->scale, $measured) as $zone) {
            $areas[$zone->kind->value] = $zone->areaCm2;
        }

        return $areas;
    }

    private static function sized(Zone $zone, float $areaCm2): Zone
    {
        return $zone->with(areaCm2: $areaCm2);
    }
}
