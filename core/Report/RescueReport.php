<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Counsel\Rescue\Rescue;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Ways out of a mishap as plain data. */
final class RescueReport
{
    /**
     * How far the films are: by the clock where the step is done, from its last stroke where that was said, and as
     * fresh as can be where nobody has said anything.
     *
     * @param  int  $now  Unix minute
     * @return int minute on the plan's clock
     */
    public static function minute(Walk $walk, int $step, int $now): int
    {
        if ($walk->isDone($step) && $walk->clockZero !== null) {
            return $now - $walk->clockZero;
        }
        $fresh = $walk->layers[$step]->laidAt ?? $walk->times[$step]->end;
        $laidAt = $walk->log->laidAt($walk->plan->steps[$step]->id);

        return $laidAt === null ? $fresh : $fresh + max(0, $now - $laidAt);
    }

    /**
     * @param  list<Rescue>  $ways
     * @param  int  $now  Unix minute
     * @return list<array<string, mixed>>
     */
    public static function of(array $ways, Walk $walk, int $step, int $now): array
    {
        $minute = self::minute($walk, $step, $now);

        return array_map(
            static fn (Rescue $rescue) => [
                ...self::doing($rescue),
                'opens' => $rescue->opens === null
                    ? null
                    : TimetableReport::moment($now + $rescue->opens - $minute),
                'until' => $rescue->until === null
                    ? null
                    : TimetableReport::moment($now + $rescue->until - $minute),
                'technique' => $rescue->way->technique === null
                    ? null
                    : TechniqueLibrary::get($rescue->way->technique)->name,
            ],
            $ways,
        );
    }

    /**
     * By the clock of the step: minutes from its last stroke.
     *
     * @param  list<Rescue>  $ways
     * @param  int  $laid  minute on the plan's clock at which the last stroke was on
     * @param  int  $minute  now, on the same clock
     * @return list<array{
     *   kind: string,
     *   says: string,
     *   tool: string,
     *   liquid: string|null,
     *   contact: string|null,
     *   opens: int,
     *   best: int|null,
     *   gone: int|null,
     *   cost: string|null,
     *   hurts: string|null,
     *   technique: string|null,
     *   edits: list<array<string, mixed>>,
     * }>
     */
    public static function inMinutes(array $ways, int $laid, int $minute): array
    {
        return array_map(
            static fn (Rescue $rescue) => [
                ...self::doing($rescue),
                'opens' => ($rescue->opens ?? $minute) - $laid,
                'best' => $rescue->until === null ? null : $rescue->until - $laid,
                'gone' => $rescue->gone === null ? null : $rescue->gone - $laid,
                'hurts' => $rescue->hurt?->stepId,
                'technique' => $rescue->way->technique,
            ],
            $ways,
        );
    }

    /**
     * What is done and what it costs, by whatever clock it is told.
     *
     * @return array{
     *   kind: string,
     *   says: string,
     *   tool: string,
     *   liquid: string|null,
     *   contact: string|null,
     *   cost: string|null,
     *   edits: list<array<string, mixed>>,
     * }
     */
    private static function doing(Rescue $rescue): array
    {
        return [
            'kind' => $rescue->way->kind->value,
            'says' => $rescue->way->says,
            'tool' => $rescue->way->tool,
            'liquid' => $rescue->liquid?->label(),
            'contact' => $rescue->liquid === null ? null : $rescue->way->contact->verb(),
            'cost' => $rescue->cost,
            'edits' => EditCodec::write($rescue->edits),
        ];
    }
}
