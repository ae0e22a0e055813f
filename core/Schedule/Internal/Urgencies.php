<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * A genetic search for good orders, used where moving single activities within an order no longer helps because a
 * whole evening would have to be arranged anew. A genome gives each activity a number, its urgency, and says by which
 * dispatch rule an order is made from those. Of each generation the best are kept, some new ones are drawn, and the
 * rest are children of one of the best and one of the others, who take each urgency more often from the former
 * (biased random keys: Gonçalves and Resende, Journal of Heuristics 17, 2011, 487–525).
 *
 * @internal to Ulvrach\Schedule
 *
 * @phpstan-type Keys array{array<int, int>, array{bool, bool, bool}}
 */
final class Urgencies
{
    /** On 120 steps in six builds, 50 and 80 came to better orders than 20 and 30 in the same time. */
    private const POPULATION = 60;

    private const BEST = 12;

    private const NEW = 8;

    /** Of hundred urgencies of a child, those from the better parent. */
    private const INHERITED = 65;

    /** Minutes up to which urgencies are apart. */
    private const APART = 1200;

    /** @var list<array{float, Keys}> the best first */
    private array $generation = [];

    /** @var list<array{float, Keys}> */
    private array $next = [];

    private ?Sweep $best = null;

    private float $score = INF;

    public function __construct(
        private readonly Bench $bench,
        private readonly Chance $chance,
        private readonly Dispatch $dispatch,
    ) {
    }

    /**
     * @param  \Closure(): bool  $keepGoing
     * @param  \Closure(Sweep): float  $score  less is better
     * @return Sweep|null the best order found since the beginning; null: none was sound
     */
    public function improve(int $tries, \Closure $keepGoing, \Closure $score): ?Sweep
    {
        for ($try = 0; $try < $tries && ($try % 8 !== 0 || $keepGoing()); $try++) {
            $keys =
                $this->generation === [] || count($this->next) < self::BEST + self::NEW
                    ? $this->anyhow()
                    : $this->child();
            $sweep = $this->orderOf($keys);
            $now = $sweep === null ? INF : $score($sweep);
            if ($sweep !== null && $now <= $this->score) {
                [$this->best, $this->score] = [$sweep, $now];
            }
            $this->next[] = [$now, $keys];
            if (count($this->next) === self::POPULATION) {
                usort($this->next, static fn (array $a, array $b) => $a[0] <=> $b[0]);
                $this->generation = $this->next;
                $this->next = array_slice($this->generation, 0, self::BEST);
            }
        }

        return $this->best;
    }

    /** @param  Keys  $keys */
    private function orderOf(array $keys): ?Sweep
    {
        [$urgency, [$longestFirst, $opensLate, $datesFirst]] = $keys;
        foreach ($datesFirst ? $this->bench->pressing : [] as $index => $minutes) {
            $urgency[$index] += $minutes;
        }

        return $this->dispatch->run($urgency, $longestFirst, $opensLate);
    }

    /** @return Keys minutes by activity; then the manner: longest first, opens late, dates first */
    private function anyhow(): array
    {
        $urgency = [];
        for ($index = 0; $index < $this->bench->count; $index++) {
            $urgency[$index] = $this->chance->below(self::APART);
        }

        return [$urgency, [$this->chance->below(2) > 0, $this->chance->below(4) === 0, $this->chance->below(2) > 0]];
    }

    /** @return Keys */
    private function child(): array
    {
        [$urgency, $manner] = $this->generation[$this->chance->below(self::BEST)][1];
        [$otherUrgency, $otherManner] = $this->generation[
            self::BEST + $this->chance->below(self::POPULATION - self::BEST)
        ][1];
        foreach ($otherUrgency as $index => $minutes) {
            if ($this->chance->below(100) >= self::INHERITED) {
                $urgency[$index] = $minutes;
            }
        }

        return [$urgency, $this->chance->below(100) < self::INHERITED ? $manner : $otherManner];
    }
}
