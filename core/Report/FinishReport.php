<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Evaluation\Walk;
use Ulvrach\Finish\Finish;
use Ulvrach\Finish\Mark;
use Ulvrach\Plan\Place;
use Ulvrach\Vehicle\Belonging;

/** How a plan looks on its vehicle, as plain data. */
final class FinishReport
{
    /** @return array<string, mixed> */
    public static function of(Walk $walk): array
    {
        $paints = [];
        foreach (array_keys($walk->plan->zones) as $zone) {
            $paints[] = [
                'zone' => $zone,
                'after' => array_map(
                    static fn (int $index) => Finish::paint($walk, $index, $zone)?->toHex(),
                    array_keys($walk->plan->steps),
                ),
            ];
        }

        return [
            'belongs' => array_map(
                static fn (string $kind, ?string $zone) => ['kind' => $kind, 'zone' => $zone],
                array_keys(Belonging::of($walk->plan)),
                array_values(Belonging::of($walk->plan)),
            ),
            'paints' => $paints,
            'marks' => array_map(self::mark(...), Finish::of($walk)),
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
        ];
    }
}
