<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\CoreError;

/** The work cannot be laid into the hours there are. */
final class NoSchedule extends \DomainException implements CoreError
{
    /** @param  list<int>  $activities  those that stand in each other's way */
    private function __construct(string $message, public readonly array $activities)
    {
        parent::__construct($message);
    }

    public static function neverFits(int $index, Activity $activity): self
    {
        return new self(
            "“{$activity->name}” takes {$activity->active} minutes at a stretch, and no session is long enough "
                .'for it.',
            [$index],
        );
    }

    public static function windowNeverFits(int $from, int $to, Activity $first, Activity $then, int $max): self
    {
        return new self(
            "“{$then->name}” has to follow “{$first->name}” within {$max} minutes, and there is no time at "
                .'the bench in which both fit.',
            [$from, $to],
        );
    }

    public static function tooLate(int $index, Activity $activity): self
    {
        return new self("The window for “{$activity->name}” closes before there is time at the bench.", [$index]);
    }

    public static function circle(): self
    {
        return new self('Some of the work would have to wait for itself.', []);
    }

    /** @param  list<int>  $activities */
    public static function notFound(array $activities): self
    {
        return new self('No way was found to keep all windows within the hours there are.', $activities);
    }
}
