<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Chemistry\CureState;
use Ulvrach\Evaluation\Evaluation;
use Ulvrach\Evaluation\FollowUp;
use Ulvrach\Evaluation\Hold;
use Ulvrach\Evaluation\Layer;
use Ulvrach\Evaluation\Strata;
use Ulvrach\PlanFile\EditCodec;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\ProvedRemedy;
use Ulvrach\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Rules\RuleBook;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;

/** An evaluation as plain data, for screens and for the command line. All times are minutes on the plan's clock. */
final class VerdictReport
{
    /** @return array<string, mixed> */
    public static function of(Evaluation $evaluation): array
    {
        return [
            'summary' => self::summary($evaluation),
            'clockZero' => $evaluation->clockZero === null ? null : TimetableReport::moment($evaluation->clockZero),
            'findings' => array_map(self::finding(...), $evaluation->findings),
            'steps' => self::steps($evaluation),
            'zones' => array_map(
                static fn (string $id, Strata $strata) => self::zone($id, $strata),
                array_keys($evaluation->strata),
                array_values($evaluation->strata),
            ),
        ];
    }

    /** @return array{stops: int, risks: int, notes: int, accepted: int, lastsMinutes: int} */
    public static function summary(Evaluation $evaluation): array
    {
        return [
            'stops' => $evaluation->count(Severity::Stop),
            'risks' => $evaluation->count(Severity::Risk),
            'notes' => $evaluation->count(Severity::Note),
            'accepted' => count(
                array_filter($evaluation->findings, static fn (Finding $finding) => ! $finding->isOpen()),
            ),
            'lastsMinutes' => $evaluation->lasts(),
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
            'kind' => self::kindOf($finding)->value,
            'accepted' => $finding->accepted === null ? null : PlanWriter::acceptance($finding->accepted),
        ];
    }

    private static function kindOf(Finding $finding): RuleKind
    {
        /** @var RuleBook|null $book */
        static $book = null;
        $book ??= new RuleBook();

        return $book->rules[$finding->code]->kind();
    }

    /** @return list<array<string, mixed>> */
    public static function remedies(Finding $finding, Evaluation $evaluation, RemedyAdvisor $advisor): array
    {
        return array_map(self::remedy(...), $advisor->for($finding, $evaluation));
    }

    /**
     * @return array{
     *   label: string,
     *   clears: int,
     *   brings: int,
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
    public static function cureTimes(Evaluation $evaluation): array
    {
        $rows = [];
        foreach ($evaluation->plan->steps as $index => $step) {
            $layer = $evaluation->layers[$index];
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

    /** @return list<array<string, mixed>> */
    private static function steps(Evaluation $evaluation): array
    {
        $rows = [];
        foreach ($evaluation->plan->steps as $index => $step) {
            $times = $evaluation->times[$index];
            $layer = $evaluation->layers[$index];
            $rows[] = [
                'id' => $step->id,
                'ready' => $times->ready,
                'start' => $times->start,
                'end' => $times->end,
                'handsOn' => $times->handsOn,
                'closes' => $times->closes,
                'heldBy' => $times->hold === null ? null : self::hold($times->hold),
                'windows' => array_map(
                    static fn (FollowUp $window) => [
                        'action' => $window->action,
                        'opens' => $window->opens,
                        'bestUntil' => $window->bestUntil,
                        'closes' => $window->closes,
                    ],
                    FollowUp::of($evaluation, $index),
                ),
                'layer' => $layer === null ? null : self::layer($layer),
            ];
        }

        return $rows;
    }

    /** @return array{step: string, film: string, needs: string, carrier: string|null} */
    private static function hold(Hold $hold): array
    {
        return [
            'step' => $hold->layer->stepId,
            'film' => $hold->layer->film->label(),
            'needs' => $hold->needs->label(),
            'carrier' => $hold->liquid?->liquid->carrier->label(),
        ];
    }

    /** @return array<string, mixed> */
    private static function layer(Layer $layer): array
    {
        return [
            'film' => $layer->film->label(),
            'coverage' => $layer->coverage->value,
            'sheen' => $layer->sheen?->value,
            'colour' => $layer->product->colour,
            'laid' => $layer->laidAt,
            'touchDry' => $layer->touchDryAt,
            'recoatable' => $layer->recoatableAt,
            'solventProof' => $layer->reaches(CureState::SolventProof),
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
