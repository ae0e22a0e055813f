<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

use Ulvrach\Stuff\Technique\Pace;

/** When a modeller is at the bench, in local time: a week that repeats, with exceptions. */
final readonly class Week
{
    /**
     * @param  string  $timeZone  as in "Atlantic/Faroe"
     * @param  array<int, list<array{int, int}>>  $sessions  by weekday, 1 Monday to 7 Sunday: minutes of the day, from
     *   and to
     * @param  array<string, list<array{int, int}>>  $exceptions  by date "2026-12-24"; an empty list: no session
     * @param  array{int, int}  $compressor  minutes of the day between which it may run
     * @param  array{int, int}  $daylight
     * @param  int  $setup  minutes of an airbrush change
     * @param  Pace  $pace  how fast the hands are
     */
    public function __construct(
        public string $timeZone,
        public array $sessions,
        public array $exceptions,
        public array $compressor,
        public array $daylight,
        public int $setup,
        public Pace $pace = new Pace(),
    ) {
    }

    /** Evenings from Monday to Friday, two sessions on Saturday, one on Sunday morning. */
    public static function usual(string $timeZone = 'UTC'): self
    {
        $evening = [[1170, 1320]];

        return new self(
            timeZone: $timeZone,
            sessions: [
                1 => $evening,
                $evening,
                $evening,
                $evening,
                $evening,
                [[600, 750], [840, 1020]],
                [[600, 720]],
            ],
            exceptions: [],
            compressor: [540, 1290],
            daylight: [540, 1020],
            setup: 15,
        );
    }

    /** Unix minute at which a day like "2026-12-24" is over. */
    public function endOfDay(string $day): int
    {
        return intdiv(
            (new \DateTimeImmutable("{$day} 00:00", new \DateTimeZone($this->timeZone)))
                ->modify('+1 day')
                ->getTimestamp(),
            60,
        );
    }

    /**
     * The hours of so many days, as Unix minutes.
     *
     * A session that begins before the first moment is cut to it; one through a change to or from summer time is as
     * long as the clock on the wall says, which is an hour more or less.
     *
     * @param  int  $from  Unix minute
     */
    public function calendar(int $from, int $days): Calendar
    {
        $zone = new \DateTimeZone($this->timeZone);
        $day = (new \DateTimeImmutable("@{$from}"))
            ->setTimestamp($from * 60)
            ->setTimezone($zone)
            ->setTime(0, 0);
        $sessions = $compressor = $daylight = [];
        for ($count = 0; $count < $days; $count++) {
            foreach (
                $this->hoursOf($day) as [$opens, $closes]
            ) {
                $begin = max($from, self::moment($day, $opens));
                $end = self::moment($day, $closes);
                if ($end > $begin) {
                    $sessions[] = [$begin, $end];
                }
            }
            $compressor[] = [self::moment($day, $this->compressor[0]), self::moment($day, $this->compressor[1])];
            $daylight[] = [self::moment($day, $this->daylight[0]), self::moment($day, $this->daylight[1])];
            $day = $day->modify('+1 day');
        }
        sort($sessions);

        return new Calendar($from, self::apart($sessions), $compressor, $daylight);
    }

    /** @return list<array{int, int}> minutes of the day */
    private function hoursOf(\DateTimeImmutable $day): array
    {
        return $this->exceptions[$day->format('Y-m-d')] ?? ($this->sessions[(int) $day->format('N')] ?? []);
    }

    /** Minute 1440 is the midnight that ends the day. */
    private static function moment(\DateTimeImmutable $day, int $minute): int
    {
        return intdiv($day->setTime(intdiv($minute, 60), $minute % 60)->getTimestamp(), 60);
    }

    /**
     * @param  list<array{int, int}>  $sessions  by their beginnings
     * @return list<array{int, int}> overlapping ones joined
     */
    public static function apart(array $sessions): array
    {
        $apart = [];
        foreach ($sessions as [$from, $to]) {
            $last = count($apart) - 1;
            if ($last >= 0 && $from <= $apart[$last][1]) {
                $apart[$last][1] = max($apart[$last][1], $to);
            } else {
                $apart[] = [$from, $to];
            }
        }

        return $apart;
    }
}
