<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Colour\Lab;
use Ulvrach\Plan\Plan;
use Ulvrach\Rules\EndRule;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\PlanRule;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;

final class EarthTonesDiffer extends EndRule implements PlanRule
{
    public const CODE = 'earth-tones-differ';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'All the dust and mud on a vehicle comes from one ground; two earths on one vehicle do not belong together.';

    /** Degrees of hue in L*a*b*: dry and wet tones of one earth lie closer together. */
    private const ANOTHER_EARTH = 30.0;

    public function overall(Plan $plan, array $strata): array
    {
        $seen = [];
        foreach ($strata as $zone) {
            foreach ($zone->layers as $layer) {
                if ($layer->technique->role->isEarth() && $layer->product->colour !== null) {
                    $seen[] = [$layer, $zone];
                }
            }
        }
        $findings = [];
        foreach ($seen as [$layer, $zone]) {
            foreach ($seen as [$other]) {
                $hue = abs(Lab::fromHex($layer->product->colour ?? '#000000')->hue() - Lab::fromHex($other->product->colour ?? '#000000')->hue());
                if ($other->stepIndex < $layer->stepIndex && min($hue, 360 - $hue) > self::ANOTHER_EARTH) {
                    $number = $other->stepIndex + 1;
                    $findings[] = [$this->findingOn(Severity::Note, $layer->stepId, $zone, "This earth has another hue than that of step {$number}.", ['other' => $other->product->id]), $zone];

                    continue 2;
                }
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $product = $bench->plan->products[(string) $finding->facts['other']];

        return array_values(array_filter([
            $bench->withProduct($finding->stepId, $product),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ]));
    }
}
