<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Judgement\Rules\Remedy\Remedy;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Plan;

/** Remedies as lines of a case file: "+ label", then a line ". edit" for each edit with all that it changes. */
final class RemedyText
{
    /** @return list<string> every finding, each followed by the remedies that are offered */
    public static function ofAll(Verdict $verdict): array
    {
        $lines = [];
        foreach (PlanKit::say($verdict) as $place => $said) {
            $lines[] = "> {$said}";
            foreach ((new RemedyAdvisor())->for($verdict->findings[$place], $verdict) as $proved) {
                array_push($lines, ...self::of($proved->remedy, $verdict->plan));
            }
        }

        return $lines;
    }

    /** @return list<string> */
    private static function of(Remedy $remedy, Plan $plan): array
    {
        $lines = ["+ {$remedy->label}"];
        foreach ($remedy->edits as $edit) {
            $data = EditCodec::write([$edit])[0];
            $lines[] = ". {$data['edit']} ".match (true) {
                $edit instanceof ReplaceStep => self::changed($edit, $plan),
                $edit instanceof InsertStep => $edit->at.' '.self::said(self::short($data['step'])),
                default => self::said(self::short(array_slice($data, 1))),
            };
            $plan = $edit->applyTo($plan);
        }

        return $lines;
    }

    private static function changed(ReplaceStep $edit, Plan $plan): string
    {
        $index = (int) $plan->indexOf($edit->step->id);
        $before = PlanWriter::step($plan->steps[$index]);
        $changed = array_filter(
            PlanWriter::step($edit->step),
            static fn (mixed $value, string $field) => $value !== $before[$field],
            ARRAY_FILTER_USE_BOTH,
        );

        return ($index + 1).' '.self::said($changed);
    }

    /** Without what says nothing. */
    private static function short(array $data): array
    {
        foreach ($data as $key => $value) {
            $data[$key] = is_array($value) ? self::short($value) : $value;
            if (in_array($data[$key], [null, '', []], true) || ($key === 'locked' && $data[$key] === false)) {
                unset($data[$key]);
            }
        }

        return $data;
    }

    /** "coats 2, zones [hull, turret]" */
    private static function said(array $fields): string
    {
        $said = [];
        foreach ($fields as $field => $value) {
            $json = json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
            $said[] = "{$field} ".strtr($json, ['"' => '', ',' => ', ', ':' => ' ']);
        }

        return implode(', ', $said);
    }
}
