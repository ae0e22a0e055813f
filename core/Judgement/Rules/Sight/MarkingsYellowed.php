<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Technique\Nature;

final class MarkingsYellowed extends EndRule implements SeenRule
{
    public const CODE = 'markings-yellowed';

    public const TITLE = 'The markings come out yellow';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Brown and ochre that is left on white markings, however thin, reads as another colour '
        .'of marking.';

    /** L* and chroma of markings that have nothing to hide a yellow in. */
    private const LIGHT = 78.0;

    private const WHITE = 16.0;

    /** b* by which they may turn towards yellow; docs/forecast.md, "what reads". */
    private const YELLOWED = 7.0;

    /** Of filters over markings another rule speaks. */
    private const LEAVES = [Nature::Wash, Nature::Blend, Nature::Shade, Nature::Streak];

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->plan->zones as $zone) {
            $by = $this->yellowest($walk, $forecast, $zone->id);
            if ($by !== null) {
                [$situation, $turned] = $by;
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $situation->step->id,
                    [$zone->id],
                    sprintf('White markings turn yellow by %.0f until the end, most of it under this step.', $turned),
                );
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->cleanedUpAsUsual($finding->stepId),
            ...$bench->colours()->thatAreQuieter($finding),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    /** @return array{Situation, float}|null the step that yellows them most, and by how much b* grows in all */
    private function yellowest(Walk $walk, Forecast $forecast, string $zone): ?array
    {
        $before = $first = null;
        $worst = [null, 0.0];
        foreach ($forecast->changesOf($zone) as $index => $colours) {
            if (! $colours->has(Spot::Marking)) {
                $before = $first = null;

                continue;
            }
            $seen = $colours->of(Spot::Marking);
            $first ??= $seen;
            $turns = $before === null ? 0.0 : $seen->b - $before->b;
            if ($turns > $worst[1]) {
                $worst = [$walk->situations[$index], $turns];
            }
            $before = $seen;
        }
        [$situation] = $worst;
        if ($before === null || $first === null || $situation === null) {
            return null;
        }
        $isWhite = $first->l > self::LIGHT && $first->chroma() < self::WHITE;
        $turned = $before->b - $first->b;

        return $isWhite && $turned > self::YELLOWED && $situation->kind->isAny(...self::LEAVES)
            ? [$situation, $turned]
            : null;
    }
}
