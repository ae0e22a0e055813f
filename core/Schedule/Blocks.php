<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Physics\Sitting\Sittings;

/**
 * A problem in which every sitting is one piece of work: its pieces follow each other in an order that is found once,
 * with the rests that they ask for, so that no search can tear them apart, and has half as much to put in order.
 */
final readonly class Blocks
{
    /**
     * @param  Problem  $problem  of blocks
     * @param  list<non-empty-list<int>>  $members  by block: its pieces in the order in which they are begun
     * @param  list<int>  $blockOf  by piece
     * @param  list<int>  $offsets  by piece: minutes from the beginning of its block
     * @param  array<int, Lag>  $tightest  by object id of a lag between blocks: the window between pieces that closes
     *   it
     */
    private function __construct(
        public Problem $pieces,
        public Problem $problem,
        public array $members,
        public array $blockOf,
        public array $offsets,
        private array $tightest,
    ) {
    }

    /** @param  array<int, string>  $sittings  by piece; what has the same name is one */
    public static function of(Problem $pieces, array $sittings): self
    {
        $groups = [];
        foreach (array_keys($pieces->activities) as $piece) {
            $groups[$sittings[$piece]][] = $piece;
        }
        $blocks = $layouts = [];
        $blockOf = array_keys($pieces->activities);
        foreach ($groups as $group) {
            $layout = count($group) < 2 ? null : self::layout($group, $pieces);
            if ($layout === null) {
                continue;
            }
            $together = $blockOf;
            foreach ($group as $piece) {
                $together[$piece] = $group[0];
            }
            // What has to come between two of its pieces cannot be when they are one.
            if (self::isInOrder($pieces, $together)) {
                $blockOf = $together;
                $layouts[$group[0]] = $layout;
            }
        }
        $numbers = array_flip(array_values(array_unique($blockOf)));
        $members = $offsets = [];
        foreach ($blockOf as $piece => $first) {
            $blocks[] = $numbers[$first];
            $offsets[] = $layouts[$first][$piece] ?? 0;
            $members[$numbers[$first]][] = $piece;
        }
        foreach ($members as $block => $of) {
            usort($of, static fn (int $a, int $b) => $offsets[$a] <=> $offsets[$b] ?: $a <=> $b);
            $members[$block] = $of;
        }

        return self::made($pieces, array_values($members), $blocks, $offsets);
    }

    /**
     * How long pieces take when they are one sitting.
     *
     * @param  list<Activity>  $activities
     * @param  list<Lag>  $lags
     * @return int|null minutes; null: they cannot be one
     */
    public static function length(array $activities, array $lags): ?int
    {
        $problem = new Problem([], [], [], 0, 0, Workload::GRANULARITY, $activities, $lags);
        $layout = $activities === [] ? [] : self::layout(array_keys($activities), $problem);
        if ($layout === null) {
            return null;
        }
        $length = 0;
        foreach ($layout as $piece => $offset) {
            $length = max($length, $offset + $activities[$piece]->active);
        }

        return $length;
    }

    /** When every piece starts and ends; windows that are not kept are said by the caller. */
    public function expanded(Solution $solution): Solution
    {
        $starts = $ends = $sessions = [];
        foreach ($this->blockOf as $piece => $block) {
            $starts[] = $solution->starts[$block] + $this->offsets[$piece];
            $ends[] = count($this->members[$block]) === 1
                ? $solution->ends[$block]
                : $solution->starts[$block] + $this->offsets[$piece] + $this->pieces->activities[$piece]->active;
            $sessions[] = $solution->sessionOf[$block];
        }

        return new Solution(
            starts: $starts,
            ends: $ends,
            sessionOf: $sessions,
            makespan: $solution->makespan,
            setups: $solution->setups,
            sessions: $solution->sessions,
            lowerBound: $solution->lowerBound,
            optimal: $solution->optimal,
            lateness: $solution->lateness,
            missed: [],
        );
    }

    /** The lag between pieces that one between blocks stands for. */
    public function between(Lag $lag): Lag
    {
        return $this->tightest[spl_object_id($lag)] ?? $lag;
    }

    /**
     * The windows between pieces that a solution which has missed some does not keep: one between two blocks may stand
     * for several.
     *
     * @return list<Lag>
     */
    public function missedBy(Solution $laid): array
    {
        $pieces = $this->expanded($laid);
        $missed = array_map($this->between(...), $laid->missed);
        foreach ($this->pieces->lags as $lag) {
            $between = $pieces->starts[$lag->to] - $pieces->ends[$lag->from];
            if ($lag->max !== null && $between > $lag->max && ! in_array($lag, $missed, true)) {
                $missed[] = $lag;
            }
        }

        return $missed;
    }

    /**
     * @param  list<int>  $pieces
     * @return list<int> the blocks in which they are, in that order, each once
     */
    public function holding(array $pieces): array
    {
        return array_values(array_unique(array_map(fn (int $piece) => $this->blockOf[$piece], $pieces)));
    }

    /**
     * @param  list<int>  $blocks
     * @return list<int> all that is in them
     */
    public function piecesOf(array $blocks): array
    {
        return array_merge(...array_map(fn (int $block) => $this->members[$block], $blocks), ...[[]]);
    }

    /**
     * @param  list<non-empty-list<int>>  $members
     * @param  list<int>  $blockOf
     * @param  list<int>  $offsets
     */
    private static function made(Problem $pieces, array $members, array $blockOf, array $offsets): self
    {
        $activities = $ends = [];
        foreach ($members as $block => $of) {
            $activities[] = self::asOne($pieces, $of, $offsets);
            $ends[$block] = $activities[$block]->active;
        }
        /** @var array<string, array{int, int|null, Lag, Loss}> $between "from to": least, most, the lag that says the
         *    most, what is lost with it */
        $between = [];
        foreach ($pieces->lags as $lag) {
            [$from, $to] = [$blockOf[$lag->from], $blockOf[$lag->to]];
            if ($from === $to) {
                continue;
            }
            // From the end of the one block to the start of the other.
            $isWhole = count($members[$from]) === 1;
            $less =
                $offsets[$lag->to] +
                ($isWhole ? 0 : $ends[$from] - $offsets[$lag->from] - $pieces->activities[$lag->from]->active);
            $min = max(0, $lag->min - $less);
            $max = $lag->max === null ? null : $lag->max - $less;
            $known = $between["{$from} {$to}"] ?? [0, null, $lag, Loss::Wish];
            $isTighter = $max !== null && ($known[1] === null || $max < $known[1]);
            $between["{$from} {$to}"] = [
                max($known[0], $min),
                $isTighter ? $max : $known[1],
                $isTighter ? $lag : $known[2],
                $max === null || $lag->loss->value < $known[3]->value ? $known[3] : $lag->loss,
            ];
        }
        $lags = $tightest = [];
        foreach ($between as $key => [$min, $max, $lag, $loss]) {
            [$from, $to] = array_map(intval(...), explode(' ', $key));
            $made = new Lag($from, $to, $min, $max, loss: $loss);
            $tightest[spl_object_id($made)] = $lag;
            $lags[] = $made;
        }

        return new self(
            $pieces,
            new Problem(
                sessions: $pieces->sessions,
                sprayWindows: $pieces->sprayWindows,
                daylight: $pieces->daylight,
                setup: $pieces->setup,
                horizon: $pieces->horizon,
                granularity: $pieces->granularity,
                activities: $activities,
                lags: $lags,
                dates: array_map(
                    static fn (array $date) => [
                        $date[0],
                        array_values(array_unique(array_map(static fn (int $piece) => $blockOf[$piece], $date[1]))),
                    ],
                    $pieces->dates,
                ),
            ),
            $members,
            $blockOf,
            $offsets,
            $tightest,
        );
    }

    /**
     * @param  non-empty-list<int>  $of
     * @param  list<int>  $offsets
     */
    private static function asOne(Problem $pieces, array $of, array $offsets): Activity
    {
        $first = $pieces->activities[$of[0]];
        if (count($of) === 1) {
            return $first;
        }
        $length = $notBefore = 0;
        $notAfter = null;
        $daylight = false;
        foreach ($of as $piece) {
            $activity = $pieces->activities[$piece];
            $length = max($length, $offsets[$piece] + $activity->active);
            $notBefore = max($notBefore, $activity->notBefore - $offsets[$piece]);
            if ($activity->notAfter !== null) {
                $notAfter = min($notAfter ?? PHP_INT_MAX, $activity->notAfter - $offsets[$piece]);
            }
            $daylight = $daylight || $activity->daylight;
        }
        $last = $pieces->activities[$of[count($of) - 1]];

        return new Activity(
            name: in_array($last->name, [$first->name, "Clean up {$first->name}"], true)
                ? $first->name
                : "{$first->name} to {$last->name}",
            active: $length,
            spray: $first->spray,
            daylight: $daylight,
            notBefore: $notBefore,
            notAfter: $notAfter,
        );
    }

    /**
     * An order in which the pieces can be one sitting: always what can be begun and closes first, as long as nothing
     * that is open sets meanwhile.
     *
     * @param  list<int>  $group
     * @return array<int, int>|null by piece: minutes from the beginning; null: there is none without a long rest
     */
    private static function layout(array $group, Problem $problem): ?array
    {
        $sprays = array_unique(array_map(static fn (int $piece) => $problem->activities[$piece]->spray, $group));
        if (count($sprays) > 1) {
            return null;
        }
        $inside = array_flip($group);
        $into = [];
        foreach ($problem->lags as $lag) {
            if (isset($inside[$lag->from], $inside[$lag->to])) {
                $into[$lag->to][] = $lag;
            }
        }
        $starts = $ends = [];
        $now = 0;
        while (count($starts) < count($group)) {
            $next = self::next(array_diff($group, array_keys($starts)), $problem, $into, $ends, $now);
            if ($next === null) {
                return null;
            }
            [$piece, $start] = $next;
            if ($start - $now > Sittings::LONGEST_REST) {
                return null;
            }
            $starts[$piece] = $start;
            $ends[$piece] = $now = $start + $problem->activities[$piece]->active;
        }

        return $starts;
    }

    /**
     * @param  array<int>  $left
     * @param  array<int, list<Lag>>  $into  by piece
     * @param  array<int, int>  $ends  by piece that is placed
     * @return array{int, int}|null piece and start; null: something sets before it can be gone on with
     */
    private static function next(array $left, Problem $problem, array $into, array $ends, int $now): ?array
    {
        $ready = $closes = [];
        foreach ($left as $piece) {
            $at = $now;
            foreach ($into[$piece] ?? [] as $lag) {
                $at = isset($ends[$lag->from]) ? max($at, $ends[$lag->from] + $lag->min) : PHP_INT_MAX;
                if ($at === PHP_INT_MAX) {
                    break;
                }
                if ($lag->max !== null) {
                    $closes[$piece] = min($closes[$piece] ?? PHP_INT_MAX, $ends[$lag->from] + $lag->max);
                }
            }
            if ($at < PHP_INT_MAX) {
                $ready[$piece] = (int) ceil($at / $problem->granularity) * $problem->granularity;
            }
        }
        $best = null;
        foreach ($ready as $piece => $start) {
            $end = $start + $problem->activities[$piece]->active;
            $isLate = $start > ($closes[$piece] ?? PHP_INT_MAX);
            foreach ($ready as $other => $soonest) {
                $isLate = $isLate || ($other !== $piece && max($end, $soonest) > ($closes[$other] ?? PHP_INT_MAX));
            }
            $rank = [$isLate, $start, $closes[$piece] ?? PHP_INT_MAX, $piece];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $piece, $start];
            }
        }

        return $best === null || $best[0][0] ? null : [$best[1], $best[2]];
    }

    /**
     * Whether no block would have to wait for itself.
     *
     * @param  array<int, int>  $blockOf  by piece
     */
    private static function isInOrder(Problem $pieces, array $blockOf): bool
    {
        $after = [];
        $waits = array_fill_keys($blockOf, 0);
        foreach ($pieces->lags as $lag) {
            [$from, $to] = [$blockOf[$lag->from], $blockOf[$lag->to]];
            if ($from !== $to && ! isset($after[$from][$to])) {
                $after[$from][$to] = true;
                $waits[$to]++;
            }
        }
        $ready = array_keys($waits, 0, true);
        $done = 0;
        while ($ready !== []) {
            $block = array_pop($ready);
            $done++;
            foreach (array_keys($after[$block] ?? []) as $next) {
                if (--$waits[$next] === 0) {
                    $ready[] = $next;
                }
            }
        }

        return $done === count($waits);
    }
}
