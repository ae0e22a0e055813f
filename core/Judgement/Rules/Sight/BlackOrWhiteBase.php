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
use Ulvrach\Stuff\Technique\ColourRole;

final class BlackOrWhiteBase extends EndRule implements SeenRule
{
    public const CODE = 'black-or-white-base';

    public const TITLE = 'The base is pure black or white';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Pure black and pure white leave no room for shade or light: a photograph shows a hole '
        .'or a blank.';

    /** L* beyond which a photograph clips. */
    private const BLACK = 14.0;

    private const WHITE = 95.0;

    /** L* to which such a white has come once no ground is seen below it. */
    private const BLANK = 85.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->plan->zones as $zone) {
            $index = $forecast->lastCoatOn($zone->id);
            $jar = $index < 0 ? null : $walk->situations[$index]->product?->material->colour;
            if ($jar === null || $walk->situations[$index]->technique->role !== ColourRole::Base) {
                continue;
            }
            $base = $forecast->after($index, $zone->id)->of(Spot::Face)->l;
            $end = $forecast->atEnd($zone->id)->of(Spot::Face)->l;
            $isBlank = $jar->l > self::WHITE && min($base, $end) > self::BLANK;
            // Filters and dust may have brought it back to where a photograph sees something.
            $said = match (true) {
                max($base, $end) < self::BLACK => 'This base is as good as black: shade and washes will not show.',
                $isBlank => 'This base is as good as white: highlights and dust will not show.',
                default => null,
            };
            if ($said !== null) {
                $step = $walk->plan->steps[$index]->id;
                $findings[] = $this->findingFor(Severity::Note, $step, [$zone->id], $said);
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $colour = $bench->plan->productOf($bench->step($finding->stepId))?->material->colour;
        $softer = $colour !== null && $colour->l < 50 ? 'paint-rubber' : 'winter-wash';

        return [
            $bench->withProduct(
                $finding->stepId,
                $bench->need($softer)->inFamilies(...$bench->techniqueOf($finding->stepId)->families),
            ),
        ];
    }
}
