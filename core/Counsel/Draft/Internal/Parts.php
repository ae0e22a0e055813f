<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Redraft;
use Ulvrach\Plan\FreeName;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Steps by the part of the work that they belong to, and one plan put together from an old one and a draft. */
final class Parts
{
    private const FIRST = 'Ground';

    /**
     * Seals, looks, trials and joins go with what comes before them.
     *
     * @param  list<Step>  $steps
     * @return list<string> the part of each
     */
    public static function of(array $steps): array
    {
        $parts = [];
        $part = self::FIRST;
        foreach ($steps as $step) {
            $part = TechniqueLibrary::get($step->technique)->stage->part() ?? $part;
            $parts[] = $part;
        }

        return $parts;
    }

    /**
     * What is drafted anew as a draft has it, all else as it was. A step of the draft that is there already for other
     * zones takes its zones in instead of standing beside it.
     *
     * @param  list<Step>  $steps
     * @param  list<Step>  $drafted
     * @return list<Step> the new ones with ids that none has or had
     */
    public static function exchanged(array $steps, array $drafted, Redraft $wish): array
    {
        $of = self::of($steps);
        /** @var array<int, Step> $kept by where they stood */
        $kept = [];
        /** @var array<int, Step> $gone */
        $gone = [];
        /** @var array<string, int> $began where a part that is drafted anew first stood */
        $began = [];
        foreach ($steps as $at => $step) {
            $rest = self::rest($step, $of[$at], $wish);
            if ($rest !== $step) {
                $began[$of[$at]] ??= $at;
            }
            $kept += $rest === null ? [] : [$at => $rest];
            $gone += $rest === null && $wish->zones !== [] ? [$at => $step] : [];
        }
        $taken = array_column($steps, 'id');
        $parts = self::of($drafted);
        $new = [];
        foreach ($drafted as $place => $step) {
            $part = $parts[$place];
            $zones = self::wanted($step, $kept, $of, $part, $wish);
            if ($zones === null) {
                continue;
            }
            $same = self::same($step->onZones($zones), $gone);
            if ($same !== null) {
                $kept[$same] = $gone[$same];
                unset($gone[$same]);

                continue;
            }
            $host = $wish->zones === [] ? null : self::host($step, $zones, $kept);
            if ($host !== null) {
                $kept[$host] = $kept[$host]->onZones([...$kept[$host]->zones, ...$zones]);

                continue;
            }
            $id = FreeName::of($step->id, $taken);
            $taken[] = $id;
            $before = array_slice($parts, 0, $place);
            $at = $began[$part] ?? self::after($kept, $of, $before);
            $new[max($at, (int) array_key_last($new))][] = $step->with(id: $id, zones: $zones);
        }

        return self::merged($kept, $new, count($steps));
    }

    /** @return Step|null what stays of it; null: nothing does */
    private static function rest(Step $step, string $part, Redraft $wish): ?Step
    {
        if ($step->locked || ($wish->part !== null && $wish->part !== $part)) {
            return $step;
        }
        $zones = $wish->zones === [] ? [] : array_values(array_diff($step->zones, $wish->zones));
        if ($zones === []) {
            return null;
        }

        return count($zones) === count($step->zones) ? $step : $step->onZones($zones);
    }

    /**
     * @param  array<int, Step>  $kept
     * @param  list<string>  $of  the part of each step that there was
     * @return list<string>|null zones on which a step of the draft is wanted; null: it is not
     */
    private static function wanted(Step $step, array $kept, array $of, string $part, Redraft $wish): ?array
    {
        if ($wish->part !== null && $wish->part !== $part) {
            return null;
        }
        $zones = $wish->zones === [] ? $step->zones : array_intersect($step->zones, $wish->zones);
        foreach ($kept as $at => $locked) {
            if ($locked->locked && $locked->technique === $step->technique && $of[$at] === $part) {
                $zones = array_diff($zones, $locked->zones);
            }
        }

        return $zones === [] && $step->zones !== [] ? null : array_values($zones);
    }

    /**
     * @param  array<int, Step>  $gone
     * @return int|null where the very step stood that comes anew
     */
    private static function same(Step $step, array $gone): ?int
    {
        foreach ($gone as $at => $other) {
            $isAlike = array_diff($other->zones, $step->zones) === [] && array_diff($step->zones, $other->zones) === [];
            if ($isAlike && self::isSameWork($step, $other)) {
                return $at;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $zones  on which the step is wanted
     * @param  array<int, Step>  $kept
     * @return int|null where it stands for the others that the draft does it on, and not yet for these
     */
    private static function host(Step $step, array $zones, array $kept): ?int
    {
        $elsewhere = array_diff($step->zones, $zones);
        foreach ($kept as $at => $other) {
            $isThere = array_intersect($other->zones, $elsewhere) !== [] &&
                array_intersect($other->zones, $zones) === [];
            if ($isThere && ! $other->locked && self::isSameWork($step, $other)) {
                return $at;
            }
        }

        return null;
    }

    private static function isSameWork(Step $one, Step $other): bool
    {
        return $one->technique === $other->technique && $one->product === $other->product &&
            $one->coats === $other->coats;
    }

    /**
     * @param  array<int, Step>  $kept
     * @param  list<string>  $of
     * @param  list<string>  $before  parts that come before in the draft
     * @return int after what of them is there
     */
    private static function after(array $kept, array $of, array $before): int
    {
        $after = 0;
        foreach (array_keys($kept) as $at) {
            $after = in_array($of[$at], $before, true) ? $at + 1 : $after;
        }

        return $after;
    }

    /**
     * @param  array<int, Step>  $kept
     * @param  array<int, list<Step>>  $new  by the place before which they go
     * @return list<Step>
     */
    private static function merged(array $kept, array $new, int $count): array
    {
        $merged = [];
        for ($at = 0; $at <= $count; $at++) {
            array_push($merged, ...($new[$at] ?? []), ...(isset($kept[$at]) ? [$kept[$at]] : []));
        }

        return $merged;
    }
}
