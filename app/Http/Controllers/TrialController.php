<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Http\CurrentUser;
use App\Http\Resources\BuildState;
use App\Models\Build;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Plans\OwnPlans;
use App\Plans\PlanStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Judgement\Trial\Card;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build as Facts;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Report\TrialReport;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\Season;

/** Cards on which something is tried before it goes on a model. A card is a build of one's own, and is kept as one. */
final readonly class TrialController
{
    /** The scale of a card that is like nothing else. */
    private const SCALE = 35;

    public function __construct(private PlanStore $store, private LogStore $logs, private Judge $judge)
    {
    }

    public function index(Request $request, OwnPlans $plans): JsonResponse
    {
        $cards = $others = [];
        $user = CurrentUser::of($request);
        $told = $plans->walked(
            $user,
            static fn (Build $build, Walk $walk): array => Card::isOne($walk->plan)
                ? [[TrialReport::card($build->id, $build->version, $walk)], []]
                : [[], TrialReport::onModel($build->id, $walk)],
        );
        foreach ($told as [$card, $on]) {
            array_push($cards, ...$card);
            array_push($others, ...$on);
        }

        return new JsonResponse(['cards' => array_reverse($cards), 'others' => $others]);
    }

    /** A bare card, or one with the layers that a step of a build will meet. */
    public function store(Request $request): JsonResponse
    {
        $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'build' => ['nullable', 'uuid', 'required_with:step,zone'],
            'step' => ['nullable', 'string', 'required_with:build'],
            'zone' => ['nullable', 'string', 'required_with:build'],
        ]);
        $user = CurrentUser::of($request);
        $name = $request->string('name')->trim()->toString();
        $plan = $request->filled('build')
            ? $this->like($user->builds()->with('head')->find($request->string('build')->toString()), $request, $name)
            : Card::blank(self::bare(BenchSettings::roomOf($user)->byDay(Season::of(now()->month))), $name);
        $card = $this->store->create($user, new PlanFile($plan), 'Start the trial');

        return new JsonResponse(['id' => $card->id], 201);
    }

    /** A field beside another, with the same layers. */
    public function beside(Request $request, Build $build, BuildState $state): JsonResponse
    {
        $plan = $build->head->document;
        $request->validate([
            'zone' => ['required', Rule::in(array_map(strval(...), array_keys($plan->zones)))],
            'name' => ['required', 'string', 'max:80'],
            'version' => ['required', 'integer:strict'],
        ]);
        if (! Card::isOne($plan)) {
            throw ValidationException::withMessages(['zone' => 'Only a card for trials has fields.']);
        }
        if (count($plan->zones) >= Card::MOST) {
            throw ValidationException::withMessages(['zone' => 'A card has '.Card::MOST.' fields at most.']);
        }
        $edits = Card::beside(
            $plan,
            $request->string('zone')->toString(),
            $request->string('name')->trim()->toString(),
            $this->logs->of($build),
        );
        $build = $this->store->edit($build, $request->integer('version'), $edits, 'A field beside it');

        return new JsonResponse($state->of($build), 201);
    }

    private function like(?Build $build, Request $request, string $name): Plan
    {
        $plan = ($build ?? throw new NotFoundHttpException('There is no such build of yours.'))->head->document;
        $index = $plan->indexOf($request->string('step')->toString());
        $zone = $request->string('zone')->toString();
        if ($index === null || ! $plan->steps[$index]->covers($zone)) {
            throw ValidationException::withMessages(['step' => 'There is no such step on that zone.']);
        }

        return Card::of($this->judge->walk($build, $this->logs->of($build)), $index, $zone, $name);
    }

    private static function bare(Air $air): Plan
    {
        return new Plan(
            build: new Facts('', '', VehicleKind::TestCard, self::SCALE),
            school: new SchoolChoice(PlanReader::DEFAULT_SCHOOL),
            bench: new BenchConditions($air->temperatureC, $air->humidityPercent),
            zones: [],
            products: [],
            steps: [],
        );
    }
}
