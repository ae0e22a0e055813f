<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Trial;

use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Stuff\Chemistry\Combination;

/** What a trial has tried: which liquids met which films, and how far those were. */
final class Tried
{
    /**
     * @param  int  $index  of the step that was tried
     * @return list<Combination> none: nothing liquid met a film there
     */
    public static function by(Trial $trial, Verdict $verdict, int $index): array
    {
        return $trial->rule === null
            ? self::onFilms($trial, $verdict->walk, $index)
            : self::ofRule($trial->rule, $verdict, $index);
    }

    /**
     * The films that a step's liquids and tools meet on a zone, from the top down.
     *
     * @return list<Layer>
     */
    public static function films(Walk $walk, int $index, string $zone): array
    {
        $work = $walk->situations[$index]->work;

        return array_values(array_filter(
            $walk->before($index, $zone)->withinReachOf($work),
            static fn (Layer $layer) => $work->meets($layer) && ! $walk->situations[$index]->mergesInto($layer),
        ));
    }

    /** @return list<Combination> */
    private static function onFilms(Trial $trial, Walk $walk, int $index): array
    {
        $step = $walk->plan->steps[$index];
        $tried = [];
        foreach ($trial->zone === null ? $step->zones : array_intersect($step->zones, [$trial->zone]) as $zone) {
            $films = self::films($walk, $index, $zone);
            if (! $trial->passed) {
                $films = array_slice(self::moved($films, $trial->moved), 0, 1);
            }
            foreach ($films as $film) {
                foreach ($walk->situations[$index]->liquids as $liquid) {
                    $one = $liquid->on($film, $film->stateAt($walk->times[$index]->start));
                    $tried[$one->written()] = $one;
                }
            }
        }

        return array_values($tried);
    }

    /**
     * @param  list<Layer>  $films  from the top down
     * @return list<Layer> the one that came off; where nobody said which, all of them
     */
    private static function moved(array $films, ?string $step): array
    {
        $moved = array_values(array_filter($films, static fn (Layer $film) => $film->stepId === $step));

        return $moved === [] ? $films : $moved;
    }

    /** @return list<Combination> */
    private static function ofRule(string $rule, Verdict $verdict, int $index): array
    {
        $tried = [];
        foreach ($verdict->findings as $finding) {
            if ($finding->code === $rule && $finding->stepId === $verdict->walk->plan->steps[$index]->id) {
                $one = Combination::parse((string) ($finding->facts['tried'] ?? ''));
                if ($one !== null) {
                    $tried[$one->written()] = $one;
                }
            }
        }

        return array_values($tried);
    }
}
