<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;

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
        /** @var array<string, array{MarkSeen, string, list<string>, float, float}> $faults by step and paint below */
        $faults = [];
        foreach (MarkSeen::all($walk, $forecast) as $mark) {
            if ($mark->paint === null || ! $mark->changes() || ! $this->isAbout($mark->situation)) {
                continue;
            }
            $now = $mark->asLaid();
            $fault = $this->fault($mark->situation, $now, $mark->before());
            if ($fault !== null) {
                $key = "{$mark->situation->index} {$mark->paint}";
                $faults[$key] ??= [$mark, $fault, [], INF, INF];
                array_push($faults[$key][2], ...$mark->zones);
                $faults[$key][3] = min($faults[$key][3], $now->difference());
                $faults[$key][4] = min($faults[$key][4], $mark->atEnd()->difference());
            }
        }
        $findings = [];
        foreach ($faults as [$mark, $fault, $zones, $now, $atEnd]) {
            $findings[] = $this->findingFor(
                Severity::Note,
                $mark->situation->step->id,
                $zones,
                sprintf(
                    '“%s” %s on “%s”: a difference of %.0f as it is laid, %.0f at the end.',
                    $mark->situation->product->name ?? '',
                    $fault,
                    $mark->paint ?? '',
                    $now,
                    $atEnd,
                ),
            );
        }

        return $findings;
    }
}
