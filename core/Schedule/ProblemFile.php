<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\SchemaCheck;

/** Reads neutral schedule problems: a scheduler can be judged with them without any plan. See docs/schedule-file.md. */
final class ProblemFile
{
    /** @throws BadPlanFile with the path of every fault */
    public static function read(string $json): Problem
    {
        $faults = SchemaCheck::faults(PlanReader::decode($json), SchemaCheck::SCHEDULE);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /**
         * @var array{
         *   sessions: list<array{int, int}>,
         *   sprayWindows: list<array{int, int}>,
         *   daylight: list<array{int, int}>,
         *   setup: int,
         *   horizon: int,
         *   granularity: int,
         *   activities: list<array{
         *     id: int,
         *     name?: string,
         *     active: int,
         *     split?: bool,
         *     spray?: string|null,
         *     daylight?: bool,
         *   }>,
         *   lags: list<array{from: int, to: int, min: int, max?: int|null, max_to?: string|null}>,
         * } $data
         */
        $data = json_decode($json, true);
        $activities = [];
        foreach ($data['activities'] as $at => $activity) {
            if ($activity['id'] !== $at) {
                throw new BadPlanFile([
                    new Fault("/activities/{$at}/id", 'Ids count from 0 in the order of the list.'),
                ]);
            }
            $activities[] = new Activity(
                name: $activity['name'] ?? "activity {$at}",
                active: $activity['active'],
                split: $activity['split'] ?? false,
                spray: $activity['spray'] ?? null,
                daylight: $activity['daylight'] ?? false,
            );
        }
        $lags = [];
        foreach ($data['lags'] as $at => $lag) {
            foreach (['from', 'to'] as $end) {
                if (! isset($activities[$lag[$end]])) {
                    throw new BadPlanFile([new Fault("/lags/{$at}/{$end}", 'There is no such activity.')]);
                }
            }
            $lags[] = new Lag(
                from: $lag['from'],
                to: $lag['to'],
                min: $lag['min'],
                max: $lag['max'] ?? null,
                maxToEnd: ($lag['max_to'] ?? 'start') === 'end',
            );
        }

        return new Problem(
            sessions: $data['sessions'],
            sprayWindows: $data['sprayWindows'],
            daylight: $data['daylight'],
            setup: $data['setup'],
            horizon: $data['horizon'],
            granularity: $data['granularity'],
            activities: $activities,
            lags: $lags,
        );
    }
}
