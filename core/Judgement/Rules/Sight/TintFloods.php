<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Technique\Nature;

final class TintFloods extends EndRule implements SeenRule
{
    public const CODE = 'tint-floods';

    public const TITLE = 'The filter turns into a colour';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A filter is felt, not seen: one that changes a face by more than a breath has become '
        .'another colour, soonest of all on white.';

    /** CIEDE2000 by which a filter may change a face, and one that is white or nearly so. */
    private const FELT = 11.5;

    private const ON_WHITE = 6.0;

    private const WHITE = 78.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->situations as $situation) {
            if ($situation->kind->is(Nature::Filter) && $situation->step->load === Load::Flood) {
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $situation->step->id,
                    $situation->step->zones,
                    'Laid so wet it pools, and dries with rims: a filter is brushed out until it is even.',
                );

                continue;
            }
            foreach ($situation->kind->is(Nature::Filter) ? $situation->step->zones : [] as $zone) {
                $before = $forecast->after($situation->index - 1, $zone)->of(Spot::Face);
                $by = $before->differenceTo($forecast->after($situation->index, $zone)->of(Spot::Face));
                if ($by > ($before->l > self::WHITE ? self::ON_WHITE : self::FELT)) {
                    $findings[] = $this->findingFor(
                        Severity::Note,
                        $situation->step->id,
                        [$zone],
                        sprintf(
                            '“%s” changes the face by %.0f: that is another colour, no longer a tint.',
                            $situation->product->name ?? '',
                            $by,
                        ),
                    );
                }
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            ...$bench->colours()->thatAreQuieter($finding),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
