<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Models\Build;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use App\Plans\UnreadablePlan;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ulvrach\Counsel\Draft\Spread;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** The same steps on several builds of one's own: what that would come to on each, and laying it on those chosen. */
final readonly class SpreadController
{
    public function __construct(
        private PlanStore $store,
        private LogStore $logs,
        private Evaluator $evaluator,
        private Judge $judge,
        private ConnectionInterface $database,
    ) {
    }

    /** On each of the other builds; nothing is changed. */
    public function look(Request $request, Build $build): JsonResponse
    {
        $steps = $this->steps($request, $build);
        $others = [];
        foreach (Build::whole(CurrentUser::of($request)->builds()->latest('updated_at')) as $other) {
            try {
                $others[] = $other->id === $build->id
                    ? null
                    : $this->judge->alone($other, fn (): array => $this->told($build, $steps, $other));
            } catch (UnreadablePlan) {
                continue;
            }
        }

        return new JsonResponse(['builds' => array_values(array_filter($others))]);
    }

    /** On all of the builds that are named, or, where one of them has changed or has gone, on none. */
    public function lay(Request $request, Build $build): JsonResponse
    {
        $steps = $this->steps($request, $build);
        $request->validate(['onto' => ['required', 'array', 'max:40'], 'onto.*' => ['uuid']]);
        /** @var list<string> $named */
        $named = array_values($request->array('onto'));
        $onto = array_unique($named);
        $own = Build::whole(CurrentUser::of($request)->builds());
        $others = array_filter($own->all(), static fn (Build $one) => in_array($one->id, $onto, true));
        if (count($others) !== count($onto) || in_array($build->id, $onto, true)) {
            throw ValidationException::withMessages(['onto' => 'There is no such other build on your bench.']);
        }
        $name = $build->head->document->build->name;
        $this->database->transaction(function () use ($others, $build, $steps, $name): void {
            foreach ($others as $other) {
                $edits = $this->edits($build, $steps, $other->head->document, $this->logs->of($other));
                if ($edits !== []) {
                    $this->store->edit($other, $other->version, $edits, mb_substr("As on {$name}", 0, 120));
                }
            }
        });

        return new JsonResponse(null, 204);
    }

    /** @return list<string> */
    private function steps(Request $request, Build $build): array
    {
        $request->validate(['steps' => ['required', 'array', 'max:200'], 'steps.*' => ['string']]);
        /** @var list<string> $steps */
        $steps = array_values($request->array('steps'));
        if (array_diff($steps, array_column($build->head->document->steps, 'id')) !== []) {
            throw ValidationException::withMessages(['steps' => 'There is no such step in this plan.']);
        }

        return $steps;
    }

    /**
     * @param  list<string>  $steps
     * @return list<PlanEdit>
     */
    private function edits(Build $build, array $steps, Plan $target, Log $log): array
    {
        $done = array_values(array_filter(array_column($target->steps, 'id'), $log->isFinished(...)));

        return Spread::onto($build->head->document, $steps, $target, $done);
    }

    /**
     * @param  list<string>  $steps
     * @return array<string, mixed>
     */
    private function told(Build $build, array $steps, Build $other): array
    {
        $target = $other->head->document;
        $log = $this->logs->of($other);
        $edits = $this->edits($build, $steps, $target, $log);
        $laid = [];
        foreach ($edits as $edit) {
            if ($edit instanceof InsertStep) {
                $zones = array_map(static fn (string $id) => $target->zones[$id]->name, $edit->step->zones);
                $laid[] = [
                    'technique' => TechniqueLibrary::get($edit->step->technique)->name,
                    'zones' => $zones,
                    'number' => $edit->at + 1,
                ];
            }
        }
        $before = $this->evaluator->evaluate($target, $log);
        $after = $edits === [] ? $before : $this->evaluator->evaluate(EditCodec::apply($edits, $target), $log, $before);

        return [
            'id' => $other->id,
            'name' => $target->build->name,
            'steps' => $laid,
            'stops' => max(0, $after->count(Severity::Stop) - $before->count(Severity::Stop)),
            'risks' => max(0, $after->count(Severity::Risk) - $before->count(Severity::Risk)),
        ];
    }
}
