<?php

declare(strict_types=1);

namespace Ulvrach\Draft\Internal;

use Ulvrach\Plan\Step;
use Ulvrach\Technique\TechniqueLibrary;

/** Steps by the part of the work that they belong to; seals, looks and joins go with what comes before them. */
final class Parts
{
    private const FIRST = 'Ground';

    /**
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
     * One part of a plan as another has it, all else as it was.
     *
     * @param  list<Step>  $steps
     * @param  list<Step>  $drafted
     * @return list<Step> the new ones with ids that none has or had
     */
    public static function exchanged(array $steps, array $drafted, string $part): array
    {
        $of = self::of($steps);
        $kept = $order = [];
        foreach ($steps as $place => $step) {
            if ($of[$place] !== $part) {
                $kept[] = $step;
                $order[] = $of[$place];
            }
        }
        $taken = array_fill_keys(array_column($steps, 'id'), true);
        $new = [];
        foreach (self::of($drafted) as $place => $its) {
            if ($its === $part) {
                $id = self::free($drafted[$place]->id, $taken);
                $taken[$id] = true;
                $new[] = $drafted[$place]->with(['id' => $id]);
            }
        }
        array_splice($kept, self::place($of, $order, self::of($drafted), $part), 0, $new);

        return $kept;
    }

    /**
     * Where the part stood, or after what comes before it in a draft.
     *
     * @param  list<string>  $of  parts of all steps that there were
     * @param  list<string>  $kept  of those that stay
     * @param  list<string>  $drafted  of those of the draft
     */
    private static function place(array $of, array $kept, array $drafted, string $part): int
    {
        $first = array_search($part, $of, true);
        if ($first !== false) {
            return $first;
        }
        $before = array_slice($drafted, 0, (int) array_search($part, $drafted, true));
        $last = 0;
        foreach ($kept as $place => $its) {
            $last = in_array($its, $before, true) ? $place + 1 : $last;
        }

        return $last;
    }

    /** @param  array<string, true>  $taken */
    private static function free(string $id, array $taken): string
    {
        $stem = (string) preg_replace('/-\d+$/', '', $id);
        $number = 1;
        while (isset($taken[$id])) {
            $id = "{$stem}-{$number}";
            $number++;
        }

        return $id;
    }
}
