<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;

/** The colours that a plan comes to, as plain data. */
final class ForecastReport
{
    /** @return array<string, mixed> by zone: after which step its places have which colours */
    public static function of(Walk $walk): array
    {
        $forecast = Forecast::of($walk);
        $zones = [];
        foreach ($walk->plan->zones as $zone) {
            $changes = [];
            foreach ($forecast->changesOf($zone->id) as $index => $colours) {
                $places = [];
                foreach (Spot::cases() as $spot) {
                    if ($colours->has($spot)) {
                        $places[$spot->value] = self::colour($colours->of($spot));
                    }
                }
                $changes[] = [
                    'at' => $index,
                    'step' => $index < 0 ? null : $walk->plan->steps[$index]->id,
                    'places' => $places,
                    'marks' => array_map(
                        static fn (array $made) => [
                            'step' => $walk->plan->steps[$made[1]]->id,
                            'place' => $made[0]->value,
                            ...self::colour($made[2]),
                        ],
                        $colours->made(),
                    ),
                ];
            }
            $zones[] = ['zone' => $zone->id, 'name' => $zone->name, 'changes' => $changes];
        }

        return ['zones' => $zones];
    }

    /** @return list<array<string, mixed>> what a step changes: by zone and place, the colour before it and after it */
    public static function ofStep(Walk $walk, int $index): array
    {
        $forecast = Forecast::of($walk);
        $last = count($walk->plan->steps) - 1;
        $seen = [];
        foreach ($walk->plan->zones as $zone) {
            if (! isset($forecast->changesOf($zone->id)[$index])) {
                continue;
            }
            [$before, $after] = [$forecast->after($index - 1, $zone->id), $forecast->after($index, $zone->id)];
            $end = $forecast->after($last, $zone->id);
            $places = [];
            foreach (Spot::cases() as $spot) {
                if (! $after->has($spot)) {
                    continue;
                }
                [$was, $is] = [$before->of($spot), $after->of($spot)];
                $places[] = [
                    'place' => $spot->value,
                    'before' => $was->toHex(),
                    'after' => $is->toHex(),
                    'atEnd' => $end->of($spot)->toHex(),
                    'difference' => round($was->differenceTo($is), 1),
                ];
            }
            $seen[] = ['zone' => $zone->id, 'places' => $places];
        }

        return $seen;
    }

    /** @return array{hex: string, lab: list<float>} */
    private static function colour(Lab $colour): array
    {
        return [
            'hex' => $colour->toHex(),
            'lab' => [round($colour->l, 2), round($colour->a, 2), round($colour->b, 2)],
        ];
    }
}
