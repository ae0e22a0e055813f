<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Finish;

use Ulvrach\Physics\Evaluation\Walk;

/** How many marks of one step are enough, and how large they are: what a hand has to know to stop. */
final class Enough
{
    /** Zones that are named; what has fewer marks follows in two words. */
    private const NAMED = 3;

    /** Of what it is that so many are enough; of the rest there is as much as falls. */
    private const WORDS = [
        Effect::Chips->value => 'marks',
        Effect::Worn->value => 'places',
        Effect::Scratches->value => 'scratches',
        Effect::Streaks->value => 'runs',
    ];

    private const LONG = [Effect::Scratches, Effect::Streaks];

    /** Marks below which it is not worth a number. */
    private const FEW = 2;

    /** @return string|null a sentence; null: what the step leaves is not counted */
    public static function ofStep(Walk $walk, int $index): ?string
    {
        $counted = [];
        $effect = $word = $sizes = null;
        foreach (Finish::ofStep($walk, $index) as $mark) {
            if ($word === null) {
                $word = self::WORDS[$mark->effect->value] ?? null;
                $effect = $mark->effect;
            }
            foreach ($word !== null && $mark->effect === $effect ? $mark->zones : [] as $id) {
                $zone = $walk->plan->zones[$id];
                $population = Population::of($mark, $zone, $walk->plan->build);
                if ($population !== null && $population->count >= self::FEW) {
                    $counted[$zone->name] = $population->count;
                    $sizes ??= $population;
                }
            }
        }
        if ($sizes === null) {
            return null;
        }
        arsort($counted);
        $named = [];
        foreach (array_slice($counted, 0, self::NAMED, true) as $name => $count) {
            $what = $named === [] ? "{$word} " : '';
            $named[] = self::rounded($count)." {$what}on {$name}";
        }
        $rest = count($counted) > self::NAMED ? ', fewer elsewhere' : '';
        [$usual, $most] = [round($sizes->usualMm, 1), round($sizes->mostMm, 1)];
        $long = in_array($effect, self::LONG, true) ? ' long' : '';

        return 'Enough is about '.implode(', ', $named)."{$rest}; most of {$usual} mm{$long}, hardly one over {$most}.";
    }

    /** As people count: in fives from twenty on, in tens from fifty, in fifties from three hundred. */
    private static function rounded(int $count): int
    {
        $step = match (true) {
            $count > 300 => 50,
            $count > 50 => 10,
            $count > 20 => 5,
            default => 1,
        };

        return $step * (int) round($count / $step);
    }
}
