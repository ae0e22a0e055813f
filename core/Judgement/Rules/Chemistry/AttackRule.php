<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Remedy;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Physics\Evaluation\Threat;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

/**
 * A liquid harms a film within its reach. The rules of this family share the table and the remedies, and divide the
 * cases among them by what a modeller would call the mistake.
 *
 * @internal to Ulvrach\Judgement\Rules\Chemistry
 */
abstract class AttackRule extends RuleBase
{
    /** Whether this rule is the one that speaks of this liquid on this film. */
    abstract protected function isMine(StepLiquid $liquid, Layer $layer): bool;

    public function concerns(Situation $situation): bool
    {
        return $situation->threatens;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $worst = null;
        foreach ($situation->threatsTo($below) as $threat) {
            if (
                ($threat->harm === Harm::Slight || $threat->harm->value >= Harm::MayFail->value) &&
                // Meant to go into it, and too late: that is said in those words.
                ! $situation->work->isMeantFor($threat->layer) &&
                $this->isMine($threat->liquid, $threat->layer) &&
                $this->speaksOf($threat)
            ) {
                $worst = $worst === null || $threat->harm->value > $worst->harm->value ? $threat : $worst;
            }
        }

        if ($worst === null) {
            return null;
        }
        $finding = $this->finding(
            match ($worst->harm) {
                Harm::WillFail => Severity::Stop,
                Harm::MayFail, Harm::Unknown => Severity::Risk,
                Harm::Slight, Harm::None => Severity::Note,
            },
            $situation,
            $this->sentence($worst),
            [
                'layer' => $worst->layer->stepId,
                'carrier' => $worst->liquid->liquid->carrier->value,
                'cleanUp' => $worst->liquid->isCleanUp ? 1 : 0,
                'tried' => $worst->combination()->written(),
            ],
        );

        return $this->isCertain($worst) ? $finding->asCertain() : $finding;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $step = $bench->step($finding->stepId);
        $kind = $bench->walk->layers[$bench->indexOf($finding->stepId)]?->kind;
        $sheen = $kind?->isAny(Nature::Filter, Nature::Pigment) === true ? Sheen::Satin : Sheen::Gloss;
        $candidates = [
            $bench->clearCoatBefore($finding->stepId, $sheen, $finding->zones),
            $bench->waitUntilReady($finding->stepId),
        ];
        if ($finding->facts['cleanUp'] === 1) {
            $candidates[] = $bench->cleanUpWith($finding->stepId, Carrier::OdourlessSpirit, false);
            $candidates[] = $bench->cleanUpWith($finding->stepId, Carrier::Water, false);
        } elseif ($step->thinner !== null) {
            $candidates[] = $bench->withoutThinner($finding->stepId);
        } else {
            $candidates[] = $bench->thinnedWith($finding->stepId, Carrier::OdourlessSpirit);
        }
        $candidates[] = $bench->moveBefore($finding->stepId, (string) $finding->facts['layer']);
        $candidates[] = $bench->leaveOut($finding->stepId, $finding->zones);

        return array_values(array_filter($candidates, static fn (?Remedy $remedy) => $remedy !== null));
    }

    /** Whether no trial could show otherwise. */
    protected function isCertain(Threat $threat): bool
    {
        return false;
    }

    protected function speaksOf(Threat $threat): bool
    {
        return true;
    }

    private function sentence(Threat $threat): string
    {
        $liquid = $threat->liquid->liquid;
        $carrier = ucfirst($liquid->carrier->label());
        $how = $threat->liquid->isCleanUp
            ? "{$carrier}, {$liquid->contact->verb()} in the clean-up,"
            : "{$carrier}, {$liquid->contact->verb()} on,";
        $number = $threat->layer->stepIndex + 1;
        $film = "the {$threat->state->label()} {$threat->layer->film->label()} of step {$number}";

        return match ($threat->harm) {
            Harm::WillFail => "{$how} will lift or dissolve {$film}.",
            Harm::MayFail, Harm::Unknown => "{$how} may soften and mark {$film}.",
            Harm::Slight, Harm::None => "{$how} moves {$film} a little: go gently.",
        };
    }
}
