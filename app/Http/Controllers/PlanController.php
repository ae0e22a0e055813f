<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\Effort;
use App\Clock\Turns;
use App\Http\CurrentUser;
use App\Http\Requests\PlanEditRequest;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use App\Plans\UnreadablePlan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Counsel\Repair\Repairer;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Placing;
use Ulvrach\Report\KnowledgeReport;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** The plan of one build: changing it, trying a change out, and taking it away as a file. */
final readonly class PlanController
{
    /** Seconds that a repair may take: four at once would keep everybody waiting. */
    private const REPAIR_SECONDS = 5.0;

    public function __construct(
        private PlanStore $store,
        private LogStore $logs,
        private BuildState $state,
        private Judge $judge,
    ) {
    }

    public function edit(PlanEditRequest $request, Build $build): JsonResponse
    {
        $edits = $request->edits();
        $label = $request->string('label')->toString();
        try {
            $build = $this->store->edit($build, $this->version($request), $edits, $label === '' ? null : $label);
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::under('/edits', $bad);
        }

        return new JsonResponse($this->state->of($build));
    }

    /** What the plan would come to; nothing is kept. */
    public function preview(PlanEditRequest $request, Build $build): JsonResponse
    {
        $edits = $request->edits();
        try {
            $plan = EditCodec::apply($edits, $build->head->document);
            $verdict = $this->judge->mustBear($plan, $this->logs->of($build));
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::under('/edits', $bad);
        }

        return new JsonResponse([
            'plan' => PlanWriter::toArray($plan),
            'verdict' => VerdictReport::of($verdict),
        ]);
    }

    /** Where a new step of each technique most likely goes, and what it could be worked into. */
    public function placing(Request $request, Build $build): JsonResponse
    {
        $plan = $build->head->document;
        $at = max(0, min($request->integer('at', count($plan->steps)), count($plan->steps)));
        $placing = new Placing($plan, $at);

        return new JsonResponse(
            array_map(
                static function (Technique $technique) use ($placing): array {
                    $zones = $placing->zonesFor($technique);

                    return [
                        'technique' => $technique->code,
                        'zones' => $zones,
                        'into' => $placing->mayGoInto($technique, $zones),
                    ];
                },
                array_values(TechniqueLibrary::all()),
            ),
        );
    }

    public function check(Build $build): JsonResponse
    {
        return new JsonResponse($this->judge->report($build, $this->logs->of($build)));
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
    public function remedies(Request $request, Build $build, string $key, RemedyAdvisor $advisor): JsonResponse
    {
        $verdict = $this->verdict($build);
        foreach ($verdict->findings as $finding) {
            if ($finding->key() === $key) {
                return new JsonResponse([
                    'version' => $build->version,
                    'remedies' => VerdictReport::remedies(
                        $finding,
                        $verdict,
                        $advisor,
                        CurrentUser::of($request)->shelf(),
                    ),
                ]);
            }
        }
        throw new NotFoundHttpException('The plan no longer has this finding.');
    }

    /** The cheapest set of proved remedies after which no stop is left; nothing is changed. */
    public function repair(Request $request, Build $build, Repairer $repairer, Turns $turns): JsonResponse
    {
        $repair = $turns->take(
            CurrentUser::of($request),
            self::REPAIR_SECONDS,
            fn (Effort $effort) => $repairer->repair(
                $build->head->document,
                $this->logs->of($build),
                keepGoing: $effort->goesOn(...),
            ),
        );

        return new JsonResponse(['version' => $build->version, ...KnowledgeReport::repair($repair)]);
    }

    /** Also of a plan that cannot be read here: then it is given back as it is stored. */
    public function export(Build $build): Response
    {
        try {
            $plan = $build->head->document;
            $json = PlanWriter::toJson(new PlanFile($plan, $this->logs->of($build)));
            $name = Str::slug($plan->build->name) ?: 'plan';
        } catch (UnreadablePlan) {
            $stored = $build->head->getRawOriginal('document');
            $json = is_string($stored) ? $stored : '';
            $name = 'plan';
        }

        return new Response($json, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$name}.ulvrach.json\"",
        ]);
    }

    private function verdict(Build $build): Verdict
    {
        return $this->judge->verdict($build, $this->logs->of($build));
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
