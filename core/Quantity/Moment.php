<?php

declare(strict_types=1);

namespace Ulvrach\Quantity;

/** Moments are whole Unix minutes everywhere in the core; this says them as JSON does: "2026-11-24T19:30:00Z". */
final class Moment
{
    public static function write(int $minute): string
    {
        return gmdate('Y-m-d\TH:i:00\Z', $minute * 60);
    }

    /** @param  string  $moment  in that form, to the minute; checked before */
    public static function read(string $moment): int
    {
        return intdiv((int) strtotime($moment), 60);
    }
}
