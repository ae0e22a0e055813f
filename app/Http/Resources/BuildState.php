<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Clock\BenchSettings;
use App\Models\Build;
use App\Models\User;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use App\Room\Forecasts;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Report\CureReport;
use Ulvrach\Report\VerdictReport;

/** Everything that the plan screen shows of a build, in one answer. */
final readonly class BuildState
{
    public function __construct(
        private Judge $judge,
        private PlanStore $store,
        private LogStore $logs,
        private Forecasts $forecasts,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Build $build): array
    {
        // What was judged just now need not be looked for.
        $known = $this->judge->known($build);
        $log = $known->walk->log ?? $this->logs->of($build);
        $verdict = $known === null ? $this->judge->report($build, $log) : VerdictReport::of($known);

        return [
            'id' => $build->id,
            'version' => $build->version,
            'plan' => PlanWriter::toArray($build->plan()),
            'verdict' => $verdict,
            'log' => array_map(LogCodec::write(...), $log->entries),
            'undo' => $build->head->parent_id === null ? null : $build->head->label,
            'redo' => $this->store->redoLabel($build),
            'films' => $verdict['clockZero'] === null ? [] : $this->films($build, $this->judge->walk($build, $log)),
        ];
    }

    /** @return list<array<string, mixed>> the films that are there, as they dry in the room of their owner */
    private function films(Build $build, Walk $walk): array
    {
        if ($walk->clockZero === null) {
            return [];
        }
        $user = User::query()->findOrFail($build->user_id);
        $now = intdiv(now()->getTimestamp(), 60);
        $clock = new FilmClock($walk, $this->forecasts->of($user, BenchSettings::of($user), $now));
        $films = [];
        foreach ($walk->plan->steps as $index => $step) {
            $cures = $clock->cures($index);
            if ($cures !== null) {
                $films[] = ['step' => $step->id, 'cures' => CureReport::of($cures)];
            }
        }

        return $films;
    }
}
