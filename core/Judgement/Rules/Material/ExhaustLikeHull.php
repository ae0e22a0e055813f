<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Technique\Nature;

final class ExhaustLikeHull extends EndRule implements JourneyRule, LooksAtZone
{
    public const CODE = 'exhaust-like-hull';

    public const TITLE = 'The exhaust looks like the hull';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'An exhaust burns its paint off: heat, rust and soot tell it apart from the hull.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        if ($zone->zone()->kind !== ZoneKind::Exhaust || ! $zone->has(Nature::Colour)) {
            return null;
        }
        foreach ($zone->layers as $layer) {
            if ($layer->technique->depictsRust || str_starts_with($layer->technique->code, 'exhaust-')) {
                return null;
            }
        }

        return $this->findingOn(
            Severity::Note,
            $plan->steps[(int) $zone->lastStep()]->id,
            'The exhaust is finished like the hull.',
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId) + 1,
                'rust-pigment',
                $finding->zones,
                'Rust it with pigment',
            ),
        ];
    }
}
