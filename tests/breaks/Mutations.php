<?php

declare(strict_types=1);

namespace Tests\breaks;

/**
 * Small ways in which a source can be wrong, found in the text of a file of PHP or TypeScript: what is in strings,
 * comments and imports is left alone.
 */
final class Mutations
{
    /** @var list<array{string, string, string}> name, what is found in the code, what is put in its place */
    private const WAYS = [
        ['a bound that is one off', '/(?<![\w.$#\'"-])(\d{1,6})(?![\w.\'"%])/', '@plus'],
        ['a constant that is a tenth off', '/(?<![\w.$])(\d+\.\d+)(?![\w.])/', '@tenth'],
        ['at least for more than', '/ > (?=[\w$(-])/', ' >= '],
        ['at most for less than', '/ < (?=[\w$(-])/', ' <= '],
        ['more than for at least', '/ >= /', ' > '],
        ['less than for at most', '/ <= /', ' < '],
        ['is not for is', '/ === /', ' !== '],
        ['is for is not', '/ !== /', ' === '],
        ['or for and', '/ && /', ' || '],
        ['and for or', '/ \|\| /', ' && '],
        ['plus for minus', '/(?<=[\w)\]]) - (?=[\w$(])/', ' + '],
        ['minus for plus', '/(?<=[\w)\]]) \+ (?=[\w$(])/', ' - '],
        ['true for false', '/(?<![\w$>\'"])false(?![\w\'"])/', 'true'],
        ['false for true', '/(?<![\w$>\'"])true(?![\w\'"])/', 'false'],
        ['a guard that never holds', '/(?<=\bif \()(?=[^()]*\) ?\{)/', 'false && '],
        ['a guard that is turned', '/(?<=[( ])! ?(?=[\w$(])/', ''],
        ['a call that is left out', '/^ {4,}(?:\$this->|void |await )?\w+(?:(?:->|\.)\w+)*\([^;{}\n]*\);?$/m', ''],
        ['a field that is dropped', '/^ {8,}(?:\'\w+\' =>|\w+:) [^{}\[\]\n]*,$/m', ''],
        ['arguments that are swapped', '/(?<=\w\()(\$?\w+), (\$?\w+)(?=[,)])/', '@swap'],
        ['a default that is missing', '/ \?\? (?=[\w$\[\'(-])/', '@without'],
        ['the least for the most', '/(?<![\w$>])(?:Math\.)?max\(/', '@min'],
        ['the most for the least', '/(?<![\w$>])(?:Math\.)?min\(/', '@max'],
    ];

    /**
     * @return list<array{string, int, string, string}> of every place: name, offset, what is there, what is put there
     */
    public static function of(string $source, bool $isPhp): array
    {
        $code = self::codeOf($source, $isPhp);
        $found = [];
        foreach (self::WAYS as [$name, $pattern, $by]) {
            preg_match_all($pattern, $code, $matches, PREG_OFFSET_CAPTURE | PREG_SET_ORDER);
            foreach ($matches as $match) {
                [$text, $at] = $match[0];
                $there = substr($source, $at, strlen($text));
                $new = match ($by) {
                    '@plus' => (string) ((int) $text + 1),
                    '@tenth' => (string) (1.1 * (float) $text),
                    '@swap' => self::cut($source, $match[2]).', '.self::cut($source, $match[1]),
                    // Whoever needs the default finds that there is none.
                    '@without' => $isPhp ? ' ?? throw new \Exception() ?? ' : ' ?? (() => { throw new Error() })() ?? ',
                    '@min' => str_replace('max', 'min', $text),
                    '@max' => str_replace('min', 'max', $text),
                    default => $by,
                };
                if ($new !== $there && ! ($by === '@swap' && $match[1][0] === $match[2][0])) {
                    $found[] = [$name, $at, $there, $new];
                }
            }
        }

        return $found;
    }

    /** @param  array{string, int}  $match  as it is with what is no code blanked out, and its offset */
    private static function cut(string $source, array $match): string
    {
        return substr($source, $match[1], strlen($match[0]));
    }

    /** The source with all that is no code blanked out, of the same length. */
    private static function codeOf(string $source, bool $isPhp): string
    {
        $blank = static fn (string $text): string => (string) preg_replace('/[^\n]/', '_', $text);
        if (! $isPhp) {
            $no = '~//[^\n]*|/\*.*?\*/|\'(?:\\\\.|[^\'\\\\\n])*\'|"(?:\\\\.|[^"\\\\\n])*"|`(?:\\\\.|[^`\\\\])*`'
                .'|^(?:import|export) [^=(]*?from [^\n]*$|^(?:export )?type [^\n]*$|(?<==)"[^"]*"~sm';

            return (string) preg_replace_callback($no, static fn (array $of) => $blank($of[0]), $source);
        }
        $code = '';
        foreach (\PhpToken::tokenize($source) as $token) {
            $isText = $token->is([T_COMMENT, T_DOC_COMMENT, T_ENCAPSED_AND_WHITESPACE]);
            $isWords = $token->is(T_CONSTANT_ENCAPSED_STRING) && ! preg_match('/^\'\w+\'$/', $token->text);
            $code .= $isText || $isWords ? $blank($token->text) : $token->text;
        }

        return (string) preg_replace_callback('/^declare.*$/m', static fn (array $of) => $blank($of[0]), $code);
    }
}
