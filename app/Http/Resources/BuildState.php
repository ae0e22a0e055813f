<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Build;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use Ulvrach\PlanFile\LogCodec;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Rules\Evaluator;

/** Everything that the plan screen shows of a build, in one answer. */
final readonly class BuildState
{
    public function __construct(private Evaluator $evaluator, private PlanStore $store, private LogStore $logs)
    {
    }

    /** @return array<string, mixed> */
    public function of(Build $build): array
    {
        $plan = $build->head->document;
        $log = $this->logs->of($build);

        return [
            'id' => $build->id,
            'version' => $build->version,
            'plan' => PlanWriter::toArray($plan),
            'verdict' => VerdictReport::of($this->evaluator->evaluate($plan, $log)),
            'log' => array_map(LogCodec::write(...), $log->entries),
            'undo' => $build->head->parent_id === null ? null : $build->head->label,
            'redo' => $this->store->redoLabel($build),
        ];
    }
}
