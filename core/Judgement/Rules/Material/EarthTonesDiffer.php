<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;

final class EarthTonesDiffer extends EndRule implements PlanRule
{
    public const CODE = 'earth-tones-differ';

    public const TITLE = 'The earth tones differ';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'All the dust and mud on a vehicle comes from one ground; two earths on one vehicle do '
        .'not belong together.';

    /** CIEDE2000 at one lightness: dry and wet tones of one earth differ in lightness alone. */
    private const ANOTHER_EARTH = 11.0;

    public function overall(Plan $plan, array $strata): array
    {
        $findings = [];
        /** @var array<string, Layer> $earths the first layer of each product */
        $earths = [];
        foreach ($this->earthLayers($strata) as [$layer, $zone]) {
            foreach ($earths as $other) {
                if ($other->product->id !== $layer->product->id && $this->differ($layer, $other)) {
                    $number = $other->stepIndex + 1;
                    $findings[] = [
                        $this->findingOn(
                            Severity::Note,
                            $layer->stepId,
                            "This earth has another hue than that of step {$number}.",
                            ['other' => $other->product->id],
                        ),
                        $zone,
                    ];
                    break;
                }
            }
            $earths[$layer->product->id] ??= $layer;
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $product = $bench->plan->products[(string) $finding->facts['other']];

        return [
            $bench->withProduct($finding->stepId, $product),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /**
     * @param  list<Strata>  $strata
     * @return list<array{Layer, Strata}> in the order of work
     */
    private function earthLayers(array $strata): array
    {
        $seen = [];
        foreach ($strata as $zone) {
            foreach ($zone->layers as $layer) {
                if ($layer->technique->role->isEarth() && $layer->product->material->colour !== null) {
                    $seen[] = [$layer, $zone];
                }
            }
        }
        usort($seen, static fn (array $a, array $b) => $a[0]->stepIndex <=> $b[0]->stepIndex);

        return $seen;
    }

    private function differ(Layer $one, Layer $other): bool
    {
        $a = $one->product->material->colour;
        $b = $other->product->material->colour;

        return $a !== null && $b !== null && $a->withLightness(50.0)->differenceTo($b->withLightness(50.0)) >
            self::ANOTHER_EARTH;
    }
}
