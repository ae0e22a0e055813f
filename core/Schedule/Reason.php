<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Quantity\Minutes;

/** Why an activity stands where it stands: the one thing without which it could start earlier. */
final class Reason
{
    public static function of(Problem $problem, Solution $solution, int $index): string
    {
        $start = $solution->starts[$index];
        $activity = $problem->activities[$index];
        [$waited, $for, $min] = self::longestWait($problem, $solution, $index);
        $session = $problem->sessions[$solution->sessionOf[$index]];
        $busy = self::before($solution, $index);
        $setup = $activity->spray !== null ? $problem->setup : 0;

        return match (true) {
            $waited > $session[0] && $start - $waited < max($problem->granularity, $setup) && $for !== null => self::waits($problem, $for, $min),
            $busy !== null && $start - $solution->ends[$busy] <= $setup + $problem->granularity && $solution->ends[$busy] > $session[0] => "The hands are busy with {$problem->activities[$busy]->name} until then.",
            $activity->notBefore > $session[0] && $start - $activity->notBefore < $problem->granularity + $setup => 'What is done already has to dry until then, or it was put off.',
            $for !== null && $waited > ($solution->sessionOf[$index] > 0 ? $problem->sessions[$solution->sessionOf[$index] - 1][0] : 0) => rtrim(self::waits($problem, $for, $min), '.').', which is over between two sessions.',
            $activity->spray !== null && $start - $session[0] > $setup + $problem->granularity => 'The compressor has to be quiet until then.',
            $start - $session[0] <= $setup + $problem->granularity => 'It is the first session in which there is room for it.',
            default => 'A window that it opens would close before what has to follow.',
        };
    }

    private static function waits(Problem $problem, int $for, int $min): string
    {
        return $min === 0 ? "It comes after {$problem->activities[$for]->name}." : 'It waits '.Minutes::inWords($min)." after {$problem->activities[$for]->name}.";
    }

    /** @return array{int, int|null, int} until when, for which activity, how long */
    private static function longestWait(Problem $problem, Solution $solution, int $index): array
    {
        $longest = [0, null, 0];
        foreach ($problem->lags as $lag) {
            if ($lag->to === $index && $longest[0] < $solution->ends[$lag->from] + $lag->min) {
                $longest = [$solution->ends[$lag->from] + $lag->min, $lag->from, $lag->min];
            }
        }

        return $longest;
    }

    private static function before(Solution $solution, int $index): ?int
    {
        $before = null;
        foreach ($solution->ends as $other => $end) {
            if ($other !== $index && $end <= $solution->starts[$index] && ($before === null || $end > $solution->ends[$before])) {
                $before = $other;
            }
        }

        return $before;
    }
}
