<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

/**
 * Drying times of one product at 20 °C and 50 % relative humidity that somebody knows better than the table: from its
 * label, from a trial, from the log. Minutes, each as [from, to]; null: the table's.
 */
final readonly class OwnTimes
{
    /**
     * @param  array{int, int}|null  $touchDry
     * @param  array{int, int}|null  $recoatable
     * @param  array{int, int}|null  $solventProof
     * @param  string  $source  whose they are: "label", "own trial"
     */
    public function __construct(
        public ?array $touchDry,
        public ?array $recoatable,
        public ?array $solventProof,
        public string $source,
    ) {
    }

    /**
     * What takes so many times as long as the table says: until it is dry to the touch, and until it can be recoated.
     * When spirit may be rubbed over it is another matter than evaporation, and nobody can see it: that stays.
     */
    public static function scaled(CureTimes $table, float $ratio, string $source): self
    {
        $times = static fn (int $minutes): int => max(1, (int) round($minutes * $ratio));

        return new self(
            array_map($times, $table->touchDry),
            array_map($times, $table->recoatable),
            null,
            $source,
        );
    }

    /** How many times as long as by the table it takes to be dry to the touch. */
    public function against(CureTimes $table): float
    {
        return $this->touchDry === null
            ? 1.0
            : sqrt(max(1, $this->touchDry[0]) * max(1, $this->touchDry[1])) /
                sqrt(max(1, $table->touchDry[0]) * max(1, $table->touchDry[1]));
    }
}
