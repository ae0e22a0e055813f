<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Build;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use Ulvrach\PlanFile\LogCodec;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Report\VerdictReport;

/** Everything that the plan screen shows of a build, in one answer. */
final readonly class BuildState
{
    public function __construct(private Judge $judge, private PlanStore $store, private LogStore $logs)
    {
    }

    /** @return array<string, mixed> */
    public function of(Build $build): array
    {
        $verdict = $this->judge->known($build) ?? $this->judge->verdict($build, $this->logs->of($build));

        return [
            'id' => $build->id,
            'version' => $build->version,
            'plan' => PlanWriter::toArray($verdict->plan),
            'verdict' => VerdictReport::of($verdict),
            'log' => array_map(LogCodec::write(...), $verdict->walk->log->entries),
            'undo' => $build->head->parent_id === null ? null : $build->head->label,
            'redo' => $this->store->redoLabel($build),
        ];
    }
}
