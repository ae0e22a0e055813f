<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAround;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Material\Fitting;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

final class StreakWithoutSource extends RuleBase implements LooksAround, LooksAtZone
{
    public const CODE = 'streak-without-source';

    public const TITLE = 'The streak has no source';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A rust streak runs down from bare metal: where nothing is chipped or rusted above it, '
        .'nobody believes it.';

    protected const WATCHES = [Nature::Streak];

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->needsSource;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($below->isChipped() || $this->isRusted($below) || Fitting::isNamed($situation, $below)) {
            return null;
        }

        return $this->comesLater($situation, $below)
            ? $this->finding(
                Severity::Note,
                $situation,
                'The streaks come before the chips or the rust that they start from.',
            )
            : $this->finding(
                Severity::Risk,
                $situation,
                'The streaks start at nothing: there are no chips and no rust above them.',
            );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId),
                'brush-chips',
                $finding->zones,
                'Paint chips first',
                $bench->needSeenOn('brush-chips', $finding->zones, $bench->indexOf($finding->stepId)),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /** Whether chips or rust follow on any of its zones. */
    private function comesLater(Situation $situation, Strata $below): bool
    {
        foreach (array_slice($situation->plan->steps, $situation->index + 1) as $step) {
            $technique = TechniqueLibrary::get($step->technique);
            $isSource =
                $technique->kind->is(Nature::Wear) ||
                ($technique->depictsRust && ! $technique->kind->is(Nature::Streak));
            if ($isSource && $step->covers($below->zone()->id)) {
                return true;
            }
        }

        return false;
    }

    private function isRusted(Strata $below): bool
    {
        foreach ($below->layers as $layer) {
            if ($layer->technique->depictsRust && ! $layer->kind->is(Nature::Streak)) {
                return true;
            }
        }

        return false;
    }
}
