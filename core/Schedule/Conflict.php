<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** Something that cannot be kept in the hours there are: the timetable is made without it, and says so. */
final readonly class Conflict
{
    /** @param  list<int>  $activities */
    public function __construct(public string $message, public array $activities)
    {
    }
}
