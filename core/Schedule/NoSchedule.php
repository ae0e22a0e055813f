<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\CoreError;
use Ulvrach\Quantity\Minutes;

/** The work cannot be laid into the hours there are. */
final class NoSchedule extends \DomainException implements CoreError
{
    /** @param  list<int>  $activities  those that stand in each other's way */
    private function __construct(
        string $message,
        public readonly array $activities,
        public readonly Cause $cause,
    ) {
        parent::__construct($message);
    }

    /** @param  int  $longest  minutes of the longest session there is */
    public static function neverFits(int $index, Activity $activity, int $longest): self
    {
        $needs = Minutes::inWords($activity->active);
        $more = Minutes::inWords($activity->active - $longest);

        return new self(
            $activity->active <= $longest
                ? "“{$activity->name}” takes {$needs} at a stretch, and no session has them at the right time of day."
                : "“{$activity->name}” takes {$needs} at a stretch, and your longest session has "
                    .Minutes::inWords($longest)
                    .". A session of {$more} more would do, or doing it on fewer zones at a time.",
            [$index],
            Cause::BenchHours,
        );
    }

    public static function windowNeverFits(int $from, int $to, Activity $first, Activity $then, int $max): self
    {
        return new self(
            "“{$then->name}” has to follow “{$first->name}” within {$max} minutes, and there is no time at "
                .'the bench in which both fit.',
            [$from, $to],
            Cause::Window,
        );
    }

    public static function tooLate(int $index, Activity $activity): self
    {
        return new self(
            "The window for “{$activity->name}” closes before there is time at the bench.",
            [$index],
            Cause::TooLate,
        );
    }

    public static function circle(): self
    {
        return new self('Some of the work would have to wait for itself.', [], Cause::Circle);
    }

    public static function noSessions(): self
    {
        return new self('Your week has no session at the bench: nothing can be laid into it.', [], Cause::BenchHours);
    }

    public static function compressorQuiet(int $index, Activity $activity): self
    {
        return new self(
            "“{$activity->name}” sprays for {$activity->active} minutes, and the compressor may never run that long "
                .'while you are at the bench.',
            [$index],
            Cause::Compressor,
        );
    }

    public static function noDaylight(int $index, Activity $activity): self
    {
        return new self(
            "“{$activity->name}” wants {$activity->active} minutes of daylight, and there is never that much of it "
                .'while you are at the bench.',
            [$index],
            Cause::Daylight,
        );
    }

    public static function calendarEnds(Activity $activity): self
    {
        return new self("There is no time left for “{$activity->name}” before the calendar ends.", [], Cause::Calendar);
    }

    /** @param  list<Lag>  $lags  windows that an order is found without; empty: none is found even so */
    public static function windowsNotKept(Problem $problem, array $lags): self
    {
        $named = array_map(
            static fn (Lag $lag) => "“{$problem->activities[$lag->to]->name}” within "
                .Minutes::inWords((int) $lag->max)." after “{$problem->activities[$lag->from]->name}”"
                .($lag->loss === Loss::Wish ? '' : " ({$lag->loss->says()})"),
            $lags,
        );

        return $lags === []
            ? new self('No order was found in which the work fits into the hours there are.', [], Cause::NotFound)
            : new self('In the hours there are no order keeps: '.implode('; ', $named).'.', [], Cause::NotFound);
    }
}
