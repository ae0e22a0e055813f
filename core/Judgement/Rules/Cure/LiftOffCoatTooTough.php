<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Nature;

final class LiftOffCoatTooTough extends RuleBase
{
    public const CODE = 'lift-off-coat-too-tough';

    public const TITLE = 'The coat is too tough to lift';

    public const EXPLANATION = 'Water must get through the coat to the film below: thin coats of acrylic let it in, '
        .'thick ones and other families keep it out.';

    protected const WATCHES = [Nature::LiftOff];

    private const MOST_COATS = 2;

    private const LETS_WATER_IN = [BinderFamily::WaterborneAcrylic, BinderFamily::AlcoholAcrylic];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $film = $below->releaseFilm()?->film;
        if ($film === BinderFamily::Salt) {
            return null;
        }
        $coats = 0;
        foreach ($below->aboveRelease() as $layer) {
            $coats += $layer->coats;
            if ($layer->kind->is(Nature::CoatOfPaint) && ! in_array($layer->film, self::LETS_WATER_IN, true)) {
                $number = $layer->stepIndex + 1;

                return $this->finding(
                    Severity::Risk,
                    $situation,
                    "Water hardly gets through the {$layer->film->label()} of step {$number}: it takes force, and "
                        .'comes off in sheets.',
                    ['coat' => null],
                );
            }
            if ($layer->kind->is(Nature::CoatOfPaint) && $coats > self::MOST_COATS) {
                return $this->finding(
                    Severity::Risk,
                    $situation,
                    "{$coats} coats lie on the chipping film: it takes force, and comes off in sheets.",
                    ['coat' => $layer->stepId],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $coat = $finding->facts['coat'];

        return [
            ...is_string($coat) ? [$bench->inCoats($coat, 1), $bench->inCoats($coat, self::MOST_COATS)] : [],
            $bench->chipsInstead($finding->stepId, 'sponge-chips', 'Apply the chips with a sponge instead'),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
