<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Counsel\Repair\Repair;
use Ulvrach\Counsel\Repair\RepairAction;
use Ulvrach\Counsel\Sections\Round;
use Ulvrach\Counsel\Sections\Sectioner;
use Ulvrach\Counsel\Sections\WashWindow;
use Ulvrach\Judgement\Safety\Hazard;
use Ulvrach\Judgement\Safety\Safety;
use Ulvrach\Judgement\Undo\LookFirst;
use Ulvrach\Judgement\Undo\UndoAdvisor;
use Ulvrach\Judgement\Undo\UndoWay;
use Ulvrach\Physics\Evaluation\FollowUp;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Scratch;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Technique\Habit;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** What is known of a step beyond its verdict, as plain data: asked for when somebody looks at it. */
final class KnowledgeReport
{
    /**
     * @param  Pace  $pace  of the hands that will do it
     * @param  int|null  $evening  minutes that one is usually at the bench for; null: nobody has said
     * @return array<string, mixed>
     */
    public static function ofStep(Walk $walk, int $index, Pace $pace = new Pace(), ?int $evening = null): array
    {
        $step = $walk->plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $ways = UndoAdvisor::of($walk, $index);
        $adjustable = UndoAdvisor::adjustable($ways);

        return [
            'step' => $step->id,
            'seen' => ForecastReport::ofStep($walk, $index),
            'signs' => $technique->practice->signs,
            'tools' => $technique->practice->tools,
            'cautions' => $technique->practice->cautions,
            'alternatives' => array_map(
                static fn (string $code) => ['code' => $code, 'name' => TechniqueLibrary::get($code)->name],
                $technique->practice->alternatives,
            ),
            'habits' => array_map(self::habit(...), Habit::for($technique->kind)),
            'lookFirst' => LookFirst::before($walk, $index),
            'hazards' => array_map(self::hazard(...), Safety::ofStep($step, $walk->plan)),
            'windows' => array_map(self::window(...), FollowUp::of($walk, $index)),
            'rounds' => self::rounds($walk, $index, $pace),
            'sitting' => SittingReport::ofStep($walk, $index, $pace, $evening),
            'undo' => [
                'usual' => $technique->practice->undo,
                'open' => $adjustable['open'],
                'until' => $adjustable['until'],
                'ways' => array_map(self::way(...), $ways),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function scratch(Walk $walk, string $zone, int $beforeStep): array
    {
        $scratch = Scratch::through($walk, $zone, $beforeStep);
        $strata = $walk->before($beforeStep, $zone);

        return [
            'zone' => $zone,
            'colours' => array_map(
                static fn (Layer $layer) => [
                    'step' => $layer->stepId,
                    'number' => $layer->stepIndex + 1,
                    'name' => $layer->product->name,
                    'colour' => $layer->colour()?->toHex(),
                    'coverage' => $layer->coverage->value,
                ],
                $scratch->colours,
            ),
            'layers' => array_map(
                static fn (int $place, Layer $layer) => [
                    'step' => $layer->stepId,
                    'broken' => $strata->isBroken($place),
                    'protectedBy' => ($film = $strata->protectorOf($place)) === null ? null : $film->stepIndex + 1,
                ],
                array_keys($strata->layers),
                $strata->layers,
            ),
            'warnings' => $scratch->warnings,
            'places' => self::places(Forecast::of($walk)->after($beforeStep - 1, $zone)),
        ];
    }

    /** @return list<array{place: string, colour: string}> those that have a colour of their own */
    private static function places(Colours $colours): array
    {
        $places = [];
        foreach (Spot::cases() as $spot) {
            if ($colours->has($spot)) {
                $places[] = ['place' => $spot->value, 'colour' => $colours->of($spot)->toHex()];
            }
        }

        return $places;
    }

    /** @return array<string, mixed> */
    public static function repair(Repair $repair): array
    {
        return [
            'isSound' => $repair->isSound(),
            'isSmallest' => $repair->isSmallest,
            'before' => VerdictReport::summary($repair->before),
            'after' => VerdictReport::summary($repair->after),
            'actions' => array_map(
                static fn (RepairAction $action) => [
                    'finding' => VerdictReport::finding($action->finding),
                    ...VerdictReport::remedy($action->proved),
                ],
                $repair->actions,
            ),
        ];
    }

    /** @return array{code: string, title: string, advice: string} */
    public static function hazard(Hazard $hazard): array
    {
        return ['code' => $hazard->value, 'title' => $hazard->title(), 'advice' => $hazard->advice()];
    }

    /** @return array{code: string, moment: string, text: string, otherwise: string} */
    public static function habit(Habit $habit): array
    {
        return [
            'code' => $habit->code,
            'moment' => $habit->moment,
            'text' => $habit->text,
            'otherwise' => $habit->otherwise,
        ];
    }

    /** @return array<string, mixed> */
    private static function window(FollowUp $window): array
    {
        return [
            'action' => $window->action,
            'soonest' => $window->soonest,
            'opens' => $window->opens,
            'bestUntil' => $window->bestUntil,
            'closes' => $window->closes,
            'before' => $window->before,
            'after' => $window->after,
        ];
    }

    /**
     * @return array<string, mixed>|null how to cut a wash into rounds; null: nothing is cleaned up, or any time will do
     */
    private static function rounds(Walk $walk, int $index, Pace $pace): ?array
    {
        $plan = $walk->plan;
        $step = $plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $window = $walk->situations[$index]->shortestCleanUpWindow();
        if (
            $step->cleanUp === [] ||
            $window === null ||
            $window->latest === null ||
            $technique->cleanMinutes <= 0.0 ||
            $step->zones === []
        ) {
            return null;
        }
        $wash = new WashWindow(
            100 / $pace->applyMinutes($technique),
            100 / $pace->cleanMinutes($technique),
            $window->earliest,
            $window->bestUntil ?? $window->latest,
        );
        $pieces = Sectioner::pieces(
            array_map(
                static fn (string $zone) => $plan->zones[$zone]->areaCm2 *
                    ($technique->followsDetail() ? $plan->zones[$zone]->kind->detail() : 1),
                $step->zones),
            $wash,
        );
        $areas = array_column($pieces, 1);
        // The rates are those of a smooth face; said are those of these zones.
        $share = $plan->areaOf($step) / $plan->workOf($step);
        $name = static fn (int $piece): string => $plan->zones[$step->zones[$pieces[$piece][0]]]->name;
        [$idle, $sections] = Sectioner::consecutive($areas, $wash);
        $woven = count($pieces) <= Sectioner::MOST_ZONES ? Sectioner::pipelined($areas, $wash) : null;

        return [
            'applyCm2' => round($wash->applyRate * $share, 1),
            'cleanCm2' => round($wash->cleanRate * $share, 1),
            'largestCm2' => round($wash->largestSection() * $share, 1),
            'idleMinutes' => (int) round($idle),
            'sections' => array_map(static fn (array $section) => array_map($name, $section), $sections),
            'finish' => $woven === null ? null : (int) round($woven[0]),
            'order' => $woven === null
                    ? []
                    : array_map(
                        static fn (Round $round) => [
                            'does' => $round->cleans ? 'clean' : 'apply',
                            'zone' => $name($round->zone),
                            'from' => (int) round($round->from),
                            'to' => (int) round($round->to),
                        ],
                        $woven[1],
                    ),
        ];
    }

    /** @return array<string, mixed> */
    private static function way(UndoWay $way): array
    {
        return [
            'state' => $way->state->label(),
            'from' => $way->from,
            'until' => $way->until,
            'open' => $way->isOpen(),
            'says' => $way->sentence(),
        ];
    }
}
