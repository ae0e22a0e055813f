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
        $best = null;
        self::extend('', $areas, $window, $best);

        return $best === null ? null : [$best[0], self::rounds($best[2], $areas, $window) ?? []];
    }

    /**
     * @param  list<float>  $areas
     * @param  array{float, int, string}|null  $best  finish, changes, word
     */
    private static function extend(string $word, array $areas, WashWindow $window, ?array &$best): void
    {
        $count = count($areas);
        $applied = substr_count($word, 'A');
        $cleaned = strlen($word) - $applied;
        if ($word !== '') {
            $rounds = self::rounds($word, $areas, $window);
            $left =
                array_sum(array_slice($areas, $applied)) / $window->applyRate +
                array_sum(array_slice($areas, $cleaned)) / $window->cleanRate;
            // What is still to do takes at least its work; a prefix that is late already stays late.
            if (
                $rounds === null ||
                ($best !== null && $rounds[count($rounds) - 1]->to + $left > $best[0] + self::HAIR)
            ) {
                return;
            }
            if ($cleaned === $count) {
                $finish = $rounds[count($rounds) - 1]->to;
                $changes = strlen((string) preg_replace('/(.)\1*/', '$1', $word)) - 1;
                if ($best === null || self::isBetter($finish, $changes, $best[0], $best[1])) {
                    $best = [$finish, $changes, $word];
                }

                return;
            }
        }
        if ($applied < $count) {
            self::extend("{$word}A", $areas, $window, $best);
        }
        if ($cleaned < $applied) {
            self::extend("{$word}C", $areas, $window, $best);
        }
    }

    /**
     * The earliest times of a word: forward, and where a window would close, the applying that opens it is put off, and
     * again.
     *
     * @param  list<float>  $areas
     * @return list<Round>|null
     */
    private static function rounds(string $word, array $areas, WashWindow $window): ?array
    {
        $notBefore = array_fill(0, count($areas), 0.0);
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
