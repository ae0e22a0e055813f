<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * Another way to a good order: how urgent each activity counts when the first orders are made. A few urgencies are changed a
 * little at a time, and kept if the order that they lead to is no worse (a (1+1) evolution strategy over priorities). Where moves
 * within an order are stuck, since a whole evening would have to be arranged anew, this goes on.
 *
 * @internal to Ulvrach\Schedule
 */
final class Urgencies
{
    /** Minutes up to which urgencies begin apart, and by which one is changed. */
    private const STEP = 400;

    private const CHANGED_AT_ONCE = 6;

    private const FIRST_TRIES = 40;

    /** @var array<int, int> minutes by activity */
    private array $urgency = [];

    private bool $longestFirst = false;

    private ?Sweep $best = null;

    private float $score = INF;

    public function __construct(private readonly Bench $bench, private readonly Chance $chance, private readonly Dispatch $dispatch)
    {
    }

    /**
     * @param  \Closure(): bool  $keepGoing
     * @param  \Closure(Sweep): float  $score  less is better
     * @return Sweep|null the best order found since the beginning; null: none was sound
     */
    public function improve(int $tries, \Closure $keepGoing, \Closure $score): ?Sweep
    {
        for ($try = $this->best === null ? -self::FIRST_TRIES : 0; $try < $tries && ($try % 8 !== 0 || $keepGoing()); $try++) {
            $urgency = $try < 0 ? $this->anyhow() : $this->changed();
            $longestFirst = $try < 0 ? $try % 2 !== 0 : $this->longestFirst;
            $sweep = $this->dispatch->run($urgency, $longestFirst);
            $now = $sweep === null ? INF : $score($sweep);
            if ($sweep !== null && $now <= $this->score) {
                [$this->best, $this->score, $this->urgency, $this->longestFirst] = [$sweep, $now, $urgency, $longestFirst];
            }
        }

        return $this->best;
    }

    /** @return array<int, int> */
    private function anyhow(): array
    {
        $urgency = [];
        for ($index = 0; $index < $this->bench->count; $index++) {
            $urgency[$index] = $this->chance->below(self::STEP);
        }

        return $urgency;
    }

    /** @return array<int, int> */
    private function changed(): array
    {
        $urgency = $this->urgency === [] ? $this->anyhow() : $this->urgency;
        for ($change = $this->chance->below(self::CHANGED_AT_ONCE); $change >= 0; $change--) {
            $urgency[$this->chance->below($this->bench->count)] += $this->chance->below(2 * self::STEP + 1) - self::STEP;
        }

        return $urgency;
    }
}
