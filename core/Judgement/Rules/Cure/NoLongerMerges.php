<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Technique\Nature;

final class NoLongerMerges extends RuleBase
{
    public const CODE = 'no-longer-merges';

    public const TITLE = 'It no longer merges';

    public const EXPLANATION = 'More of the same goes into it while it is open; once it has set, and before it bears a '
        .'coat, the next pass drags it.';

    protected const WATCHES = [
        Nature::Wash,
        Nature::Blend,
        Nature::Streak,
        Nature::Mud,
        Nature::Filter,
        Nature::Pigment,
        Nature::Chips,
        Nature::Metal,
        Nature::Gloss,
        Nature::Sculpt,
        Nature::Colour,
        Nature::Shade,
        Nature::Detail,
    ];

    public function concerns(Situation $situation): bool
    {
        return $situation->kind->is(Nature::WorkedWet) || $situation->step->merge !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        foreach ($below->exposed() as $layer) {
            if ($situation->work->isMeantFor($layer) && ! $layer->takes($situation->work, $situation->start)) {
                return $this->hasSet($layer, $situation, $below);
            }
            if ($this->hasJustSet($layer, $situation)) {
                $number = $layer->stepIndex + 1;
                $late = Minutes::inWords($situation->start - (int) $layer->openUntil);

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    "It no longer merges with step {$number}, which set {$late} before and does not bear a brush yet.",
                    ['layer' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->inOneSitting($finding->stepId, (string) $finding->facts['layer'], 0),
            $bench->waitUntilReady($finding->stepId),
        ];
    }

    /** It was meant to go into it, and can no longer; once that bears a coat, it merely lies on top. */
    private function hasSet(Layer $layer, Situation $situation, Strata $below): Finding
    {
        $number = $layer->stepIndex + 1;
        $late = Minutes::inWords($situation->start - (int) $layer->openUntil);
        $bears = $situation->start >= $layer->soonest[1];
        $harm = $this->harmTo($layer, $situation, $below);

        return $this->finding(
            match (true) {
                $harm === Harm::WillFail => Severity::Stop,
                $harm === Harm::MayFail, ! $bears => Severity::Risk,
                default => Severity::Note,
            },
            $situation,
            "It no longer merges with step {$number}, which set {$late} before".match (true) {
                $harm->value >= Harm::MayFail->value && $harm !== Harm::Unknown => ': it drags it along.',
                ! $bears => ' and does not bear a brush yet.',
                default => ': it lies on top of it.',
            },
            ['layer' => $layer->stepId],
        );
    }

    /** The worst that its liquids do to the film that has set. */
    private function harmTo(Layer $layer, Situation $situation, Strata $below): Harm
    {
        $worst = Harm::None;
        foreach ($situation->threatsTo($below) as $threat) {
            if ($threat->layer === $layer && $threat->harm->value > $worst->value) {
                $worst = $threat->harm;
            }
        }

        return $worst;
    }

    private function hasJustSet(Layer $layer, Situation $situation): bool
    {
        return $situation->step->merge === null &&
            $situation->work->goesInto($layer) &&
            ! $situation->mergesInto($layer) &&
            ! $layer->takes($situation->work, $situation->start) &&
            ! $layer->behavesAs->oxidises() &&
            ! $situation->work->load->contact()->isSprayed() &&
            $situation->start < $layer->soonest[1];
    }
}
