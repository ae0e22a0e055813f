<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** Why work cannot be laid into the hours there are. */
enum Cause: string
{
    /** No time at the bench is long enough for it. */
    case BenchHours = 'bench-hours';
    case Compressor = 'compressor';
    case Daylight = 'daylight';
    /** The calendar ends before it is done. */
    case Calendar = 'calendar';
    /** Its window has closed before anybody is at the bench. */
    case TooLate = 'too-late';
    /** What has to follow within a window cannot, whatever else is done. */
    case Window = 'window';
    /** Something would have to wait for itself. */
    case Circle = 'circle';
    /** Nothing shows that it is impossible; no order was found in the time. */
    case NotFound = 'not-found';

    /** Whether no search, however long, would find an order. */
    public function isProved(): bool
    {
        return $this !== self::NotFound;
    }
}
