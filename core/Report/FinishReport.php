<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Finish;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Vehicle\Belonging;

/** How a plan looks on its vehicle, as plain data. */
final class FinishReport
{
    /** @return array<string, mixed> */
    public static function of(Walk $walk, Forecast $forecast): array
    {
        return [
            'belongs' => self::belongs($walk->plan),
            'panels' => self::panels($walk->plan),
            'paints' => self::paints($walk, $forecast),
            'marks' => array_map(self::mark(...), $forecast->marks()),
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

    /** @return list<array<string, mixed>> by zone: from which step on it shows which colours */
    private static function paints(Walk $walk, Forecast $forecast): array
    {
        $paints = $known = [];
        foreach (array_keys($walk->plan->zones) as $zone) {
            $changes = [];
            $shown = ['colour' => null, 'patch' => null, 'line' => null, 'mark' => null];
            foreach ($forecast->changesOf($zone) as $index => $colours) {
                // A bare part has no colour yet, whatever has been done to it.
                $isBare = $index < 0 || $walk->after($index, $zone)->paint() === null;
                // Zones with the same history share their colours.
                $now = $isBare ? $shown : $known[spl_object_id($colours)] ??= self::shown($colours);
                if ($now !== $shown) {
                    $changes[] = ['step' => $index, ...$now];
                    $shown = $now;
                }
            }
            $paints[] = ['zone' => $zone, 'changes' => $changes];
        }

        return $paints;
    }

    /** @return array{colour: string, patch: string|null, line: string|null, mark: string|null} */
    private static function shown(Colours $colours): array
    {
        $of = static fn (Spot $spot): ?string => $colours->has($spot) ? $colours->of($spot)->toHex() : null;

        return [
            'colour' => $colours->of(Spot::Face)->toHex(),
            'patch' => $of(Spot::Patch),
            'line' => $of(Spot::Recess),
            'mark' => $of(Spot::Chip) ?? $of(Spot::Streak),
        ];
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
            'sparesMarkings' => $mark->sparesMarkings,
        ];
    }
}
