<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\Nature;

final class MaterialNotToldApart extends EndRule implements PlanRule
{
    public const CODE = 'material-not-told-apart';

    public const TITLE = 'The material is not told apart';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Rubber, wood and canvas left in the colour of the metal disappear into it.';

    /** CIEDE2000 from the usual colour of a material within which it is taken for that material: no wood for canvas. */
    private const ITS_OWN = 12.0;

    public function overall(Plan $plan, array $strata): array
    {
        $metal = [];
        foreach ($strata as $zone) {
            if ($zone->zone()->depicts->rusts() && ($paint = $zone->paint()) !== null) {
                $metal[$paint->product->id] = true;
            }
        }
        $findings = [];
        foreach ($strata as $zone) {
            $paint = $zone->paint();
            $soft = in_array(
                $zone->zone()->depicts,
                [DepictedMaterial::Rubber, DepictedMaterial::Wood, DepictedMaterial::Canvas],
                true,
            );
            if (
                $soft &&
                $paint !== null &&
                isset($metal[$paint->product->id]) &&
                $paint->kind->is(Nature::Colour)
            ) {
                $findings[] = [
                    $this->findingOn(
                        Severity::Note,
                        $paint->stepId,
                        ucfirst("{$zone->zone()->depicts->label()} keeps the colour of the metal around it."),
                    ),
                    $zone,
                ];
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $depicts = $bench->plan->zones[$finding->zones[0]]->depicts;
        $technique = match ($depicts) {
            DepictedMaterial::Rubber => 'paint-rubber',
            DepictedMaterial::Wood => 'paint-wood',
            DepictedMaterial::Steel,
            DepictedMaterial::CastSteel,
            DepictedMaterial::Aluminium,
            DepictedMaterial::Canvas,
            DepictedMaterial::Glass,
            DepictedMaterial::Fibreglass => 'paint-canvas',
        };

        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                $technique,
                $finding->zones,
                'Paint it in a colour of its own',
                // Not in another paint of the vehicle either: of two camouflage colours it would be the second.
                $bench->need($technique)->within(self::ITS_OWN)->apartFrom($bench->metalColours(), Workbench::SEEN),
            ),
        ];
    }
}
