<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Rules\FaultLook;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\ProvedRemedy;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Rule;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\FollowUp;
use Ulvrach\Physics\Evaluation\Hold;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\Log\Contradiction;
use Ulvrach\Quantity\Moment;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Material\ProductShelf;

/** An evaluation as plain data, for screens and for the command line. All times are minutes on the plan's clock. */
final class VerdictReport
{
    /** @return array<string, mixed> */
    public static function of(Verdict $verdict): array
    {
        $walk = $verdict->walk;

        return [
            'summary' => self::summary($verdict),
            'clockZero' => $walk->clockZero === null ? null : Moment::write($walk->clockZero),
            'findings' => array_map(self::finding(...), $verdict->findings),
            'steps' => array_map(
                static fn (int $index) => self::step($walk, $index),
                array_keys($walk->plan->steps),
            ),
            'zones' => array_map(
                static fn (string $id, Strata $strata) => self::zone($id, $strata),
                array_keys($walk->strata),
                array_values($walk->strata),
            ),
            'sittings' => SittingReport::ofPlan($walk),
            'finish' => FinishReport::of($walk, $verdict->forecast),
            'contradictions' => array_map(
                static fn (Contradiction $contradiction) => [
                    'step' => $contradiction->stepId,
                    'says' => $contradiction->says,
                ],
                $walk->log->isEmpty() ? [] : Contradiction::between($walk->plan, $walk->log),
            ),
        ];
    }

    /** @return array{stops: int, risks: int, notes: int, accepted: int, lastsMinutes: int} */
    public static function summary(Verdict $verdict): array
    {
        return [
            'stops' => $verdict->count(Severity::Stop),
            'risks' => $verdict->count(Severity::Risk),
            'notes' => $verdict->count(Severity::Note),
            'accepted' => count(
                array_filter($verdict->findings, static fn (Finding $finding) => ! $finding->isOpen()),
            ),
            'lastsMinutes' => $verdict->walk->lasts(),
        ];
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return [
            'key' => $finding->key(),
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'step' => $finding->stepId,
            'zones' => $finding->zones,
            'happens' => $finding->happens,
            'why' => $finding->why,
            'isCertain' => $finding->isCertain,
            'title' => self::ruleOf($finding)->title(),
            'kind' => self::ruleOf($finding)->kind()->value,
            'hasPicture' => FaultLook::of($finding->code) !== null,
            'accepted' => $finding->accepted === null
                ? null
                : [
                    'reason' => $finding->accepted->reason,
                    'trial' => LogCodec::writeTrial($finding->accepted->trial),
                ],
        ];
    }

    private static function ruleOf(Finding $finding): Rule
    {
        return RuleBook::ofAll()->rules[$finding->code];
    }

    /** @return list<array<string, mixed>> */
    public static function remedies(
        Finding $finding,
        Verdict $verdict,
        RemedyAdvisor $advisor,
        ?ProductShelf $own = null,
    ): array {
        return array_map(self::remedy(...), $advisor->for($finding, $verdict, $own));
    }

    /**
     * @return array{
     *   label: string,
     *   clears: int,
     *   brings: int,
     *   brought: list<string>,
     *   delayMinutes: int,
     *   workMinutes: int,
     *   edits: list<array<string, mixed>>,
     * }
     */
    public static function remedy(ProvedRemedy $proved): array
    {
        return [
            'label' => $proved->remedy->label,
            'clears' => $proved->clears,
            'brings' => $proved->brings,
            'brought' => $proved->brought,
            'delayMinutes' => $proved->delayMinutes,
            'workMinutes' => $proved->workMinutes,
            'edits' => EditCodec::write($proved->remedy->edits),
        ];
    }

    /**
     * One row for each layer on each zone.
     *
     * @return list<array{step: string, zone: string, touchDry: int, recoatable: int, solventProof: int|null}>
     */
    public static function cureTimes(Walk $walk): array
    {
        $rows = [];
        foreach ($walk->plan->steps as $index => $step) {
            $layer = $walk->layers[$index];
            if ($layer === null) {
                continue;
            }
            foreach ($step->zones as $zone) {
                $rows[] = [
                    'step' => $step->id,
                    'zone' => $zone,
                    'touchDry' => $layer->touchDryAt,
                    'recoatable' => $layer->recoatableAt,
                    'solventProof' => $layer->solventProofAt,
                ];
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function step(Walk $walk, int $index): array
    {
        $times = $walk->times[$index];
        $layer = $walk->layers[$index];
        $doneAt = $walk->doneAt($index);

        return [
            'id' => $walk->plan->steps[$index]->id,
            'done' => $doneAt === null ? null : Moment::write($doneAt),
            'ready' => $times->ready,
            'planned' => $times->planned,
            'start' => $times->start,
            'end' => $times->end,
            'handsOn' => $times->handsOn,
            'closes' => $times->closes,
            'heldBy' => $times->hold === null ? null : self::hold($times->hold),
            'windows' => array_map(
                static fn (FollowUp $window) => [
                    'kind' => $window->kind,
                    'action' => $window->action,
                    'soonest' => $window->soonest,
                    'opens' => $window->opens,
                    'bestUntil' => $window->bestUntil,
                    'closes' => $window->closes,
                ],
                FollowUp::of($walk, $index),
            ),
            'layer' => $layer === null ? null : self::layer($layer),
            'into' => $walk->situations[$index]->mergedSteps(),
        ];
    }

    /** @return array<string, string|int|null> soonest and sure in minutes from the last stroke of what is waited for */
    private static function hold(Hold $hold): array
    {
        return [
            'step' => $hold->layer->stepId,
            'film' => $hold->layer->film->label(),
            'needs' => $hold->needs->label(),
            'carrier' => $hold->liquid?->liquid->carrier->label(),
            'soonest' => $hold->soonest - $hold->layer->laidAt,
            'sure' => $hold->sure - $hold->layer->laidAt,
        ];
    }

    /** @return array<string, mixed> */
    private static function layer(Layer $layer): array
    {
        return [
            'film' => $layer->film->label(),
            'kind' => $layer->kind->value,
            'sprayed' => $layer->load->contact()->isSprayed(),
            'coverage' => $layer->coverage->value,
            'sheen' => $layer->sheen?->value,
            'colour' => $layer->colour()?->toHex(),
            'laid' => $layer->laidAt,
            'touchDry' => $layer->touchDryAt,
            'recoatable' => $layer->recoatableAt,
            'solventProof' => $layer->reaches(CureState::SolventProof),
            'soonest' => [
                'touchDry' => $layer->soonest[0],
                'recoatable' => $layer->soonest[1],
                'solventProof' => $layer->soonest[2],
            ],
        ];
    }

    /** @return array<string, mixed> layers from the bare part upwards */
    private static function zone(string $id, Strata $strata): array
    {
        $exposed = array_map(static fn (Layer $layer) => $layer->stepIndex, $strata->exposed());
        $layers = [];
        foreach ($strata->layers as $place => $layer) {
            $layers[] = [
                'step' => $layer->stepId,
                'broken' => $strata->isBroken($place),
                'exposed' => in_array($layer->stepIndex, $exposed, true),
            ];
        }

        return ['id' => $id, 'sheen' => $strata->sheen()?->value, 'layers' => $layers];
    }
}
