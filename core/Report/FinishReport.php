<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Evaluation\Walk;
use Ulvrach\Finish\Effect;
use Ulvrach\Finish\Finish;
use Ulvrach\Finish\Mark;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Vehicle\Belonging;

/** How a plan looks on its vehicle, as plain data. */
final class FinishReport
{
    /** @return array<string, mixed> */
    public static function of(Walk $walk): array
    {
        $marks = Finish::of($walk);

        return [
            'belongs' => self::belongs($walk->plan),
            'panels' => self::panels($walk->plan),
            'paints' => self::paints($walk, $marks),
            'marks' => array_map(self::mark(...), $marks),
        ];
    }

    /** @return array<string, mixed> what is seen on it now: of the steps that are done, whatever comes before them */
    public static function present(Walk $walk): array
    {
        $done = array_filter(Finish::of($walk), static fn (Mark $mark) => $walk->isDone($mark->step));

        return [
            'belongs' => self::belongs($walk->plan),
            'panels' => self::panels($walk->plan),
            'paints' => [],
            'marks' => array_map(self::mark(...), array_values($done)),
        ];
    }

    /** @return list<array{panel: string, zone: string, plate: string}> which plates of the vehicle the panels are */
    private static function panels(Plan $plan): array
    {
        $panels = [];
        foreach ($plan->zones as $zone) {
            foreach ($zone->panels as $panel) {
                if ($panel->plate !== null) {
                    $panels[] = ['panel' => $panel->id, 'zone' => $zone->id, 'plate' => $panel->plate];
                }
            }
        }

        return $panels;
    }

    /** @return list<array{kind: string, zone: string|null}> the zone that each kind of zone is part of */
    public static function belongs(Plan $plan): array
    {
        $belongs = Belonging::of($plan);

        return array_map(
            static fn (string $kind, ?string $zone) => ['kind' => $kind, 'zone' => $zone],
            array_keys($belongs),
            array_values($belongs),
        );
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<array<string, mixed>> by zone: from which step on it shows which paint, and which patches on it
     */
    private static function paints(Walk $walk, array $marks): array
    {
        $patched = [];
        foreach ($marks as $mark) {
            foreach ($mark->effect === Effect::Patches ? $mark->zones : [] as $zone) {
                $patched[$zone][$mark->step] = $mark->colour;
            }
        }
        $paints = [];
        foreach (array_keys($walk->plan->zones) as $zone) {
            $changes = [];
            [$base, $patch] = [null, null];
            foreach (array_keys($walk->plan->steps) as $index) {
                if ($walk->after($index, $zone) === $walk->before($index, $zone)) {
                    continue;
                }
                $seen = [$base, $patch];
                $isPatch = isset($patched[$zone][$index]);
                if ($isPatch) {
                    $patch = $patched[$zone][$index];
                } elseif (Finish::paint($walk, $index, $zone) != Finish::paint($walk, $index - 1, $zone)) {
                    [$base, $patch] = [Finish::paint($walk, $index, $zone), null];
                }
                // Told apart as they are, for writing a colour takes longer than finding it.
                if ([$base, $patch] != $seen) {
                    $changes[] = ['step' => $index, 'colour' => $base?->toHex(), 'patch' => $patch?->toHex()];
                }
            }
            $paints[] = ['zone' => $zone, 'changes' => $changes];
        }

        return $paints;
    }

    /** @return array<string, mixed> */
    private static function mark(Mark $mark): array
    {
        return [
            'effect' => $mark->effect->value,
            'step' => $mark->step,
            'until' => $mark->until,
            'zones' => $mark->zones,
            'colour' => $mark->colour?->toHex(),
            'amount' => round($mark->amount, 3),
            'isSoft' => $mark->isSoft,
            'places' => array_map(static fn (Place $place) => $place->value, $mark->places),
            'panels' => $mark->panels,
            'sheen' => $mark->sheen?->value,
            'share' => $mark->share,
            'pattern' => $mark->pattern?->value,
        ];
    }
}
