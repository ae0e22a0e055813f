<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Evaluation\Evaluation;
use Ulvrach\Evaluation\Layer;
use Ulvrach\Repair\Repair;
use Ulvrach\Repair\RepairAction;
use Ulvrach\Safety\Hazard;
use Ulvrach\Safety\Safety;
use Ulvrach\Scratch\Scratch;
use Ulvrach\Technique\Habit;
use Ulvrach\Technique\TechniqueLibrary;
use Ulvrach\Undo\LookFirst;
use Ulvrach\Undo\UndoAdvisor;
use Ulvrach\Undo\UndoWay;

/** What is known of a step beyond its verdict, as plain data: asked for when somebody looks at it. */
final class KnowledgeReport
{
    /** @return array<string, mixed> */
    public static function ofStep(Evaluation $evaluation, int $index): array
    {
        $step = $evaluation->plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $ways = UndoAdvisor::of($evaluation, $index);
        $adjustable = UndoAdvisor::adjustable($ways);

        return [
            'step' => $step->id,
            'signs' => $technique->practice->signs,
            'tools' => $technique->practice->tools,
            'cautions' => $technique->practice->cautions,
            'alternatives' => array_map(static fn (string $code) => ['code' => $code, 'name' => TechniqueLibrary::get($code)->name], $technique->practice->alternatives),
            'habits' => array_map(self::habit(...), Habit::for($technique->kind)),
            'lookFirst' => LookFirst::before($evaluation, $index),
            'hazards' => array_map(self::hazard(...), Safety::ofStep($step, $evaluation->plan)),
            'undo' => [
                'usual' => $technique->practice->undo,
                'open' => $adjustable['open'],
                'until' => $adjustable['until'],
                'ways' => array_map(self::way(...), $ways),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function scratch(Evaluation $evaluation, string $zone, int $beforeStep): array
    {
        $scratch = Scratch::through($evaluation, $zone, $beforeStep);

        return [
            'zone' => $zone,
            'colours' => array_map(static fn (Layer $layer) => ['step' => $layer->stepId, 'number' => $layer->stepIndex + 1,
                'name' => $layer->product->name, 'colour' => $layer->product->colour, 'coverage' => $layer->coverage->value], $scratch->colours),
            'warnings' => $scratch->warnings,
        ];
    }

    /** @return array<string, mixed> */
    public static function repair(Repair $repair): array
    {
        return [
            'isSound' => $repair->isSound(),
            'isSmallest' => $repair->isSmallest,
            'before' => VerdictReport::summary($repair->before),
            'after' => VerdictReport::summary($repair->after),
            'actions' => array_map(static fn (RepairAction $action) => [
                'finding' => VerdictReport::finding($action->finding),
                ...VerdictReport::remedy($action->proved),
            ], $repair->actions),
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
        return ['code' => $habit->code, 'moment' => $habit->moment, 'text' => $habit->text, 'otherwise' => $habit->otherwise];
    }

    /** @return array<string, mixed> */
    private static function way(UndoWay $way): array
    {
        return ['state' => $way->state->label(), 'from' => $way->from, 'until' => $way->until, 'open' => $way->isOpen(), 'says' => $way->sentence()];
    }
}
