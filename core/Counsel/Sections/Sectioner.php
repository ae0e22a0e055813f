<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Sections;

/** Cuts a wash into rounds, so that every point is cleaned inside its window with the least waiting. */
final class Sectioner
{
    /** Zones up to which every grouping and every order of work is tried. */
    public const MOST_ZONES = 12;

    private const HAIR = 1e-9;

    /**
     * Zones larger than any section become equal pieces.
     *
     * @param  list<float>  $areas
     * @return list<array{int, float}> zone and area of each piece
     */
    public static function pieces(array $areas, WashWindow $window): array
    {
        $limit = $window->largestSection();
        $pieces = [];
        foreach ($areas as $zone => $area) {
            $count = max(1, (int) ceil($area / $limit - self::HAIR));
            for ($piece = 0; $piece < $count; $piece++) {
                $pieces[] = [$zone, $area / $count];
            }
        }

        return $pieces;
    }

    /**
     * Sections of neighbouring zones, one after another: dynamic programme over the last cut; among equals the fewest
     * sections.
     *
     * @param  list<float>  $areas  none larger than the largest section
     * @return array{float, list<list<int>>} idle minutes, zones of each section
     */
    public static function consecutive(array $areas, WashWindow $window): array
    {
        $limit = $window->largestSection() + self::HAIR;
        $best = [[0.0, 0, []]];
        for ($end = 1, $count = count($areas); $end <= $count; $end++) {
            $best[$end] = [INF, 0, []];
            $section = 0.0;
            for ($start = $end - 1; $start >= 0 && ($section += $areas[$start]) <= $limit; $start--) {
                $idle = $best[$start][0] + $window->idle($section);
                if (self::isBetter($idle, $best[$start][1] + 1, $best[$end][0], $best[$end][1])) {
                    $best[$end] = [$idle, $best[$start][1] + 1, [...$best[$start][2], range($start, $end - 1)]];
                }
            }
        }

        return [$best[count($areas)][0], $best[count($areas)][2]];
    }

    /**
     * Any grouping: over the subsets that hold the first zone that is left.
     *
     * @param  list<float>  $areas  at most twelve, none larger than the largest section
     * @return array{float, list<list<int>>} idle minutes, zones of each section
     */
    public static function free(array $areas, WashWindow $window): array
    {
        $count = count($areas);
        if ($count > self::MOST_ZONES) {
            throw new \InvalidArgumentException('Every grouping is tried for at most twelve zones.');
        }
        $limit = $window->largestSection() + self::HAIR;
        $all = (1 << $count) - 1;
        $sums = [0.0];
        for ($mask = 1; $mask <= $all; $mask++) {
            $low = $mask & -$mask;
            $sums[$mask] = $sums[$mask ^ $low] + $areas[(int) log($low, 2)];
        }
        $best = [0 => [0.0, 0, 0]];
        for ($mask = 1; $mask <= $all; $mask++) {
            $low = $mask & -$mask;
            $best[$mask] = [INF, 0, 0];
            for ($rest = $mask ^ $low, $sub = $rest; ; $sub = ($sub - 1) & $rest) {
                $group = $sub | $low;
                if ($sums[$group] <= $limit) {
                    $before = $best[$mask ^ $group];
                    $idle = $before[0] + $window->idle($sums[$group]);
                    if (self::isBetter($idle, $before[1] + 1, $best[$mask][0], $best[$mask][1])) {
                        $best[$mask] = [$idle, $before[1] + 1, $group];
                    }
                }
                if ($sub === 0) {
                    break;
                }
            }
        }
        $sections = [];
        for ($mask = $all; $mask > 0; $mask &= ~$group) {
            $group = $best[$mask][2] ?? $mask;
            $sections[] = array_values(
                array_filter(range(0, $count - 1), static fn (int $zone) => (($group >> $zone) & 1) === 1),
            );
        }

        return [$best[$all][0], $sections];
    }

    /**
     * Later zones are applied while earlier ones dry: every order of "apply the next" and "clean the oldest" is timed
     * as early as it can be; the least finish, among equals the fewest changes from one to the other.
     *
     * @param  list<float>  $areas  at most twelve, none larger than the largest section
     * @return array{float, list<Round>}|null finish in minutes; null: no order keeps the window
     */
    public static function pipelined(array $areas, WashWindow $window): ?array
    {
        if (count($areas) > self::MOST_ZONES) {
            throw new \InvalidArgumentException('Every order of work is tried for at most twelve zones.');
        }
        $count = count($areas);
        $applying = array_map(static fn (float $area): float => $area / $window->applyRate, $areas);
        $cleaning = array_map(static fn (float $area): float => $area / $window->cleanRate, $areas);
        $gap = array_map($window->leastGap(...), $areas);
        $best = null;
        // What is tried next: a word, how often it changes, when each zone was applied, when the hands are free, and
        // before when nothing may be applied so that no window closes.
        $tried = [['', 0, [], 0.0, array_fill(0, $count, 0.0)]];
        while ($tried !== []) {
            [$word, $changes, $starts, $free, $notBefore] = array_pop($tried);
            $applied = count($starts);
            $cleaned = strlen($word) - $applied;
            if ($cleaned === $count) {
                if ($best === null || self::isBetter($free, $changes, $best[0], $best[1])) {
                    $best = [$free, $changes, $word];
                }

                continue;
            }
            // No way of going on ends sooner: all that is left has to be done; and after the last zone was applied, and
            // each of those that wait, its gap and all cleaning from it on.
            $work = array_sum(array_slice($applying, $applied)) + array_sum(array_slice($cleaning, $cleaned));
            $soonest = $free + $work;
            if ($applied < $count) {
                $lastApplied = $free + array_sum(array_slice($applying, $applied, $count - $applied - 1));
                $soonest = max($soonest, $lastApplied + $gap[$count - 1] + $cleaning[$count - 1]);
            }
            for ($zone = $cleaned; $zone < $applied; $zone++) {
                $soonest = max($soonest, $starts[$zone] + $gap[$zone] + array_sum(array_slice($cleaning, $zone)));
            }
            $isApplying = str_ends_with($word, 'A') || $word === '';
            $still = ($isApplying ? 1 : 0) + ($isApplying || $applied === $count ? 0 : 2);
            if ($best !== null && ! self::isBetter($soonest, $changes + $still, $best[0], $best[1])) {
                continue;
            }
            foreach (['C' => $cleaned < $applied, 'A' => $applied < $count] as $letter => $isPossible) {
                $next = $isPossible ? self::timed($word.$letter, $areas, $window, $starts, $free, $notBefore) : null;
                if ($next !== null) {
                    $changed = $word !== '' && $word[-1] !== $letter ? 1 : 0;
                    $tried[] = ["{$word}{$letter}", $changes + $changed, ...$next];
                }
            }
        }

        return $best === null ? null : [$best[0], self::rounds($best[2], $areas, $window) ?? []];
    }

    /**
     * The same with one letter more, of which all but that letter is timed already.
     *
     * @param  list<float>  $areas
     * @param  list<float>  $starts  when each zone was applied
     * @param  list<float>  $notBefore
     * @return array{list<float>, float, list<float>}|null starts, when the hands are free, not before; null: a window
     *   closes
     */
    private static function timed(
        string $word,
        array $areas,
        WashWindow $window,
        array $starts,
        float $free,
        array $notBefore,
    ): ?array {
        $applied = count($starts);
        if ($word[-1] === 'A') {
            $starts[] = max($free, $notBefore[$applied]);

            return [$starts, $starts[$applied] + $areas[$applied] / $window->applyRate, $notBefore];
        }
        $cleaned = strlen($word) - 1 - $applied;
        $start = max($free, $starts[$cleaned] + $window->leastGap($areas[$cleaned]));
        if ($start - $starts[$cleaned] - $window->mostGap($areas[$cleaned]) <= self::HAIR) {
            return [$starts, $start + $areas[$cleaned] / $window->cleanRate, $notBefore];
        }
        // Applying it later takes out of the way what rests in between, but not what is worked in between.
        if (self::workSince($word, $cleaned, $areas, $window) > $window->mostGap($areas[$cleaned]) + self::HAIR) {
            return null;
        }
        $rounds = self::rounds($word, $areas, $window, $notBefore);
        if ($rounds === null) {
            return null;
        }
        $starts = [];
        foreach ($rounds as $round) {
            if (! $round->cleans) {
                $starts[] = $round->from;
                $notBefore[$round->zone] = max($notBefore[$round->zone], $round->from);
            }
        }

        return [$starts, $rounds[count($rounds) - 1]->to, array_values($notBefore)];
    }

    /**
     * Minutes of work from the start of applying a zone to the end of a word, its last letter left out.
     *
     * @param  list<float>  $areas
     */
    private static function workSince(string $word, int $zone, array $areas, WashWindow $window): float
    {
        $work = 0.0;
        $applied = $cleaned = 0;
        for ($at = 0, $last = strlen($word) - 1; $at < $last; $at++) {
            if ($word[$at] === 'A') {
                $work += $applied >= $zone ? $areas[$applied] / $window->applyRate : 0.0;
                $applied++;
            } else {
                $work += $applied > $zone ? $areas[$cleaned] / $window->cleanRate : 0.0;
                $cleaned++;
            }
        }

        return $work;
    }

    /**
     * The earliest times of a word: forward, and where a window would close, the applying that opens it is put off, and
     * again.
     *
     * @param  list<float>  $areas
     * @param  list<float>|null  $notBefore  by zone: what is known to be too early; null: nothing
     * @return list<Round>|null
     */
    private static function rounds(string $word, array $areas, WashWindow $window, ?array $notBefore = null): ?array
    {
        $notBefore ??= array_fill(0, count($areas), 0.0);
        for ($sweep = 0; $sweep < 500; $sweep++) {
            $rounds = [];
            $applyStart = [];
            $free = 0.0;
            $applied = $cleaned = 0;
            $late = null;
            foreach (str_split($word) as $letter) {
                if ($letter === 'A') {
                    $start = max($free, $notBefore[$applied]);
                    $applyStart[$applied] = $start;
                    $free = $start + $areas[$applied] / $window->applyRate;
                    $rounds[] = new Round(false, $applied++, $start, $free);
                } else {
                    $start = max($free, $applyStart[$cleaned] + $window->leastGap($areas[$cleaned]));
                    $over = $start - $applyStart[$cleaned] - $window->mostGap($areas[$cleaned]);
                    if ($over > self::HAIR) {
                        $late = [$cleaned, $over];
                        break;
                    }
                    $free = $start + $areas[$cleaned] / $window->cleanRate;
                    $rounds[] = new Round(true, $cleaned++, $start, $free);
                }
            }
            if ($late === null) {
                return $rounds;
            }
            $before = $notBefore[$late[0]];
            $notBefore[$late[0]] = $applyStart[$late[0]] + $late[1];
            // Putting it off pushes what comes between as well: where nothing is gained, nothing will be.
            if ($notBefore[$late[0]] - $before < self::HAIR || $notBefore[$late[0]] > 1e6) {
                return null;
            }
        }

        return null;
    }

    private static function isBetter(float $value, int $count, float $than, int $thanCount): bool
    {
        return $value < $than - self::HAIR || ($value < $than + self::HAIR && $count < $thanCount);
    }
}
