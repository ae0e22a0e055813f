<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class LiftOffLayerSealedIn extends RuleBase
{
    public const CODE = 'lift-off-layer-sealed-in';

    public const TITLE = 'The chipping film is sealed in';

    public const EXPLANATION = 'Under a clear coat no water reaches the chipping film, and nothing can be lifted any '
        .'more.';

    protected const CERTAIN = true;

    protected const WATCHES = [Nature::ClearCoat];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $film = $below->releaseFilm();
        // The first coat seals it in; the next ones change nothing.
        $isWorked = $below->release?->isWorkedOn($situation->step->extent) === true;
        if ($film === null || $isWorked || $below->lastStepOf(Nature::ClearCoat) > $film->stepIndex) {
            return null;
        }
        $number = $film->stepIndex + 1;

        return $this->finding(
            Severity::Stop,
            $situation,
            "It seals in the chipping film of step {$number} before any chips are lifted.",
            ['film' => $film->stepId],
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $lift = $bench->firstStepOfKindAfter($finding->stepId, [Nature::LiftOff], $finding->zones[0]);
        $film = (string) $finding->facts['film'];

        return [
            ...$lift === null
                ? [$bench->liftOffBefore($finding->stepId, $finding->zones)]
                : [
                    $bench->moveBefore($lift->id, $finding->stepId),
                    $bench->moveAfter($finding->stepId, $lift->id),
                    ...$bench->chipsWithoutFilm($film, $lift->id, $finding->zones),
                ],
            $bench->leaveOut($finding->stepId, $finding->zones),
            $bench->leaveOut($film, $finding->zones),
        ];
    }
}
