<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/**
 * How long somebody's hands take, as shares of the library's minutes: 1 is as written there, 1.5 half as long again.
 */
final readonly class Pace
{
    public const FASTEST = 0.25;

    public const SLOWEST = 4.0;

    /** @param  array<string, float>  $techniques  shares beyond that, by code: what somebody's own log has shown */
    public function __construct(
        public float $applying = 1.0,
        public float $cleaning = 1.0,
        public array $techniques = [],
    ) {
    }

    /** Minutes per 100 cm² and coat. */
    public function applyMinutes(Technique $technique): float
    {
        return $technique->applyMinutes * $this->applying * $this->own($technique);
    }

    /** Minutes per 100 cm². */
    public function cleanMinutes(Technique $technique): float
    {
        return $technique->cleanMinutes * $this->cleaning * $this->own($technique);
    }

    /**
     * Minutes for which the hands are busy with it.
     *
     * @param  float  $work  cm² that they are counted by; see Plan::workOf()
     */
    public function handsOn(Technique $technique, int $coats, float $work, bool $isCleaned): int
    {
        return $technique->setUpMinutes + (int) ceil(($coats * $this->applyMinutes($technique) * $work) / 100) +
            ($isCleaned ? (int) ceil(($this->cleanMinutes($technique) * $work) / 100) : 0);
    }

    private function own(Technique $technique): float
    {
        return $this->techniques[$technique->code] ?? 1.0;
    }
}
