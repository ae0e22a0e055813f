<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Order;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Technique\Library\Families;
use Ulvrach\Stuff\Technique\Nature;

final class NothingUnderneathToShow extends RuleBase implements LooksAtZone
{
    public const CODE = 'nothing-underneath-to-show';

    public const TITLE = 'Nothing worth showing lies underneath';

    public const EXPLANATION = 'A lifted chip shows what lies under the chipping film, and that is worn by the same '
        .'brush: bare plastic or primer shines through if no chip colour was laid.';

    protected const WATCHES = [Nature::ReleaseFilm];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($below->has(Nature::Colour, Nature::Shade, Nature::Wash, Nature::Detail)) {
            return null;
        }
        $shows = $below->layers === [] ? "the bare {$below->zone()->substrate->label()}" : 'only the primer';

        return $this->finding(
            $below->layers === [] ? Severity::Risk : Severity::Note,
            $situation,
            "Chips lifted here show {$shows}.",
        );
    }

    /** Dark as worn steel, and another colour than the one that comes over the film. */
    private function chipColour(Finding $finding, Workbench $bench): Need
    {
        $over = $bench->firstStepOfKindAfter($finding->stepId, [Nature::Colour], $finding->zones[0]);
        $colour = $over === null ? null : $bench->plan->productOf($over)?->material->colour;

        return $bench
            ->need('sponge-chips')
            ->inFamilies(...Families::PAINTS)
            ->apartFrom($colour === null ? [] : [$colour], Workbench::SEEN);
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $index = $bench->indexOf($finding->stepId);

        return [
            $bench->insertBefore(
                $index,
                'spray-colour',
                $finding->zones,
                'Spray a dark chip colour under it',
                $this->chipColour($finding, $bench),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
