<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * Case files: a plan, and what the checks say of it. Cases begin with "=== title", then "school …" if it is not the
 * usual one, then what the case is there for ("breaks RULE", "keeps RULE"), then the plan in the shorthand of PlanKit,
 * then one line "> severity code step zones" a finding, below it one line "+ label" a remedy, below that one line ".
 * edit" an edit. A plan without such a line has no finding. `php tests/accept-cases.php` writes down what the checks
 * say now, for review.
 */
final class CaseFile
{
    /**
     * @return array<string, array{
     *   string,
     *   string,
     *   list<string>,
     *   list<string>,
     *   list<string>,
     * }> title => [school, plan, findings, claims, findings and remedies as they stand]
     */
    public static function read(string $file): array
    {
        $cases = [];
        foreach (array_slice(explode("\n=== ", "\n".trim((string) file_get_contents($file))), 1) as $text) {
            $lines = array_filter(array_map(trim(...), explode("\n", $text)));
            $title = (string) array_shift($lines);
            if (isset($cases[$title])) {
                throw new \InvalidArgumentException("Two cases are called “{$title}”.");
            }
            $school = 'sealed-steps';
            $plan = $findings = $claims = $said = [];
            foreach ($lines as $line) {
                if (preg_match('/^[>+.] /', $line) === 1) {
                    $said[] = $line;
                }
                match (true) {
                    str_starts_with($line, 'school ') => ($school = substr($line, 7)),
                    preg_match('/^(breaks|keeps) /', $line) === 1 => ($claims[] = $line),
                    str_starts_with($line, '> ') => ($findings[] = substr($line, 2)),
                    preg_match('/^[+.] /', $line) === 1 => null,
                    default => ($plan[] = $line),
                };
            }
            $cases[$title] = [$school, implode("\n", $plan), $findings, $claims, $said];
        }

        return $cases;
    }

    /**
     * @return array<string, array{string, string, list<string>, list<string>, list<string>}> of every file, "file:
     *   title" => case
     */
    public static function all(): array
    {
        $all = [];
        foreach (glob(dirname(__DIR__).'/cases/*.case') ?: [] as $file) {
            foreach (self::read($file) as $title => $case) {
                $all[basename($file, '.case').": {$title}"] = $case;
            }
        }

        return $all;
    }

    /**
     * @return array<string, array{string, string, list<string>, list<string>, list<string>}> the cases with a finding
     *   that matches
     */
    public static function where(string $pattern): array
    {
        return array_filter(self::all(), static fn (array $case) => preg_grep("/{$pattern}/", $case[2]) !== []);
    }

    /** @param  array<string, array{string, string, list<string>, list<string>, list<string>}>  $cases */
    public static function write(string $file, array $cases): void
    {
        $text = '';
        foreach ($cases as $title => [$school, $plan, , $claims, $said]) {
            $text .=
                "=== {$title}\n".
                ($school === 'sealed-steps' ? '' : "school {$school}\n").
                implode('', array_map(static fn (string $claim) => "{$claim}\n", $claims)).
                "{$plan}\n".
                implode('', array_map(static fn (string $line) => "{$line}\n", $said)).
                "\n";
        }
        file_put_contents($file, rtrim($text)."\n");
    }
}
