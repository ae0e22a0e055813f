<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Physics\Evaluation\Observed;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Hours;
use Ulvrach\Quantity\OwnRatio;
use Ulvrach\Stuff\ShelfFile\Csv;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** What was done on builds, as plain data and as a table. */
final class DiaryReport
{
    /** Whose the drying times of a jar are that were taken from the log. */
    public const OWN_LOG = 'own log';

    /** Steps that are named as next. */
    private const NEXT = 3;

    private const COLUMNS = ['when (UTC)', 'build', 'what', 'step', 'jar', 'zones', 'words', '°C', '% humidity'];

    /** @return array<string, mixed> where a build stands: what was last done, what comes next, hours against plan */
    public static function ofBuild(string $id, Walk $walk): array
    {
        $hours = Hours::of($walk->log);
        $planned = $spent = 0;
        $next = $left = [];
        foreach ($walk->plan->steps as $index => $step) {
            $name = ($index + 1).' '.TechniqueLibrary::get($step->technique)->name;
            if (isset($hours[$step->id])) {
                $spent += $hours[$step->id];
                $planned += $walk->times[$index]->handsOn;
            }
            if (! $walk->isDone($index)) {
                $isLeft = self::isSkipped($walk, $step->id);
                $left = $isLeft ? [...$left, $name] : $left;
                $next = $isLeft || count($next) >= self::NEXT ? $next : [...$next, $name];
            }
        }
        $finished = array_filter(
            $walk->log->standing(),
            static fn (Entry $entry) => $entry->kind === EntryKind::Finished,
        );
        usort($finished, static fn (Entry $one, Entry $other) => $one->at <=> $other->at);
        $last = $finished === [] ? null : $finished[count($finished) - 1];

        return [
            'id' => $id,
            'name' => $walk->plan->build->name,
            'steps' => count($walk->plan->steps),
            'done' => count(array_filter(array_keys($walk->plan->steps), $walk->isDone(...))),
            'plannedMinutes' => $planned,
            'spentMinutes' => $spent,
            'lastDone' => $last === null
                ? null
                : ['words' => $last->step?->inWords() ?? 'a step', 'at' => TimetableReport::moment($last->at)],
            'next' => $next,
            'left' => $left,
        ];
    }

    /** @return list<array<string, mixed>> the latest first; what was corrected stands among them and is marked */
    public static function entries(string $id, Walk $walk): array
    {
        $standing = array_fill_keys(
            array_map(static fn (Entry $entry) => $entry->id, $walk->log->standing()),
            true,
        );
        $entries = [];
        foreach (array_reverse($walk->log->entries) as $entry) {
            $entries[] = [
                'id' => $entry->id,
                'kind' => $entry->kind->value,
                'at' => TimetableReport::moment($entry->at),
                'step' => $entry->stepId,
                'text' => $entry->text,
                'air' => LogCodec::writeAir($entry->air),
                'build' => $id,
                'words' => $entry->step?->inWords() ?? '',
                'zones' => array_values($entry->step->zones ?? []),
                'stands' => isset($standing[$entry->id]),
            ];
        }

        return $entries;
    }

    /**
     * How one's own hands stand to the tables, by technique, from all steps of which begin and end are known.
     *
     * @param  array<string, Walk>  $walks  by build
     * @param  list<string>  $dropped  keys of observations that shall not count
     * @return list<array<string, mixed>>
     */
    public static function paces(array $walks, array $dropped = []): array
    {
        $seen = [];
        foreach ($walks as $build => $walk) {
            $hours = Hours::of($walk->log);
            foreach ($walk->plan->steps as $index => $step) {
                $planned = $walk->times[$index]->handsOn;
                if (isset($hours[$step->id]) && $planned > 0) {
                    $seen[$step->technique][] = [
                        'key' => "pace {$build} {$step->id}",
                        'build' => (string) $build,
                        'step' => $step->id,
                        'own' => $hours[$step->id],
                        'usual' => $planned,
                    ];
                }
            }
        }
        $paces = [];
        foreach ($seen as $technique => $observations) {
            $paces[] = [
                'code' => $technique,
                'technique' => TechniqueLibrary::get($technique)->name,
                ...self::estimate($observations, $dropped),
            ];
        }
        usort($paces, static fn (array $one, array $other) => $one['technique'] <=> $other['technique']);

        return $paces;
    }

    /**
     * How long one's own jars take until their sign is seen, against the table.
     *
     * @param  array<string, Walk>  $walks  by build
     * @param  list<string>  $dropped  keys of observations that shall not count
     * @return list<array<string, mixed>>
     */
    public static function dryings(array $walks, array $dropped = []): array
    {
        $seen = $jars = [];
        foreach ($walks as $build => $walk) {
            foreach (Observed::of($walk) as $one) {
                $jars[$one->product->id] = $one->product;
                $seen[$one->product->id][] = [
                    'key' => "drying {$one->entry}",
                    'build' => (string) $build,
                    'step' => $one->step,
                    'own' => $one->minutes,
                    'usual' => (int) max(1, round($one->expected)),
                ];
            }
        }
        $dryings = [];
        foreach ($seen as $jar => $observations) {
            $dryings[] = [
                'jar' => (string) $jar,
                'name' => $jars[$jar]->name,
                'isCounted' => $jars[$jar]->material->times?->source === self::OWN_LOG,
                ...self::estimate($observations, $dropped),
            ];
        }
        usort($dryings, static fn (array $one, array $other) => $one['name'] <=> $other['name']);

        return $dryings;
    }

    /**
     * @template T of array{key: string, own: int|float, usual: int|float}
     *
     * @param  list<T>  $observations
     * @param  list<string>  $dropped
     * @return array{ratio: float, low: float, high: float, observations: list<array<string, mixed>>}
     */
    public static function estimate(array $observations, array $dropped): array
    {
        $told = $ratios = [];
        foreach ($observations as $one) {
            $counts = ! in_array($one['key'], $dropped, true);
            $told[] = [...$one, 'counts' => $counts];
            if ($counts) {
                $ratios[] = $one['own'] / $one['usual'];
            }
        }
        $own = OwnRatio::of($ratios);

        return [
            'ratio' => round($own->ratio, 2),
            'low' => round($own->low, 2),
            'high' => round($own->high, 2),
            'observations' => $told,
        ];
    }

    /** @param  array<string, Walk>  $walks  by build */
    public static function table(array $walks): string
    {
        $lines = [];
        foreach ($walks as $walk) {
            foreach ($walk->log->standing() as $entry) {
                $lines[] = [
                    TimetableReport::moment($entry->at),
                    $walk->plan->build->name,
                    $entry->kind->value,
                    $entry->step->words ?? '',
                    $entry->step->product ?? '',
                    implode(', ', $entry->step->zones ?? []),
                    $entry->text,
                    $entry->air === null ? '' : (string) $entry->air->temperatureC,
                    $entry->air === null ? '' : (string) $entry->air->humidityPercent,
                ];
            }
        }
        usort($lines, static fn (array $one, array $other) => $one[0] <=> $other[0]);

        return Csv::write([self::COLUMNS, ...$lines]);
    }

    private static function isSkipped(Walk $walk, string $step): bool
    {
        foreach ($walk->log->standing() as $entry) {
            if ($entry->kind === EntryKind::Skipped && $entry->stepId === $step) {
                return true;
            }
        }

        return false;
    }
}
