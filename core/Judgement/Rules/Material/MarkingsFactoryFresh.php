<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class MarkingsFactoryFresh extends EndRule implements JourneyRule
{
    public const CODE = 'markings-factory-fresh';

    public const TITLE = 'The markings look factory fresh';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Markings wear and fade with the paint they are on; left white they look stuck on.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $decal = $zone->lastStepOf(Nature::Decal);
        $weathering = count(
            array_filter($zone->layers, static fn (Layer $layer) => $layer->kind->is(Nature::Weathering)),
        );
        $after = array_filter(
            $zone->layers,
            static fn (Layer $layer) => $layer->stepIndex > $decal &&
                ($layer->kind->is(Nature::Weathering) || $layer->technique->role === ColourRole::Dust),
        );

        return $decal >= 0 && $weathering >= 2 && $after === []
            ? $this->findingOn(Severity::Note, $plan->steps[$decal]->id, 'Nothing weathers the markings.')
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                count($bench->plan->steps),
                'dust-mist',
                $finding->zones,
                'Veil them with a little dust',
            ),
        ];
    }
}
