<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanEditRequest;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Plans\PlanStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Evaluation\Evaluator;
use Ulvrach\PlanFile\BadPlanFile;
use Ulvrach\PlanFile\EditCodec;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Repair\Repairer;
use Ulvrach\Report\KnowledgeReport;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Rules\Remedy\RemedyAdvisor;

/** The plan of one build: changing it, trying a change out, and taking it away as a file. */
final readonly class PlanController
{
    public function __construct(private PlanStore $store, private BuildState $state, private Evaluator $evaluator)
    {
    }

    public function edit(PlanEditRequest $request, Build $build): JsonResponse
    {
        $edits = $request->edits();
        $label = $request->string('label')->toString();
        try {
            $build = $this->store->edit($build, $this->version($request), $edits, $label === '' ? null : $label);
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::underEdits($bad);
        }

        return new JsonResponse($this->state->of($build));
    }

    /** What the plan would come to; nothing is kept. */
    public function preview(PlanEditRequest $request, Build $build): JsonResponse
    {
        try {
            $plan = EditCodec::apply($request->edits(), $build->head->document);
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::underEdits($bad);
        }

        return new JsonResponse([
            'plan' => PlanWriter::toArray($plan),
            'verdict' => VerdictReport::of($this->evaluator->evaluate($plan)),
        ]);
    }

    public function check(Build $build): JsonResponse
    {
        return new JsonResponse(VerdictReport::of($this->evaluator->evaluate($build->head->document)));
    }

    public function undo(Request $request, Build $build): JsonResponse
    {
        return new JsonResponse($this->state->of($this->store->undo($build, $this->version($request))));
    }

    public function redo(Request $request, Build $build): JsonResponse
    {
        return new JsonResponse($this->state->of($this->store->redo($build, $this->version($request))));
    }

    /** Proved remedies of one finding of the present plan. */
    public function remedies(Build $build, string $key, RemedyAdvisor $advisor): JsonResponse
    {
        $evaluation = $this->evaluator->evaluate($build->head->document);
        foreach ($evaluation->findings as $finding) {
            if ($finding->key() === $key) {
                return new JsonResponse([
                    'version' => $build->version,
                    'remedies' => VerdictReport::remedies($finding, $evaluation, $advisor),
                ]);
            }
        }
        throw new NotFoundHttpException('The plan no longer has this finding.');
    }

    /** The cheapest set of proved remedies after which no stop is left; nothing is changed. */
    public function repair(Build $build, Repairer $repairer): JsonResponse
    {
        return new JsonResponse([
            'version' => $build->version,
            ...KnowledgeReport::repair($repairer->repair($build->head->document)),
        ]);
    }

    public function export(Build $build): Response
    {
        $plan = $build->head->document;
        $name = Str::slug($plan->build->name) ?: 'plan';

        return new Response(PlanWriter::toJson($plan), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$name}.ulvrach.json\"",
        ]);
    }

    /** @throws ValidationException */
    private function version(Request $request): int
    {
        $version = $request->input('version');

        return is_int($version)
            ? $version
            : throw ValidationException::withMessages([
                'version' => 'Say which version of the plan this is for: a whole number.',
            ]);
    }
}
