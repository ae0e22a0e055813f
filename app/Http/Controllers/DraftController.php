<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Clock\Clock;
use App\Clock\Effort;
use App\Clock\WhatIf;
use App\Http\CurrentUser;
use App\Models\Build;
use App\Models\Jar;
use App\Plans\LogStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Ulvrach\Counsel\Draft\Draft;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Redraft;
use Ulvrach\Counsel\Draft\Transfer;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\SchoolQuestion;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\SchemaCheck;
use Ulvrach\Plan\File\StoryCodec;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Terrain;
use Ulvrach\Report\DraftReport;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Technique\Stage;

/**
 * A plan drafted from a story. Nothing is changed: the answer has the edits that make it the plan.
 *
 * @phpstan-import-type BriefData from StoryCodec
 */
final readonly class DraftController
{
    /** Seconds in which a draft is laid into the week while others are laid beside it. */
    private const LAID_IN = 0.3;

    public function __construct(
        private LogStore $logs,
        private Drafter $drafter,
        private Transfer $transfer,
        private Clock $clock,
    ) {
    }

    public function draft(Request $request, Build $build): JsonResponse
    {
        if (! $this->logs->of($build)->isEmpty()) {
            throw ValidationException::withMessages([
                'brief' => 'Work on this plan has begun. A draft would not know what is done already.',
            ]);
        }
        $before = $build->head->document;
        $plan = $this->told($request, $before);
        $story = $plan->build->brief ?? throw new \LogicException('A build that was told has a story.');
        $jars = CurrentUser::of($request)->jars->map(static fn (Jar $jar) => $jar->product)->all();
        $own = $jars === [] ? null : new ProductShelf($jars);
        $from = $request->string('from')->toString();
        $pace = BenchSettings::of(CurrentUser::of($request))->pace;
        $draft = match (true) {
            $from !== '' => $this->transfer->onto(self::source($request, $from), $plan, $story, $own),
            $request->boolean('asItStands') => $this->drafter->asItStands($plan, $story, $own, $pace),
            default => $this->drafter->redraft($plan, $story, self::wish($request), $own, $pace),
        };

        return new JsonResponse([
            'version' => $build->version,
            ...DraftReport::of($draft, $before),
            'inWeek' => $request->boolean('inWeek') ? $this->inWeek($request, $build, $draft) : null,
        ]);
    }

    /** @return array{ends: mixed, sessions: mixed}|null when it would be finished, alone at the bench; null: never */
    private function inWeek(Request $request, Build $build, Draft $draft): ?array
    {
        // What a stop holds back is not laid, so that an end would be told of half a plan.
        if ($draft->verdict->count(Severity::Stop) > 0) {
            return null;
        }
        $whatIf = new WhatIf(plans: [$build->id => $draft->verdict->plan]);
        try {
            $laid = $this->clock->lay(CurrentUser::of($request), [$build->id], $whatIf, new Effort(self::LAID_IN));
        } catch (NoSchedule) {
            return null;
        }

        return $laid['ends'] === null ? null : ['ends' => $laid['ends'], 'sessions' => $laid['sessionsUsed']];
    }

    private static function wish(Request $request): Redraft
    {
        $part = $request->string('part')->toString();
        /** @var list<string> $zones */
        $zones = array_values($request->array('zones'));

        return new Redraft($part === '' ? null : $part, $zones);
    }

    /** The school that is drafted by: that of the plan or another, with one of its questions answered otherwise. */
    private static function school(Request $request, Plan $plan): SchoolChoice
    {
        $code = $request->string('school')->toString();
        $school = $code === '' ? $plan->school : new SchoolChoice($code);
        /** @var array<string, string> $answers */
        $answers = $request->array('answers');
        if ($answers === []) {
            return $school;
        }
        $words = [];
        foreach ($answers as $question => $option) {
            $options = (SchoolQuestion::all()[$question] ?? null)->options ?? [];
            $words[] = ($options[$option] ?? null)[0] ?? throw ValidationException::withMessages([
                'answers' => 'A school answers the questions of the almanac, each with one of its options.',
            ]);
        }

        return new SchoolChoice(
            $school->from,
            mb_substr($school->name ?? School::of($school)->name.'; '.lcfirst(implode('; ', $words)), 0, 120),
            [...$school->answers, ...$answers],
            $school->severities,
        );
    }

    /** The plan of another build, or a pattern, of one's own, whose steps are taken over. */
    private static function source(Request $request, string $id): Plan
    {
        $user = CurrentUser::of($request);
        $source = $user->builds()->find($id)->head->document ?? $user->patterns()->find($id)?->document;

        return $source ?? throw ValidationException::withMessages([
            'from' => 'There is no such build or pattern of yours.',
        ]);
    }

    /**
     * @throws BadPlanFile where the brief is not as it should be
     * @throws ValidationException where anything else is not
     */
    private function told(Request $request, Plan $plan): Plan
    {
        $sent = json_decode($request->getContent());
        $brief = is_object($sent) ? $sent->brief ?? null : null;
        $faults = $brief === null
            ? [new Fault('/brief', 'Say what the finish is to tell.')]
            : SchemaCheck::faults($brief, SchemaCheck::PLAN, 'brief');
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        $request->validate([
            'serviceMonths' => ['nullable', 'integer', 'min:0', 'max:1200'],
            'terrain' => ['nullable', Rule::enum(Terrain::class)],
            'school' => ['nullable', Rule::in(array_keys(School::all()))],
            'from' => ['nullable', 'uuid'],
            'part' => ['nullable', Rule::in(Stage::parts())],
            'zones' => ['array', 'max:60'],
            'zones.*' => ['string', Rule::in(array_map(strval(...), array_keys($plan->zones)))],
            'asItStands' => ['boolean'],
            'inWeek' => ['boolean'],
            'answers' => ['array', 'max:20'],
            'answers.*' => ['string'],
        ]);
        /** @var BriefData $brief */
        $brief = $request->array('brief');
        $months = $request->input('serviceMonths') === null ? null : $request->integer('serviceMonths');

        return $plan->with(
            build: $plan->build->told(StoryCodec::read($brief), $months, $request->enum('terrain', Terrain::class)),
            school: self::school($request, $plan),
        );
    }
}
