<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;

/** What no timetable lays, because it would ruin something: steps under an open stop, and what goes over them later. */
final class HeldBack
{
    /** @return array<string, Finding> by step id: the stop that it waits for, its own or that of a step before it */
    public static function of(Verdict $verdict): array
    {
        $stops = [];
        foreach ($verdict->findings as $finding) {
            if ($finding->isOpen() && $finding->severity === Severity::Stop) {
                $stops[$finding->stepId] ??= $finding;
            }
        }
        $held = $onZone = [];
        foreach ($stops === [] ? [] : $verdict->walk->plan->steps as $index => $step) {
            if ($verdict->walk->isDone($index)) {
                continue;
            }
            $stop = $stops[$step->id] ?? null;
            foreach ($stop === null ? $step->zones : [] as $zone) {
                $stop ??= $onZone[$zone] ?? null;
            }
            if ($stop === null) {
                continue;
            }
            $held[$step->id] = $stop;
            foreach ($step->zones as $zone) {
                $onZone[$zone] ??= $stop;
            }
        }

        return $held;
    }
}
