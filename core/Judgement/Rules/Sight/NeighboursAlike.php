<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Technique\Nature;

final class NeighboursAlike extends RuleBase
{
    public const CODE = 'neighbours-alike';

    public const TITLE = 'Neighbouring panels look alike';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Panels are tinted one by one so that they differ; two that meet along an edge and have '
        .'the same tint read as one.';

    protected const WATCHES = [Nature::Filter, Nature::Blend];

    /** CIEDE2000 below which two tints side by side look the same; docs/sources.md, "seen side by side". */
    private const ALIKE = 2.0;

    public function concerns(Situation $situation): bool
    {
        return ($situation->step->extent->panels ?? []) !== [];
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($situation->plan->zones as $zone) {
            foreach ($situation->step->covers($zone->id) ? $zone->panels : [] as $panel) {
                $other = $this->isTinted($panel, $situation->step)
                    ? $this->alikeNextTo($panel, $zone, $situation)
                    : null;
                if ($other !== null) {
                    return $this->finding(
                        Severity::Note,
                        $situation,
                        "{$panel->name} and {$other->name} of {$zone->name} meet and get the same tint.",
                    );
                }
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [];
    }

    /** A neighbour with the same tint, by this step or by one before it; null: there is none. */
    private function alikeNextTo(Panel $panel, Zone $zone, Situation $situation): ?Panel
    {
        $steps = array_slice($situation->plan->steps, 0, $situation->index + 1);
        foreach ($zone->panels as $other) {
            foreach ($other !== $panel && $panel->adjoins($other) ? $steps : [] as $step) {
                if ($this->isTinted($other, $step) && $this->isSameTint($step, $situation)) {
                    return $other;
                }
            }
        }

        return null;
    }

    private function isTinted(Panel $panel, Step $step): bool
    {
        return in_array($panel->id, $step->extent->panels ?? [], true);
    }

    private function isSameTint(Step $step, Situation $situation): bool
    {
        $here = $situation->product?->material->colour;
        $there = $situation->plan->productOf($step)?->material->colour;

        return $step->technique === $situation->step->technique &&
            $here !== null &&
            $there !== null &&
            $here->differenceTo($there) < self::ALIKE;
    }
}
