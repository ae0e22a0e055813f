<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/**
 * What a room is like by season and by hour: a heated room is dry in winter and cools down at night, an attic is hot in
 * summer.
 *
 * @phpstan-type AirData array{temperatureC: float|int, humidityPercent: float|int}
 * @phpstan-type RoomData array{seasons: array<string, array{day: AirData, night: AirData}>, night: array{int, int}}
 */
final readonly class RoomProfile
{
    /**
     * @param  array<string, array{day: Air, night: Air}>  $seasons
     * @param  array{int, int}  $night  minutes of the local day between which the night's air holds; usually through
     *   midnight
     */
    private function __construct(private array $seasons, public array $night)
    {
    }

    /**
     * @param  RoomData  $room
     *
     * @throws OutsideModelRange outside the range of Air
     */
    public static function read(array $room): self
    {
        $seasons = [];
        foreach (Season::cases() as $season) {
            foreach ($room['seasons'][$season->value] as $part => $data) {
                $seasons[$season->value][$part] = Air::at(
                    (float) $data['temperatureC'],
                    (float) $data['humidityPercent'],
                );
            }
        }

        return new self($seasons, $room['night']);
    }

    /**
     * A living room in a temperate climate, heated by day from autumn to spring: assumed, to be replaced by one's own
     * readings.
     */
    public static function usual(): self
    {
        return new self(
            [
                Season::Winter->value => ['day' => Air::at(20.0, 40.0), 'night' => Air::at(17.0, 46.0)],
                Season::Spring->value => ['day' => Air::at(20.0, 50.0), 'night' => Air::at(18.0, 55.0)],
                Season::Summer->value => ['day' => Air::at(24.0, 60.0), 'night' => Air::at(22.0, 66.0)],
                Season::Autumn->value => ['day' => Air::at(20.0, 55.0), 'night' => Air::at(18.0, 60.0)],
            ],
            [1380, 360],
        );
    }

    public function byDay(Season $season): Air
    {
        return $this->seasons[$season->value]['day'];
    }

    public function byNight(Season $season): Air
    {
        return $this->seasons[$season->value]['night'];
    }

    /** @param  int  $minute  of the local day */
    public function at(Season $season, int $minute): Air
    {
        [$from, $until] = $this->night;
        $isNight = $from <= $until ? $minute >= $from && $minute < $until : $minute >= $from || $minute < $until;

        return $isNight ? $this->byNight($season) : $this->byDay($season);
    }

    /** @return RoomData */
    public function write(): array
    {
        $air = static fn (Air $air): array => [
            'temperatureC' => $air->temperatureC,
            'humidityPercent' => $air->humidityPercent,
        ];
        $seasons = [];
        foreach ($this->seasons as $season => ['day' => $day, 'night' => $night]) {
            $seasons[$season] = ['day' => $air($day), 'night' => $air($night)];
        }

        return ['seasons' => $seasons, 'night' => $this->night];
    }
}
