<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Technique\ColourRole;

final class NoShadeLeft extends EndRule implements SeenRule
{
    public const CODE = 'no-shade-left';

    public const TITLE = 'The base leaves no shade below it';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Shade, lines and chips have to be darker than the base; a base that is nearly as dark '
        .'as the darkest paint leaves them nowhere to go.';

    /** L* of the darkest that matte paint comes to, and what one step of value takes; docs/forecast.md. */
    private const DARKEST = 12.0;

    private const STEP = 6.0;

    /** Steps of value that shade, lines and chips take. */
    private const WANTED = 2;

    /** L* by which a base is made lighter. */
    private const LIGHTER = 10.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->plan->zones as $zone) {
            $index = $forecast->lastCoatOn($zone->id);
            $isBase = $index >= 0 && $walk->situations[$index]->technique->role === ColourRole::Base;
            if (! $isBase || $zone->kind->group() !== 'body') {
                continue;
            }
            $base = $forecast->after($index, $zone->id)->of(Spot::Face);
            $steps = (int) floor(($base->l - self::DARKEST) / self::STEP);
            if ($steps < self::WANTED && $base->l >= self::DARKEST) {
                $left = $steps === 0 ? 'less than one step' : 'one step';
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $walk->plan->steps[$index]->id,
                    [$zone->id],
                    sprintf('At a lightness of %.0f it leaves %s of shade below it.', $base->l, $left),
                );
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $jar = $bench->plan->productOf($bench->step($finding->stepId))?->material->colour;

        return $jar === null
            ? []
            : $bench->colours()->near($finding, new Lab($jar->l + self::LIGHTER, $jar->a, $jar->b));
    }
}
