<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Stuff\Technique\Habit;
use Ulvrach\Stuff\Technique\Kind;

/** All that Ulvrach knows to go wrong, as a page to read: docs/rules.md is this text. */
final class Catalogue
{
    public static function markdown(): string
    {
        $book = RuleBook::ofAll();
        $count = count($book->rules);
        $text =
            "# Rules\n\n".
            "Written by `bin/ulvrach rules:list`; a test holds this page to the code.\n\n".
            '**Facts** are physics and chemistry: no school changes them. **Customs** have a reason; **tastes** are a '
                ."choice. A school\n".
            'decides how grave customs and tastes are; a dash means that it has no objection. The severity of a fact '
                ."depends on the\n".
            "case: what is certain is a stop, what may happen a risk.\n\n".
            "## Checks of the plan ({$count})\n";
        $group = '';
        foreach ($book->rules as $rule) {
            $now = self::group($rule);
            if ($now !== $group) {
                $text .=
                    "\n### {$now}\n\n| rule | says | kind | why | ".
                    implode(' | ', array_map(static fn (School $school) => $school->name, School::all())).
                    " |\n|---|---|---|---|".
                    str_repeat('---|', count(School::all())).
                    "\n";
                $group = $now;
            }
            $text .=
                "| `{$rule->code()}` | {$rule->title()} | {$rule->kind()->value} | {$rule->explanation()} | ".
                implode(' | ', self::severities($rule)).
                " |\n";
        }

        return $text.self::habits();
    }

    public static function group(Rule $rule): string
    {
        $parts = explode('\\', $rule::class);

        return $parts[count($parts) - 2];
    }

    /** @return list<string> */
    private static function severities(Rule $rule): array
    {
        return array_values(
            array_map(
                static fn (School $school) => match (true) {
                    $rule->kind() === RuleKind::Fact => 'case',
                    ! array_key_exists($rule->code(), $school->severities) => 'usual',
                    default => $school->severities[$rule->code()]->value ?? '–',
                },
                School::all(),
            ),
        );
    }

    private static function habits(): string
    {
        $text =
            "\n“usual” is what the rule itself says. A custom or taste can be accepted at a step with a reason or "
                ."a passed test patch; a\n".
            'fact that may go wrong only with a passed test patch; a fact that is certain never. A failed test patch '
                ."makes a stop.\n\n".
            "## Prompts at the step\n\n| habit | said at | when | what | otherwise |\n|---|---|---|---|---|\n";
        $advice = "\n## Advice in the almanac\n\n| habit | what | otherwise |\n|---|---|---|\n";
        foreach (Habit::all() as $habit) {
            if ($habit->kinds() === []) {
                $advice .= "| `{$habit->code}` | {$habit->text} | {$habit->otherwise} |\n";
            } else {
                $kinds = implode(', ', array_map(static fn (Kind $kind) => $kind->value, $habit->kinds()));
                $text .= "| `{$habit->code}` | {$kinds} | {$habit->moment} | {$habit->text} | {$habit->otherwise} |\n";
            }
        }

        return $text.$advice;
    }
}
