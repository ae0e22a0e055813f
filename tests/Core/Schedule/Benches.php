<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Ulvrach\Schedule\Activity;
use Ulvrach\Schedule\Lag;
use Ulvrach\Schedule\Problem;

/**
 * Problems of many builds from a seed, as benches have them: zones that are primed, coloured, chipped, washed and
 * weathered each in its own order, joined at the end; three to six sessions a week; few colours, so that builds share
 * what is in the airbrush.
 */
final class Benches
{
    private const COLOURS = ['olive', 'sand', 'grey', 'brown', 'green'];

    private int $chance;

    /** @var list<Activity> */
    private array $activities = [];

    /** @var list<Lag> */
    private array $lags = [];

    private function __construct(int $seed)
    {
        $this->chance = $seed * 7919 + 17;
    }

    /** @param  int  $pieces  about so many activities, never fewer */
    public static function problem(int $seed, int $pieces): Problem
    {
        $own = new self($seed);
        while (count($own->activities) < $pieces) {
            $own->build();
        }

        return $own->within();
    }

    private function below(int $limit): int
    {
        $this->chance = ($this->chance * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return intdiv($this->chance, 65_536) % $limit;
    }

    private function within(): Problem
    {
        $days = [[0, 1, 3], [1, 2, 3, 5], [0, 1, 2, 3, 4], [1, 3, 5, 6]][$this->below(4)];
        $evening = 120 + 30 * $this->below(3);
        $sessions = $spray = $daylight = [];
        for ($day = 0; $day < 280; $day++) {
            if (in_array($day % 7, $days, true)) {
                $from = $day * 1440 + ($day % 7 > 4 ? 600 : 1170);
                $sessions[] = [$from, $from + ($day % 7 > 4 ? 180 : $evening)];
            }
            $spray[] = [$day * 1440 + 480, $day * 1440 + 1320];
            $daylight[] = [$day * 1440 + 540, $day * 1440 + 1020];
        }

        return new Problem(
            sessions: $sessions,
            sprayWindows: $spray,
            daylight: $daylight,
            setup: 15,
            horizon: 280 * 1440,
            granularity: 5,
            activities: $this->activities,
            lags: $this->lags,
        );
    }

    private function build(): void
    {
        $ends = [];
        for ($zone = 0, $zones = 2 + $this->below(2); $zone < $zones; $zone++) {
            $ends[] = $this->zone();
        }
        $joined = $this->add('join', 20 + 5 * $this->below(6), null, true);
        foreach ($ends as $end) {
            $this->lags[] = new Lag($end, $joined, 10);
        }
    }

    /** @return int its last piece of work */
    private function zone(): int
    {
        $last = $this->add('prime', 15 + 5 * $this->below(3), ['grey primer', 'black primer'][$this->below(2)]);
        $last = $this->then($last, 20 + 5 * $this->below(4), 'base coat', 20 + 5 * $this->below(5), $this->colour());
        match ($this->below(4)) {
            0 => $last = $this->chipped($last),
            1 => $last = $this->then($last, 15 + 5 * $this->below(3), 'second colour', 20, $this->colour()),
            2 => $last = $this->then($last, 10, 'decals', 30 + 5 * $this->below(4), null, true),
            default => null,
        };
        match ($this->below(3)) {
            0 => $last = $this->washed($last),
            1 => $last = $this->then($last, 240, 'oil dots', 10, null, false, 5, 'blend oils', 30, 120),
            default => null,
        };
        if ($this->below(2) === 0) {
            $last = $this->then($last, [20, 720, 1440][$this->below(3)], 'matte coat', 10, 'matte');
        }

        return $this->below(2) === 0 ? $this->then($last, 30, 'pigments', 20 + 5 * $this->below(3)) : $last;
    }

    private function chipped(int $last): int
    {
        $film = $this->then($last, 15, 'chipping fluid', 10, 'chipping fluid');
        $coat = $this->add('top coat', 20, $this->colour());
        $this->lags[] = new Lag($film, $coat, 15, 120);
        $chips = $this->add('chips', 40);
        $this->lags[] = new Lag($coat, $chips, 15, 90 + 15 * $this->below(3), true);

        return $chips;
    }

    private function washed(int $last): int
    {
        return $this->then($last, 720, 'wash', 15 + 5 * $this->below(3), null, false, 20, 'clean-up', 20, 240);
    }

    private function colour(): string
    {
        return self::COLOURS[$this->below(count(self::COLOURS))];
    }

    private function then(
        int $last,
        int $wait,
        string $name,
        int $active,
        ?string $spray = null,
        bool $split = false,
        int $least = 0,
        ?string $follows = null,
        int $takes = 0,
        int $within = 0,
    ): int {
        $next = $this->add($name, $active, $spray, $split);
        $this->lags[] = new Lag($last, $next, $wait);
        if ($follows === null) {
            return $next;
        }
        $after = $this->add($follows, $takes);
        $this->lags[] = new Lag($next, $after, $least, $within);

        return $after;
    }

    private function add(string $name, int $active, ?string $spray = null, bool $split = false): int
    {
        $this->activities[] = new Activity($name, $active, $split, $spray);

        return count($this->activities) - 1;
    }
}
