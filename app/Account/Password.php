<?php

declare(strict_types=1);

namespace App\Account;

use Closure;

/** What a new password has to be: long, not one that everybody tries first, and none of it without effect. */
final class Password
{
    /** Bytes that count: what a bcrypt hash is made from. */
    private const COUNTED = 72;

    /** In order, each as it is typed or backwards: what is found first by whoever guesses. */
    private const COMMON = '/password|passw0rd|qwert|asdfg|zxcvb|letmein|welcome|iloveyou|admin|ulvrach/i';

    /** @return list<string|Closure(string, mixed, Closure): void> rules of a field */
    public static function rules(): array
    {
        return ['required', 'string', 'min:10', 'max:200', self::counts(...), self::isHardToGuess(...)];
    }

    /** @return array<string, string> */
    public static function messages(string $field = 'password'): array
    {
        return ["{$field}.min" => 'Take at least ten characters.'];
    }

    private static function counts(string $field, mixed $password, Closure $fail): void
    {
        if (is_string($password) && strlen($password) > self::COUNTED) {
            $fail('Too long: only the first '.self::COUNTED.' bytes would count, and some letters take several.');
        }
    }

    private static function isHardToGuess(string $field, mixed $password, Closure $fail): void
    {
        if (! is_string($password)) {
            return;
        }
        $rest = (string) preg_replace(self::COMMON, '', $password);
        $letters = array_unique(mb_str_split(mb_strtolower($rest)));
        $isRow = str_contains('01234567890123456789', $password) || str_contains('09876543210987654321', $password);
        if (count($letters) < 4 || $isRow) {
            $fail('This is among the first that anybody would try.');
        }
    }
}
