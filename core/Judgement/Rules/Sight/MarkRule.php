<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;

/**
 * Lines, chips, streaks and stains held against the face that they are on, as it will look.
 *
 * @internal to Ulvrach\Judgement\Rules\Sight
 */
abstract class MarkRule extends EndRule implements SeenRule
{
    /** Whether it has anything to say of such a step. */
    abstract protected function isAbout(Situation $situation): bool;

    /**
     * What is wrong with a mark, as the words between the names of the two colours; null: nothing.
     *
     * @param  Contrast  $before  in the same place before the mark was laid
     */
    abstract protected function fault(Situation $situation, Contrast $now, Contrast $before): ?string;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->situations as $situation) {
            $spot = $situation->product?->material->colour === null ? null : Contrast::spotOf($situation);
            if ($spot === null || ! $this->isAbout($situation)) {
                continue;
            }
            foreach ($this->faults($situation, $spot, $walk, $forecast) as $paint => [$fault, $zones, $now, $atEnd]) {
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $situation->step->id,
                    $zones,
                    sprintf(
                        '“%s” %s on “%s”: a difference of %.0f as it is laid, %.0f at the end.',
                        $situation->product->name,
                        $fault,
                        $paint,
                        $now,
                        $atEnd,
                    ),
                );
            }
        }

        return $findings;
    }

    /** @return array<string, array{string, list<string>, float, float}> by name of the paint below: the least of all */
    private function faults(Situation $situation, Spot $spot, Walk $walk, Forecast $forecast): array
    {
        $faults = $seen = [];
        foreach ($situation->touched as $touched) {
            $paint = $touched->strata->paint()?->product;
            if ($paint?->material->colour === null) {
                continue;
            }
            foreach ($touched->zones as $zone) {
                $after = $forecast->after($situation->index, $zone);
                $before = $forecast->after($situation->index - 1, $zone);
                // What is painted over later is not seen at the end, and was not meant to be.
                $isCovered = $forecast->lastCoatOn($zone) > $situation->index;
                $end = $isCovered ? $after : $forecast->atEnd($zone);
                $key = spl_object_id($after).' '.spl_object_id($end);
                $seen[$key] ??= $this->judged($situation, $spot, $before, $after, $end);
                [$fault, $now, $atEnd] = $seen[$key];
                if ($fault === null) {
                    continue;
                }
                $faults[$paint->name] ??= [$fault, [], INF, INF];
                $faults[$paint->name][1][] = $zone;
                $faults[$paint->name][2] = min($faults[$paint->name][2], $now);
                $faults[$paint->name][3] = min($faults[$paint->name][3], $atEnd);
            }
        }

        return $faults;
    }

    /** @return array{string|null, float, float} what is wrong, and the difference as laid and at the end */
    private function judged(
        Situation $situation,
        Spot $spot,
        Colours $before,
        Colours $after,
        Colours $end,
    ): array {
        $index = $situation->index;
        $now = Contrast::in($after, $spot, $index);
        $was = Contrast::in($before, $spot, $index);
        $fault = $after === $before ? null : $this->fault($situation, $now, $was);

        return $fault === null
            ? [null, 0.0, 0.0]
            : [$fault, $now->difference(), Contrast::in($end, $spot, $index)->difference()];
    }
}
