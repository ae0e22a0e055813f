<?php

declare(strict_types=1);

namespace Tests\Core\Sequences;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Core\Chance;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Redraft;
use Ulvrach\Counsel\Draft\Spread;
use Ulvrach\Counsel\Draft\Transfer;
use Ulvrach\Counsel\Repair\Repairer;
use Ulvrach\Counsel\Rescue\Mishaps;
use Ulvrach\Counsel\Rescue\Rescuer;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Judgement\Trial\Card;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Log\Contradiction;
use Ulvrach\Plan\Placing;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Report\BenchSheet;
use Ulvrach\Report\CardReport;
use Ulvrach\Report\DiaryReport;
use Ulvrach\Report\DraftReport;
use Ulvrach\Report\FinishCard;
use Ulvrach\Report\FinishReport;
use Ulvrach\Report\ForecastReport;
use Ulvrach\Report\JarChoiceReport;
use Ulvrach\Report\KnowledgeReport;
use Ulvrach\Report\RescueReport;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Report\TrialReport;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Schedule\HeldBack;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\Workload;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * All that the program can be asked about one plan, asked. What throws is a fault of the program; what it answers is
 * held to the contract of the answers.
 */
final class Everything
{
    private const BUILD = '20000000-0000-4000-8000-000000000001';

    private static ?Validator $contract = null;

    /** @var list<string> what an answer has that the contract does not, or lacks */
    private array $outside = [];

    private function __construct(private readonly PlanFile $file, private readonly Chance $chance)
    {
    }

    /**
     * @param  int  $seed  of the choice of what is asked where asking for all would take minutes
     * @return list<string> answers outside the contract; empty: none
     */
    public static function askedOf(PlanFile $file, int $seed): array
    {
        $one = new self($file, new Chance($seed));
        $one->askAll();

        return $one->outside;
    }

    private function askAll(): void
    {
        [$plan, $log] = [$this->file->plan, $this->file->log];
        // The same as a file that somebody sends: whatever is well-formed is read again, and means the same.
        $json = PlanWriter::toJson($this->file);
        $read = PlanReader::read($json);
        if (PlanWriter::toJson($read) !== $json) {
            $this->outside[] = 'The plan file is another one once it was read and written.';
        }
        $verdict = (new Evaluator())->evaluate($plan, $log);
        $walk = $verdict->walk;
        $air = Forecast::asPlanned();
        $this->hold('verdict', VerdictReport::of($verdict));
        $this->hold('belongs', FinishReport::belongs($plan));
        foreach (array_keys($plan->steps) as $index) {
            $this->hold('knowledge', KnowledgeReport::ofStep($walk, $index));
            $this->hold('workCard', [
                'build' => self::BUILD,
                'plannedAt' => null,
                ...CardReport::ofStep($walk, $index, Sequence::NOW, $air),
            ]);
        }
        foreach (CardReport::clocks($walk, Sequence::NOW, $air) as $clock) {
            $this->hold('workClock', ['build' => self::BUILD, ...$clock]);
        }
        ForecastReport::of($walk);
        $this->hold('finish', FinishReport::of($walk, $verdict->forecast));
        FinishReport::present($walk);
        BenchSheet::of($walk);
        Contradiction::between($plan, $log);
        Takes::of($plan, 2, 1.4);
        FinishCard::of($walk, []);
        FinishCard::text($walk, [], new \DateTimeZone('UTC'));
        DiaryReport::ofBuild(self::BUILD, $walk);
        DiaryReport::entries(self::BUILD, $walk);
        DiaryReport::table([self::BUILD => $walk]);
        DiaryReport::paces([self::BUILD => $walk]);
        DiaryReport::dryings([self::BUILD => $walk]);
        TrialReport::onModel(self::BUILD, $walk);
        $placing = new Placing($plan, $this->chance->number(0, count($plan->steps)));
        foreach (TechniqueLibrary::all() as $technique) {
            $placing->mayGoInto($technique, $placing->zonesFor($technique));
        }
        foreach (array_map(strval(...), array_keys($plan->zones)) as $zone) {
            $before = $this->chance->number(0, count($plan->steps));
            $this->hold('scratch', KnowledgeReport::scratch($walk, $zone, $before));
        }
        $this->askOfOne($verdict);
        $this->askForWaysOut($verdict);
        $this->askForDrafts();
        $this->askTheClock($verdict);
    }

    /** What is asked of a step on a zone. */
    private function askOfOne(Verdict $verdict): void
    {
        $walk = $verdict->walk;
        $index = $walk->plan->steps === [] ? 0 : $this->chance->number(0, count($walk->plan->steps) - 1);
        $step = $walk->plan->steps[$index] ?? null;
        if ($step === null || $step->zones === []) {
            return;
        }
        $zone = $this->chance->one($step->zones);
        if ($step->product !== null) {
            $jars = $this->chance->some(StarterShelf::all(), 1, 4);
            $this->hold('jarChoices', ['version' => 1, ...JarChoiceReport::of($walk, $index, $zone, $jars)]);
        }
        $card = Card::of($walk, $index, $zone, 'A trial');
        (new Evaluator())->evaluate($card);
        $mishap = $this->chance->one(array_values(Mishaps::all()));
        $minute = RescueReport::minute($walk, $index, Sequence::NOW);
        $ways = (new Rescuer())->ways($verdict, $index, $zone, $minute, $mishap);
        $this->hold('rescue', ['version' => 1, 'ways' => RescueReport::of($ways, $walk, $index, Sequence::NOW)]);
    }

    private function askForWaysOut(Verdict $verdict): void
    {
        if ($verdict->findings !== []) {
            $finding = $this->chance->one($verdict->findings);
            foreach (VerdictReport::remedies($finding, $verdict, new RemedyAdvisor()) as $remedy) {
                $this->hold('remedy', $remedy);
            }
        }
        if ($this->chance->once(4)) {
            $left = 2;
            $repair = (new Repairer(mostStates: 3))->repair(
                $verdict->plan,
                $verdict->walk->log,
                keepGoing: static function () use (&$left): bool {
                    return $left-- > 0;
                },
            );
            $this->hold('repair', ['version' => 1, ...KnowledgeReport::repair($repair)]);
        }
    }

    private function askForDrafts(): void
    {
        $plan = $this->file->plan;
        if (! $this->chance->once(4)) {
            return;
        }
        $story = $plan->build->brief ?? Sequence::story($this->chance, $plan->zones);
        $other = Sequence::make($this->chance->number(1, 1_000_000))->plan;
        $draft = match ($this->chance->number(1, 4)) {
            1 => (new Drafter())->draft($plan, $story),
            2 => (new Drafter())->redraft(
                $plan,
                $story,
                new Redraft(zones: $this->chance->some(array_map(strval(...), array_keys($plan->zones)), 1, 2)),
            ),
            3 => (new Drafter())->asItStands($plan, $story),
            default => (new Transfer())->onto($other, $plan, $story),
        };
        $this->hold('draft', ['version' => 1, ...DraftReport::of($draft, $plan), 'inWeek' => null]);
        Spread::onto($plan, $this->chance->some(array_column($plan->steps, 'id'), 1, 3), $other);
    }

    private function askTheClock(Verdict $verdict): void
    {
        if (! $this->chance->once(3)) {
            return;
        }
        $week = Week::usual();
        $work = new Workload(Sequence::NOW);
        $held = HeldBack::of($verdict);
        $due = $verdict->plan->build->due;
        $work->add(self::BUILD, $verdict->walk, $due === null ? null : $week->endOfDay($due), $held);
        try {
            $calendar = $week->calendar(Sequence::NOW, 150);
            $timetable = (new Timetabler())->lay($work, $calendar, $week->setup, static fn (): bool => false);
        } catch (NoSchedule) {
            // An answer too: chance asks for what no week can keep.
            return;
        }
        $this->hold('timetable', [
            ...TimetableReport::of(
                $timetable,
                [self::BUILD => $verdict],
                $week,
                Forecast::asPlanned(),
                [self::BUILD => $held],
            ),
            'putOff' => [],
            'stamps' => (object) [],
            'now' => TimetableReport::moment(Sequence::NOW),
            'timeZone' => 'UTC',
            'unreadable' => [],
        ]);
    }

    private function hold(string $definition, mixed $answer): void
    {
        $data = json_decode(json_encode($answer, JSON_THROW_ON_ERROR));
        $error = self::contract()
            ->validate($data, (object) ['$ref' => "https://ulvrach.invalid/answers.schema.json#/\$defs/{$definition}"])
            ->error();
        if ($error !== null) {
            $this->outside[] = "{$definition}: ".json_encode((new ErrorFormatter())->format($error));
        }
    }

    private static function contract(): Validator
    {
        if (self::$contract === null) {
            self::$contract = new Validator(null, 10, false);
            foreach (['contract/answers', 'core/Plan/File/plan-v2'] as $file) {
                self::$contract->resolver()?->registerFile(
                    'https://ulvrach.invalid/'.basename($file).'.schema.json',
                    dirname(__DIR__, 3)."/{$file}.schema.json",
                );
            }
        }

        return self::$contract;
    }
}
