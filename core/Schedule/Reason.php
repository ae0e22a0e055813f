<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Quantity\Minutes;

/** Why an activity stands where it stands: the one thing without which it could start earlier. */
final class Reason
{
    public static function of(Problem $problem, Solution $solution, int $index): string
    {
        $activity = $problem->activities[$index];
        $start = $solution->starts[$index];
        $session = $solution->sessionOf[$index];
        $opens = $problem->sessions[$session][0];
        // Between the reason and the start there may lie an airbrush change and the rounding to the grid of starts.
        $setup = $activity->spray === null ? 0 : $problem->setup;
        $slack = $setup + $problem->granularity;

        [$waited, $for, $min] = self::longestWait($problem, $solution, $index);
        if ($for !== null && $waited > $opens && $start - $waited < max($problem->granularity, $setup)) {
            return self::waits($problem, $for, $min).'.';
        }
        $busy = self::before($solution, $index);
        $busyUntil = $busy === null ? 0 : $solution->ends[$busy];
        if ($busy !== null && $busyUntil > $opens && $start - $busyUntil <= $slack) {
            return "The hands are busy with {$problem->activities[$busy]->name} until then.";
        }
        if ($activity->notBefore > $opens && $start - $activity->notBefore < $slack) {
            return 'What is done already has to dry until then, or it was put off.';
        }
        $lastOpened = $session > 0 ? $problem->sessions[$session - 1][0] : 0;
        if ($for !== null && $waited > $lastOpened) {
            return self::waits($problem, $for, $min).', which is over between two sessions.';
        }
        if ($activity->spray !== null && $start - $opens > $slack) {
            return 'The compressor has to be quiet until then.';
        }

        return $start - $opens <= $slack
            ? 'It is the first session in which there is room for it.'
            : 'A window that it opens would close before what has to follow.';
    }

    private static function waits(Problem $problem, int $for, int $min): string
    {
        return $min === 0
            ? "It comes after {$problem->activities[$for]->name}"
            : 'It waits '.Minutes::inWords($min)." after {$problem->activities[$for]->name}";
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
            if (
                $other !== $index &&
                $end <= $solution->starts[$index] &&
                ($before === null || $end > $solution->ends[$before])
            ) {
                $before = $other;
            }
        }

        return $before;
    }
}
