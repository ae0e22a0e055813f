<?php

declare(strict_types=1);

namespace Ulvrach\Quantity;

/**
 * How a person's own times stand to those of the tables, from observations that are noisy and sometimes careless. Times
 * are log-normal: twice as long is as far as half as long. Without an observation one is as the tables say; each
 * observation draws the estimate away from that, and one far from all others does little (Huber's weights).
 */
final readonly class OwnRatio
{
    /** Standard deviations of logarithms: of people about the tables, and of one observation about its person. */
    private const AMONG_PEOPLE = 0.4;

    private const OF_ONE = 0.3;

    /** Standard deviations beyond which an observation counts for less the farther it is. */
    private const FAR = 1.5;

    /** Of the normal distribution: eight in ten lie within. */
    private const EIGHT_IN_TEN = 1.2816;

    /** @param  int  $count  of observations */
    private function __construct(public float $ratio, public float $low, public float $high, public int $count)
    {
    }

    /** @param  list<float>  $ratios  observed by expected, each above 0 */
    public static function of(array $ratios): self
    {
        $logs = array_map(log(...), $ratios);
        $estimate = self::median([...$logs, 0.0]);
        $precision = 1.0 / self::AMONG_PEOPLE ** 2;
        // Weights follow from the estimate and the estimate from weights; a few rounds settle it.
        for ($round = 0; $round < 8; $round++) {
            $precision = 1.0 / self::AMONG_PEOPLE ** 2;
            $sum = 0.0;
            foreach ($logs as $log) {
                $away = abs($log - $estimate) / self::OF_ONE;
                $weight = ($away <= self::FAR ? 1.0 : self::FAR / $away) / self::OF_ONE ** 2;
                $precision += $weight;
                $sum += $weight * $log;
            }
            $estimate = $sum / $precision;
        }
        $width = self::EIGHT_IN_TEN / sqrt($precision);

        return new self(
            exp($estimate),
            exp($estimate - $width),
            exp($estimate + $width),
            count($ratios),
        );
    }

    /** @param  non-empty-list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);
        $middle = intdiv(count($numbers), 2);

        return count($numbers) % 2 === 1
            ? $numbers[$middle]
            : ($numbers[$middle - 1] + $numbers[$middle]) / 2.0;
    }
}
