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
use Ulvrach\Stuff\Technique\Nature;

final class CamouflageContrast extends EndRule implements SeenRule
{
    public const CODE = 'camouflage-contrast';

    public const TITLE = 'The camouflage colours do not go together';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Filters and dust pull camouflage colours together: too close, they read as one dirty '
        .'tone; too far apart, the pattern is seen and the shape of the vehicle is not.';

    /** CIEDE2000 below which two colours run together, and L* beyond which they fall apart; docs/forecast.md. */
    private const TOGETHER = 6.0;

    private const APART = 58.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->plan->zones as $zone) {
            $patches = self::patches($walk, $forecast, $zone->id);
            $last = array_key_last($patches);
            foreach ($patches as $index => $patch) {
                $end = $index === $last ? $forecast->atEnd($zone->id) : $forecast->after($index, $zone->id);
                $pair = Contrast::in($end, Spot::Patch);
                $said = match (true) {
                    $pair->difference() < self::TOGETHER => 'run together',
                    abs($pair->depth()) > self::APART => 'fall apart',
                    default => null,
                };
                if ($said !== null) {
                    $findings[] = $this->findingFor(
                        Severity::Note,
                        $walk->plan->steps[$index]->id,
                        [$zone->id],
                        sprintf(
                            'Its patches and the colour around them %s: a difference of %.0f in colour and %.0f in '
                                .'lightness at the end.',
                            $said,
                            $pair->difference(),
                            abs($pair->depth()),
                        ),
                        ['is' => $said],
                    );
                }
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            ...$finding->facts['is'] === 'run together'
                ? $bench->colours()->thatRead($finding)
                : $bench->colours()->thatAreQuieter($finding),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /** @return array<int, true> by index of the step: which paint patches on the zone that stay to be seen */
    private static function patches(Walk $walk, Forecast $forecast, string $zone): array
    {
        $patches = [];
        $before = null;
        foreach ($forecast->changesOf($zone) as $index => $colours) {
            $isNew =
                $colours->has(Spot::Patch) &&
                $index > $forecast->lastCoatOn($zone) &&
                $walk->situations[$index]->kind->is(Nature::Colour) &&
                ($before === null || $before->of(Spot::Patch)->differenceTo($colours->of(Spot::Patch)) > 0.0) &&
                $before?->of(Spot::Face)->differenceTo($colours->of(Spot::Face)) === 0.0;
            if ($isNew) {
                $patches[$index] = true;
            }
            $before = $colours;
        }

        return $patches;
    }
}
