<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Drying\RoomCourse;

/**
 * How long a wait of a plan lasts on the clock: as long as the plan says, whose air is the same all the time; or as the
 * air of a room makes it, which is colder at night and has been measured. Fan and cabinet are the plan's either way.
 */
final class Forecast
{
    /** @var array<string, int> */
    private array $known = [];

    /** @param  list<int>  $moments */
    private function __construct(private readonly ?RoomCourse $room, private readonly array $moments)
    {
    }

    public static function asPlanned(): self
    {
        return new self(null, []);
    }

    /** @param  list<int>  $moments  Unix minutes at which work may end, as far as is known */
    public static function in(RoomCourse $room, array $moments): self
    {
        return new self($room, $moments);
    }

    /** @param  int  $from  Unix minute */
    public function minutes(Wait $wait, BenchConditions $bench, int $from): int
    {
        if ($this->room === null) {
            return $wait->minutes;
        }
        $around = static fn (Air $room): Air => BenchAir::in($room, $bench);

        return $this->room->through(
            $wait->law,
            $wait->minutes * DryingModel::pace($wait->law, BenchAir::of($bench)),
            $from,
            $around,
        );
    }

    /** Long enough whenever work ends, for who does not know yet when that is. */
    public function longest(Wait $wait, BenchConditions $bench): int
    {
        return $this->most(true, $wait, $bench);
    }

    /** Short enough whenever work ends. */
    public function shortest(Wait $wait, BenchConditions $bench): int
    {
        return $this->most(false, $wait, $bench);
    }

    private function most(bool $isLongest, Wait $wait, BenchConditions $bench): int
    {
        if ($this->room === null || $this->moments === []) {
            return $wait->minutes;
        }
        $key = "{$isLongest} {$wait->minutes} {$wait->law->value} {$bench->temperatureC} {$bench->humidityPercent} "
            ."{$bench->movingAir} {$bench->cabinetC}";

        if (! isset($this->known[$key])) {
            $all = array_map(fn (int $moment) => $this->minutes($wait, $bench, $moment), $this->moments);
            $this->known[$key] = $isLongest ? max($all) : min($all);
        }

        return $this->known[$key];
    }
}
