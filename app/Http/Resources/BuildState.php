<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Build;
use App\Plans\PlanStore;
use Ulvrach\Evaluation\Evaluator;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Report\VerdictReport;

/** Everything that the plan screen shows of a build, in one answer. */
final readonly class BuildState
{
    public function __construct(private Evaluator $evaluator, private PlanStore $store)
    {
    }

    /** @return array<string, mixed> */
    public function of(Build $build): array
    {
        $plan = $build->head->document;

        return [
            'id' => $build->id,
            'version' => $build->version,
            'plan' => PlanWriter::toArray($plan),
            'verdict' => VerdictReport::of($this->evaluator->evaluate($plan)),
            'undo' => $build->head->parent_id === null ? null : $build->head->label,
            'redo' => $this->store->redoLabel($build),
        ];
    }
}
