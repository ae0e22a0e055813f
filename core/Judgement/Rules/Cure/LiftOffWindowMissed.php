<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Technique\Nature;

final class LiftOffWindowMissed extends RuleBase
{
    public const CODE = 'lift-off-window-missed';

    public const TITLE = 'The time for lifting chips has passed';

    public const EXPLANATION = 'A chipping film takes its colour coat within a day, and water gets through that coat '
        .'for a few hours; then it only comes off in sheets, or not at all.';

    protected const WATCHES = [Nature::LiftOff, Nature::CoatOfPaint];

    /** Minutes within which the colour must go on; drying table, "chipping fluid". */
    private const COAT_WITHIN = Minutes::DAY;

    private const COAT_AT_THE_LATEST = 2 * Minutes::DAY;

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $film = $below->releaseFilm();
        if ($film === null) {
            return null;
        }

        return $situation->kind->is(Nature::LiftOff)
            ? $this->worked($situation, $below, $below->aboveRelease())
            : $this->coated($situation, $below, $film);
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $after = (string) $finding->facts['after'];
        $film = $bench->lastStepOfKindBefore($finding->stepId, [Nature::ReleaseFilm], $finding->zones[0]);
        $isLift = $bench->techniqueOf($finding->stepId)->kind->is(Nature::LiftOff);

        return [
            $bench->inOneSitting($finding->stepId, $after),
            ...$isLift
                ? [
                    $bench->aheadOn($finding->stepId, $finding->zones, $after),
                    $bench->chipsInstead($finding->stepId, 'sponge-chips', 'Apply the chips with a sponge instead'),
                ]
                : [],
            ...$isLift && $film !== null
                ? $bench->chipsWithoutFilm($film->id, $finding->stepId, $finding->zones)
                : [],
            ...! $isLift && $film !== null ? [$bench->moveBefore($film->id, $finding->stepId)] : [],
        ];
    }

    /** @param  list<Layer>  $coats */
    private function worked(Situation $situation, Strata $below, array $coats): ?Finding
    {
        $fades = $coats === [] ? null : $situation->fadesOn($below);
        if ($fades === null || $situation->start <= $fades[0]) {
            return null;
        }
        [$easy, $harder, $gone] = $fades;
        $late = Minutes::inWords($situation->start - $easy);
        $number = $coats[0]->stepIndex + 1;
        [$severity, $says] = match (true) {
            $situation->start <= $harder => [Severity::Note, 'chips come harder now, and larger.'],
            $situation->start <= $gone => [Severity::Risk, 'it takes force, and comes off in sheets or not at all.'],
            default => [Severity::Stop, 'it has grown too tough for water to lift.'],
        };

        return $this->finding(
            $severity,
            $situation,
            "The easy time for the coat of step {$number} ended {$late} before: {$says}",
            ['after' => $coats[count($coats) - 1]->stepId],
        );
    }

    private function coated(Situation $situation, Strata $below, Layer $film): ?Finding
    {
        $waited = $situation->start - $film->laidAt;
        if ($waited <= self::COAT_WITHIN || $below->aboveRelease() !== []) {
            return null;
        }
        $number = $film->stepIndex + 1;

        return $this->finding(
            $waited <= self::COAT_AT_THE_LATEST ? Severity::Note : Severity::Risk,
            $situation,
            'The chipping film of step '.
                $number.
                ' has lain bare for '.
                Minutes::inWords($waited).
                ': it may craze, or no longer let go.',
            ['after' => $film->stepId],
        );
    }
}
