<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/** The air of a room over time: as it was measured, and where it was not, as it usually is by season and hour. */
final readonly class RoomCourse
{
    /** Minutes that a reading counts for if none follows it. */
    private const READING_LASTS = 60;

    /**
     * @param  list<array{int, Air}>  $course  Unix minute from which the air is so, rising; the last one goes on for
     *   good
     */
    private function __construct(private array $course)
    {
    }

    /**
     * @param  string  $timeZone  that the room's hours are meant in
     * @param  list<array{int, Air}>  $measured  Unix minute and what was measured then, oldest first
     * @param  int  $from  Unix minute
     * @param  int  $until  Unix minute after which the air stays as it is then
     */
    public static function of(RoomProfile $room, string $timeZone, array $measured, int $from, int $until): self
    {
        $usual = self::usual($room, new \DateTimeZone($timeZone), $from, $until);
        $readings = [];
        foreach ($measured as $number => [$minute, $air]) {
            $readings[] = [
                $minute,
                min($minute + self::READING_LASTS, $measured[$number + 1][0] ?? PHP_INT_MAX),
                $air,
            ];
        }
        $changes = array_unique([
            ...array_column($usual, 0),
            ...array_column($readings, 0),
            ...array_column($readings, 1),
        ]);
        sort($changes);
        $course = [];
        $day = $reading = 0;
        foreach ($changes as $minute) {
            while (isset($usual[$day + 1]) && $usual[$day + 1][0] <= $minute) {
                $day++;
            }
            while (isset($readings[$reading]) && $readings[$reading][1] <= $minute) {
                $reading++;
            }
            $isMeasured = isset($readings[$reading]) && $readings[$reading][0] <= $minute;
            $course[] = [$minute, $isMeasured ? $readings[$reading][2] : $usual[$day][1]];
        }

        return new self($course);
    }

    public function airAt(int $minute): Air
    {
        return $this->course[$this->placeAt($minute)][1];
    }

    /**
     * Minutes, rounded up, from a moment until a film is through that takes so many at the reference.
     *
     * @param  int  $from  Unix minute
     * @param  \Closure(Air): Air  $around  what the room's air is like where the part stands
     */
    public function through(DryingLaw $law, float $referenceMinutes, int $from, \Closure $around): int
    {
        return DryingModel::through($law, $referenceMinutes, $this->from($from, $around));
    }

    /**
     * @param  \Closure(Air): Air  $around
     * @return \Generator<array{int|null, Air}>
     */
    private function from(int $minute, \Closure $around): \Generator
    {
        for ($place = $this->placeAt($minute); isset($this->course[$place]); $place++) {
            $next = $this->course[$place + 1][0] ?? null;
            yield [$next === null ? null : $next - $minute, $around($this->course[$place][1])];
            $minute = $next ?? $minute;
        }
    }

    private function placeAt(int $minute): int
    {
        [$low, $high] = [0, count($this->course) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->course[$middle][0] <= $minute) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    /** @return list<array{int, Air}> */
    private static function usual(RoomProfile $room, \DateTimeZone $zone, int $from, int $until): array
    {
        $day = (new \DateTimeImmutable('@'.$from * 60))->setTimezone($zone)->setTime(0, 0);
        $hours = [0, ...$room->night];
        sort($hours);
        $usual = [];
        do {
            $season = Season::of((int) $day->format('n'));
            foreach ($hours as $minute) {
                $usual[] = [
                    intdiv($day->setTime(intdiv($minute, 60), $minute % 60)->getTimestamp(), 60),
                    $room->at($season, $minute),
                ];
            }
            $day = $day->modify('+1 day');
        } while ($day->getTimestamp() < $until * 60);

        return $usual;
    }
}
