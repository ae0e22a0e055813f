<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Hours;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * What a finish came to, to be kept with the model: with what it was painted, in which order, when, and what was seen.
 * As plain data, and as text.
 *
 * @phpstan-type Parts list<array{jar: string, parts: list<array{name: string, parts: int}>}>
 */
final class FinishCard
{
    /** Entries whose words are worth keeping. */
    private const TOLD = [
        EntryKind::Note,
        EntryKind::Deviated,
        EntryKind::Rescued,
        EntryKind::Trial,
        EntryKind::Skipped,
    ];

    /**
     * @param  Parts  $mixes  what the jars that hold kept mixes are made of
     * @return array{
     *   name: string,
     *   vehicle: string,
     *   scale: int,
     *   story: string,
     *   begunAt: string|null,
     *   doneAt: string|null,
     *   spentMinutes: int,
     *   plannedMinutes: int,
     *   done: int,
     *   steps: list<array{
     *     step: string,
     *     number: int,
     *     technique: string,
     *     jar: string|null,
     *     colour: string|null,
     *     recipe: string,
     *     where: list<string>,
     *     coats: int,
     *     doneAt: string|null,
     *     told: list<string>,
     *   }>,
     *   told: list<string>,
     * }
     */
    public static function of(Walk $walk, array $mixes): array
    {
        $plan = $walk->plan;
        $hours = Hours::of($walk->log);
        $steps = $moments = [];
        $spent = $planned = 0;
        foreach ($plan->steps as $index => $step) {
            $product = $plan->productOf($step);
            $doneAt = $walk->doneAt($index);
            $moments = $doneAt === null ? $moments : [...$moments, $doneAt];
            if (isset($hours[$step->id])) {
                $spent += $hours[$step->id];
                $planned += $walk->times[$index]->handsOn;
            }
            $steps[] = [
                'step' => $step->id,
                'number' => $index + 1,
                'technique' => TechniqueLibrary::get($step->technique)->name,
                'jar' => $product?->name,
                'colour' => $product?->material->colour?->toHex(),
                'recipe' => self::recipe($product->id ?? '', $mixes),
                'where' => array_map(static fn (string $zone) => $plan->zones[$zone]->name, $step->zones),
                'coats' => $step->coats,
                'doneAt' => $doneAt === null ? null : TimetableReport::moment($doneAt),
                'told' => self::told($walk, $step->id),
            ];
        }
        $begun = [...$moments, ...array_map(static fn (Entry $entry) => $entry->at, self::begun($walk))];
        $isDone = $moments !== [] && count($moments) === count($plan->steps);

        return [
            'name' => $plan->build->name,
            'vehicle' => $plan->build->vehicle,
            'scale' => $plan->build->scale,
            'story' => $plan->build->story,
            'begunAt' => $begun === [] ? null : TimetableReport::moment(min($begun)),
            'doneAt' => $isDone ? TimetableReport::moment(max($moments)) : null,
            'spentMinutes' => $spent,
            'plannedMinutes' => $planned,
            'done' => count($moments),
            'steps' => $steps,
            'told' => self::told($walk, null),
        ];
    }

    /**
     * As text in Markdown, with days as the bench has them.
     *
     * @param  Parts  $mixes
     */
    public static function text(Walk $walk, array $mixes, \DateTimeZone $zone): string
    {
        $card = self::of($walk, $mixes);
        $day = static fn (?string $moment) => $moment === null
            ? ''
            : (new \DateTimeImmutable($moment))->setTimezone($zone)->format('Y-m-d');
        $facts = array_filter([$card['vehicle'], "1:{$card['scale']}"]);
        $lines = ["# {$card['name']}", '', implode(', ', $facts).'.'];
        if ($card['begunAt'] !== null) {
            $lines[] = "Begun {$day($card['begunAt'])}".
                ($card['doneAt'] === null ? '' : ", finished {$day($card['doneAt'])}").'.';
        }
        if ($card['spentMinutes'] > 0) {
            $lines[] = "{$card['spentMinutes']} minutes at work where {$card['plannedMinutes']} were planned.";
        }
        if ($card['story'] !== '') {
            array_push($lines, '', $card['story']);
        }
        $lines[] = '';
        foreach ($card['steps'] as $step) {
            $with = $step['jar'] === null ? '' : " with {$step['jar']}".
                ($step['recipe'] === '' ? '' : " ({$step['recipe']})");
            $coats = $step['coats'] > 1 ? ", {$step['coats']} coats" : '';
            $done = $step['doneAt'] === null ? 'not done' : $day($step['doneAt']);
            $lines[] = "{$step['number']}. **{$step['technique']}**{$with}: ".implode(', ', $step['where']).
                "{$coats}; {$done}.";
            foreach ($step['told'] as $told) {
                $lines[] = "   {$told}";
            }
        }
        if ($card['told'] !== []) {
            array_push($lines, '', ...$card['told']);
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * "3 parts Olive, 1 part White"; '' where it is no mix.
     *
     * @param  Parts  $mixes
     */
    private static function recipe(string $jar, array $mixes): string
    {
        foreach ($mixes as $mix) {
            if ($mix['jar'] === $jar) {
                return implode(', ', array_map(
                    static fn (array $of) => $of['parts'].($of['parts'] === 1 ? ' part ' : ' parts ').$of['name'],
                    $mix['parts'],
                ));
            }
        }

        return '';
    }

    /** @return list<Entry> */
    private static function begun(Walk $walk): array
    {
        return array_values(array_filter(
            $walk->log->standing(),
            static fn (Entry $entry) => $entry->kind === EntryKind::Begun,
        ));
    }

    /** @return list<string> what was written down of a step, or, where it is null, of none that is in the plan */
    private static function told(Walk $walk, ?string $step): array
    {
        $told = [];
        foreach ($walk->log->standing() as $entry) {
            $index = $entry->stepId === null ? null : $walk->plan->indexOf($entry->stepId);
            $isIts = $step === null ? $index === null : $entry->stepId === $step;
            if (! $isIts || ! in_array($entry->kind, self::TOLD, true)) {
                continue;
            }
            $trial = $entry->trial === null ? '' : sprintf(
                'Tried on %s: %s after %d rubs.',
                $entry->trial->where,
                $entry->trial->passed ? 'held' : 'came off',
                $entry->trial->rubs,
            );
            $said = trim("{$trial} {$entry->text}");
            $left = $entry->kind === EntryKind::Skipped ? 'Left out.' : '';
            $told[] = trim("{$left} {$said}");
        }

        return array_values(array_filter($told, static fn (string $text) => $text !== ''));
    }
}
