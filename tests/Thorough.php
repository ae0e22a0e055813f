<?php

declare(strict_types=1);

namespace Tests;

/**
 * How much is tried of a law that takes long: in the test command as much as finds what breaks it, and all of it by
 * hand with ULVRACH_THOROUGH=1 before the command.
 */
final class Thorough
{
    public static function isAsked(): bool
    {
        return getenv('ULVRACH_THOROUGH') === '1';
    }

    /** How many times chance is tried. */
    public static function times(int $inShort, int $thoroughly): int
    {
        return self::isAsked() ? $thoroughly : $inShort;
    }
}
