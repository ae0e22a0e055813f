<?php

declare(strict_types=1);

namespace App\Clock;

use App\Jobs\LookForEarlierEnd;
use App\Models\User;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Str;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Solution;

/**
 * Thorough searches for an earlier end, made by the worker: how far each has come, and whether it is still wanted. What
 * it finds goes to where the clock keeps its timetables.
 *
 * @phpstan-type SearchState array{
 *   state: 'waiting'|'running'|'done'|'stopped',
 *   seconds: float,
 *   spent: float,
 *   found: int,
 *   ends: string|null,
 * }
 */
final readonly class Searches
{
    /** Seconds after which nobody asks about a search any more. */
    private const KEPT = 3600;

    /** Seconds after which a running search that tells nothing new is taken for dead: its worker has ended. */
    private const SILENT = 30;

    public function __construct(private Clock $clock, private Repository $cache, private Dispatcher $bus)
    {
    }

    /**
     * A person has one search at a time; a new one ends the one before.
     *
     * @param  list<string>|null  $builds
     */
    public function start(User $user, ?array $builds, WhatIf $whatIf): string
    {
        $before = $this->cache->get("search.of.{$user->id}");
        if (is_string($before)) {
            $this->stop($user, $before);
        }
        $id = (string) Str::uuid7();
        $this->cache->put("search.of.{$user->id}", $id, self::KEPT);
        $this->keep($user, $id, [
            'state' => 'waiting',
            'seconds' => config()->float('ulvrach.search_seconds'),
            'spent' => 0.0,
            'found' => 0,
            'ends' => null,
        ]);
        $this->bus->dispatch(new LookForEarlierEnd($user->id, $id, $builds, $whatIf));

        return $id;
    }

    /** @return SearchState|null null: there is no such search of theirs */
    public function show(User $user, string $id): ?array
    {
        /** @var SearchState|null $state */
        $state = $this->cache->get("search.{$user->id}.{$id}");

        return $state;
    }

    /** The best found so far stays. */
    public function stop(User $user, string $id): void
    {
        $state = $this->show($user, $id);
        if ($state !== null && in_array($state['state'], ['waiting', 'running'], true)) {
            $this->cache->put("search.{$user->id}.{$id}.unwanted", true, self::KEPT);
            $this->keep($user, $id, [...$state, 'state' => 'stopped']);
        }
    }

    /**
     * The work itself.
     *
     * @param  list<string>|null  $builds
     */
    public function run(User $user, string $id, ?array $builds, WhatIf $whatIf): void
    {
        $state = $this->show($user, $id);
        if ($state === null || $state['state'] !== 'waiting') {
            return;
        }
        $tell = function (array $change) use (&$state, $user, $id): bool {
            /** @var SearchState $state */
            $state = [...$state, ...$change];
            $isWanted = $this->cache->get("search.{$user->id}.{$id}.unwanted") !== true;
            $this->keep($user, $id, $isWanted ? $state : [...$state, 'state' => 'stopped']);

            return $isWanted;
        };
        $found = 0;
        $effort = new Effort(
            $state['seconds'],
            static fn (float $spent): bool => $tell(['state' => 'running', 'spent' => $spent]),
            static function (Solution $solution) use ($tell, &$found): void {
                $tell([
                    'state' => 'running',
                    'found' => ++$found,
                    'ends' => TimetableReport::moment($solution->makespan),
                ]);
            },
        );
        try {
            $ends = $this->clock->lay($user, $builds, $whatIf, $effort)['ends'];
            $tell(['state' => 'done', 'ends' => is_string($ends) ? $ends : null]);
        } catch (NoSchedule) {
            $tell(['state' => 'done']);
        }
    }

    /** @param  SearchState  $state */
    private function keep(User $user, string $id, array $state): void
    {
        $this->cache->put(
            "search.{$user->id}.{$id}",
            $state,
            $state['state'] === 'running' ? self::SILENT : self::KEPT,
        );
    }
}
