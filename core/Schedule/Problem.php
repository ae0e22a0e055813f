<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/**
 * What is to be laid into which hours: one pair of hands, one airbrush. Minutes from an origin that the caller knows.
 */
final readonly class Problem
{
    /**
     * @param  list<array{int, int}>  $sessions  in order, apart from each other
     * @param  list<array{int, int}>  $sprayWindows
     * @param  list<array{int, int}>  $daylight
     * @param  int  $setup  minutes of an airbrush change
     * @param  int  $granularity  starts are multiples of it
     * @param  list<Activity>  $activities
     * @param  list<Lag>  $lags
     * @param  list<array{int, list<int>}>  $dates  minute by which, if it can be, and the activities that shall be done
     *   by then
     * @param  list<Lag>  $wishes  windows that are missed by as little as can be, where they cannot be kept
     */
    public function __construct(
        public array $sessions,
        public array $sprayWindows,
        public array $daylight,
        public int $setup,
        public int $horizon,
        public int $granularity,
        public array $activities,
        public array $lags,
        public array $dates = [],
        public array $wishes = [],
    ) {
    }

    public function withActivity(int $index, Activity $activity): self
    {
        return $this->with(activities: array_values(array_replace($this->activities, [$index => $activity])));
    }

    /**
     * With the windows of these lags as mere wishes; what has to be waited for stays.
     *
     * @param  list<Lag>  $freed
     */
    public function withoutWindows(array $freed): self
    {
        return $this->with(
            lags: array_map(
                static fn (Lag $lag) => in_array($lag, $freed, true) ? new Lag($lag->from, $lag->to, $lag->min) : $lag,
                $this->lags,
            ),
            wishes: [...$this->wishes, ...$freed],
        );
    }

    /**
     * @param  list<Activity>|null  $activities
     * @param  list<Lag>|null  $lags
     * @param  list<Lag>|null  $wishes
     */
    public function with(?array $activities = null, ?array $lags = null, ?array $wishes = null): self
    {
        return new self(
            sessions: $this->sessions,
            sprayWindows: $this->sprayWindows,
            daylight: $this->daylight,
            setup: $this->setup,
            horizon: $this->horizon,
            granularity: $this->granularity,
            activities: $activities ?? $this->activities,
            lags: $lags ?? $this->lags,
            dates: $this->dates,
            wishes: $wishes ?? $this->wishes,
        );
    }
}
