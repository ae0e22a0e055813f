<?php

declare(strict_types=1);

namespace Ulvrach\Drying;

/** What a room is like through the year: a heated room is dry in winter, an attic hot in summer. */
final readonly class RoomProfile
{
    private function __construct(
        private Air $winter,
        private Air $spring,
        private Air $summer,
        private Air $autumn,
    ) {
    }

    /**
     * @param  array<string, array{temperatureC: float|int, humidityPercent: float|int}>  $seasons  by season; what is left out is as usual
     *
     * @throws OutsideModelRange outside the range of Air
     */
    public static function read(array $seasons): self
    {
        $usual = self::usual()->write();
        $air = static fn (Season $season): Air => Air::at((float) ($seasons[$season->value] ?? $usual[$season->value])['temperatureC'],
            (float) ($seasons[$season->value] ?? $usual[$season->value])['humidityPercent']);

        return new self($air(Season::Winter), $air(Season::Spring), $air(Season::Summer), $air(Season::Autumn));
    }

    /** A living room in a temperate climate, heated from autumn to spring: assumed, to be replaced by one's own readings. */
    public static function usual(): self
    {
        return new self(Air::at(19.0, 40.0), Air::at(20.0, 50.0), Air::at(24.0, 60.0), Air::at(20.0, 55.0));
    }

    public function in(Season $season): Air
    {
        return match ($season) {
            Season::Winter => $this->winter,
            Season::Spring => $this->spring,
            Season::Summer => $this->summer,
            Season::Autumn => $this->autumn,
        };
    }

    /** @return array<string, array{temperatureC: float, humidityPercent: float}> by season */
    public function write(): array
    {
        $seasons = [];
        foreach (Season::cases() as $season) {
            $seasons[$season->value] = ['temperatureC' => $this->in($season)->temperatureC, 'humidityPercent' => $this->in($season)->humidityPercent];
        }

        return $seasons;
    }
}
