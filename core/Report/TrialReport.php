<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Trial\Card;
use Ulvrach\Judgement\Trial\Tried;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Trials as plain data: cards with their fields, and what was tried on hidden spots of builds. */
final class TrialReport
{
    /** @return array<string, mixed> */
    public static function card(string $id, int $version, Walk $walk): array
    {
        $fields = [];
        foreach ($walk->plan->zones as $zone) {
            $last = Card::lastOn($walk->plan, $zone->id);
            $fields[] = [
                'zone' => $zone->id,
                'name' => $zone->name,
                'layers' => self::layers($walk, $zone->id, $last),
                'tried' => $last === null ? null : self::tried($walk, $last, $zone->id),
                'results' => self::results($walk, $zone->id),
            ];
        }

        return ['id' => $id, 'version' => $version, 'name' => $walk->plan->build->name, 'fields' => $fields];
    }

    /** @return list<array<string, mixed>> what was tried on a build itself, the latest first */
    public static function onModel(string $id, Walk $walk): array
    {
        $trials = [];
        foreach (array_reverse($walk->log->standing()) as $entry) {
            if ($entry->trial !== null) {
                $trials[] = [
                    'build' => $id,
                    'name' => $walk->plan->build->name,
                    'words' => $entry->step?->inWords() ?? 'a step',
                    ...self::result($entry),
                ];
            }
        }

        return $trials;
    }

    /** @return list<array<string, mixed>> lowest first */
    private static function layers(Walk $walk, string $zone, ?int $last): array
    {
        $layers = [];
        foreach ($walk->plan->steps as $index => $step) {
            if ($step->covers($zone) && $index !== $last) {
                $layers[] = self::step($walk, $index);
            }
        }

        return $layers;
    }

    /** @return array<string, mixed> */
    private static function tried(Walk $walk, int $index, string $zone): array
    {
        $start = $walk->times[$index]->start;

        return [
            ...self::step($walk, $index),
            'liquids' => array_map(
                static fn (StepLiquid $liquid) => "{$liquid->liquid->carrier->label()}, ".
                    $liquid->liquid->contact->verb(),
                $walk->situations[$index]->liquids,
            ),
            'films' => array_map(
                static fn (Layer $film) => [
                    'step' => $film->stepId,
                    'says' => $film->stateAt($start)->labelOf($film->film)." {$film->film->label()}".
                        ($film->isBarrier() ? ' varnish' : ''),
                ],
                Tried::films($walk, $index, $zone),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Walk $walk, int $index): array
    {
        $step = $walk->plan->steps[$index];
        $product = $walk->plan->productOf($step);
        $doneAt = $walk->doneAt($index);

        return [
            'step' => $step->id,
            'technique' => TechniqueLibrary::get($step->technique)->name,
            'jar' => $product?->name,
            'colour' => $product?->material->colour?->toHex(),
            'coats' => $step->coats,
            'after' => self::waited($walk, $index, $step),
            'doneAt' => $doneAt === null ? null : TimetableReport::moment($doneAt),
        ];
    }

    /** Minutes between the end of what lies below it and its own beginning; null: nothing does. */
    private static function waited(Walk $walk, int $index, Step $step): ?int
    {
        $ends = [];
        foreach (array_slice($walk->plan->steps, 0, $index) as $at => $below) {
            if (array_intersect($below->zones, $step->zones) !== []) {
                $ends[] = $walk->times[$at]->end;
            }
        }

        return $ends === [] ? null : max(0, $walk->times[$index]->start - max($ends));
    }

    /** @return list<array<string, mixed>> the latest first */
    private static function results(Walk $walk, string $zone): array
    {
        $results = [];
        foreach (array_reverse($walk->log->standing()) as $entry) {
            if ($entry->trial !== null && $entry->trial->zone === $zone) {
                $results[] = self::result($entry);
            }
        }

        return $results;
    }

    /** @return array<string, mixed> */
    private static function result(Entry $entry): array
    {
        $trial = $entry->trial;

        return [
            'entry' => $entry->id,
            'at' => TimetableReport::moment($entry->at),
            'text' => $entry->text,
            'where' => $trial->where ?? '',
            'rubs' => $trial->rubs ?? 0,
            'passed' => $trial->passed ?? false,
            'tried' => array_map(static fn ($one) => $one->inWords(), $trial->tried ?? []),
            'air' => LogCodec::writeAir($entry->air),
        ];
    }
}
