<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;
use App\Models\LogEntry;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\Plan;
use Ulvrach\Quantity\Moment;

/**
 * Keeps what was really done on builds. Entries are added and never changed; one that comes twice is kept once.
 *
 * @phpstan-import-type EntryData from LogCodec
 */
final readonly class LogStore
{
    public function __construct(private ConnectionInterface $database)
    {
    }

    public function of(Build $build): Log
    {
        return self::read(LogEntry::query()->where('build_id', $build->id)->oldest('id')->get())->knowing(
            self::triedElsewhere(self::trialsOf($build->user_id), $build->id),
        );
    }

    /**
     * @param  list<string>  $builds  ids, of one person
     * @return array<string, Log> by build id; those of which nothing is known are missing
     */
    public function ofAll(int $user, array $builds): array
    {
        $logs = [];
        /** @var \Illuminate\Database\Eloquent\Collection<int, LogEntry> $entries */
        $entries = LogEntry::query()->whereIn('build_id', $builds)->oldest('id')->get();
        foreach ($entries->groupBy('build_id') as $id => $rows) {
            $logs[(string) $id] = self::read($rows);
        }
        $trials = self::trialsOf($user);
        foreach ($trials === [] ? [] : $builds as $id) {
            $logs[$id] = ($logs[$id] ?? new Log())->knowing(self::triedElsewhere($trials, $id));
        }

        return $logs;
    }

    /**
     * Trials of a person that still count, the oldest first.
     *
     * @return list<Trial> each with its build
     */
    private static function trialsOf(int $user): array
    {
        /** @var \Illuminate\Database\Eloquent\Collection<int, LogEntry> $rows */
        $rows = LogEntry::query()
            ->whereIn('build_id', Build::query()->where('user_id', $user)->select('id'))
            ->where('kind', EntryKind::Trial->value)
            ->whereNotExists(
                static fn (Builder $later) => $later
                    ->from('log_entries', 'later')
                    ->whereColumn('later.build_id', 'log_entries.build_id')
                    ->whereColumn('later.corrects', 'log_entries.uuid'),
            )
            ->orderBy('happened_at')
            ->get();
        $trials = [];
        foreach ($rows as $row) {
            $trial = self::entry($row)->trial;
            if ($trial !== null && $trial->tried !== []) {
                $trials[] = $trial->on($row->build_id);
            }
        }

        return $trials;
    }

    /**
     * @param  list<Trial>  $trials
     * @return list<Trial>
     */
    private static function triedElsewhere(array $trials, string $build): array
    {
        return array_values(array_filter($trials, static fn (Trial $trial) => $trial->card !== $build));
    }

    /**
     * @param  list<Entry>  $entries  of steps of the plan they keep the words as they are now
     *
     * @throws BadPlanFile if one corrects something that is not in the log; paths start at the list
     * @throws ModelNotFoundException if the build was deleted meanwhile
     */
    public function append(Build $build, Plan $plan, array $entries): Log
    {
        $this->database->transaction(function () use ($build, $plan, $entries): void {
            $build->mustStay();
            $this->add($build, $plan, $entries);
        });

        return $this->of($build);
    }

    /** @param  list<Entry>  $entries */
    private function add(Build $build, Plan $plan, array $entries): void
    {
        $known = array_fill_keys(
            array_map(static fn (Entry $entry) => $entry->id, [...$this->of($build)->entries, ...$entries]),
            true,
        );
        foreach ($entries as $at => $entry) {
            if ($entry->corrects !== null && ! isset($known[$entry->corrects])) {
                throw new BadPlanFile([
                    new Fault("/{$at}/corrects", 'There is no such entry in the log of this build.'),
                ]);
            }
        }
        $this->insert($build, array_map(static fn (Entry $entry) => self::withWords($entry, $plan), $entries));
    }

    /** @param  list<Entry>  $entries  as they are */
    public function insert(Build $build, array $entries): void
    {
        foreach (array_chunk($entries, 500) as $chunk) {
            LogEntry::query()->insertOrIgnore(
                array_map(static fn (Entry $entry) => self::row($build->id, $entry), $chunk),
            );
        }
    }

    private static function withWords(Entry $entry, Plan $plan): Entry
    {
        $index = $entry->stepId === null ? null : $plan->indexOf($entry->stepId);

        return $index === null ? $entry : $entry->with(step: StepAsItWas::of($plan->steps[$index], $plan));
    }

    /** @return array<string, string|null> */
    private static function row(string $build, Entry $entry): array
    {
        $data = LogCodec::write($entry);

        return [
            'build_id' => $build,
            'uuid' => $entry->id,
            'kind' => $entry->kind->value,
            'step_id' => $entry->stepId,
            'happened_at' => Moment::write($entry->at),
            'corrects' => $entry->corrects,
            'data' => json_encode(
                array_intersect_key($data, ['asItWas' => 1, 'text' => 1, 'trial' => 1, 'air' => 1]),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
            'created_at' => now()->toDateTimeString(),
        ];
    }

    /** @param  Collection<int, LogEntry>  $rows */
    private static function read(Collection $rows): Log
    {
        return new Log(array_values($rows->map(self::entry(...))->all()));
    }

    private static function entry(LogEntry $row): Entry
    {
        /** @var EntryData $data */
        $data = [
            ...$row->data,
            'id' => $row->uuid,
            'kind' => $row->kind,
            'at' => Moment::write(intdiv($row->happened_at->getTimestamp(), 60)),
            'step' => $row->step_id,
            'corrects' => $row->corrects,
        ];

        return LogCodec::read($data);
    }
}
