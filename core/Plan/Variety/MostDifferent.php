<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

/** Makes neighbours as different in all as can be, with the least difference and the most used mix as they are. */
final class MostDifferent
{
    /** Panels up to which all tintings are tried, and panels that this may try. */
    private const FEW_PANELS = 9;

    private const BUDGET = 60_000;

    /** Times that all panels are gone through at most. */
    private const ROUNDS = 50;

    /** @var list<int> */
    private array $best = [];

    private float $sum = 0.0;

    private int $left = self::BUDGET;

    private float $farthest;

    /**
     * @param  list<list<int>>  $neighbours  by panel
     * @param  list<list<float>>  $apart  CIEDE2000 between mixes
     * @param  array<int, int>  $locked  by panel
     */
    public function __construct(
        private readonly array $neighbours,
        private readonly array $apart,
        private readonly array $locked,
        private readonly float $least,
        private readonly int $mostUsed,
    ) {
        $this->farthest = array_reduce(
            $apart,
            static fn (float $farthest, array $row): float => max($farthest, ...$row),
            0.0,
        );
    }

    /**
     * @param  list<int>  $mixes  that keep to both limits
     * @return list<int>
     */
    public function from(array $mixes): array
    {
        $mixes = $this->climbed($mixes);
        if (count($mixes) > self::FEW_PANELS) {
            return $mixes;
        }
        [$this->best, $this->sum] = [$mixes, $this->sumOf($mixes)];
        $this->tryAll([], array_fill(0, count($this->apart), 0), 0.0);

        return $this->best;
    }

    /**
     * @param  list<int>  $tinted  the first panels
     * @param  array<int, int>  $uses  by mix
     */
    private function tryAll(array $tinted, array $uses, float $sum): void
    {
        $panel = count($tinted);
        if ($panel === count($this->neighbours)) {
            [$this->best, $this->sum] = $sum > $this->sum + 1e-9 ? [$tinted, $sum] : [$this->best, $this->sum];

            return;
        }
        $edges = 0;
        for ($later = $panel; $later < count($this->neighbours); $later++) {
            foreach ($this->neighbours[$later] as $neighbour) {
                $edges += $neighbour < $later ? 1 : 0;
            }
        }
        if (--$this->left <= 0 || $sum + $edges * $this->farthest <= $this->sum + 1e-9) {
            return;
        }
        foreach (isset($this->locked[$panel]) ? [$this->locked[$panel]] : array_keys($this->apart) as $mix) {
            $gain = ($uses[$mix] ?? 0) < $this->mostUsed ? $this->gain($panel, $mix, $tinted) : null;
            if ($gain !== null) {
                $this->tryAll([...$tinted, $mix], array_replace($uses, [$mix => ($uses[$mix] ?? 0) + 1]), $sum + $gain);
            }
        }
    }

    /**
     * @param  list<int>  $tinted
     * @return float|null null: too near to a neighbour
     */
    private function gain(int $panel, int $mix, array $tinted): ?float
    {
        $gain = 0.0;
        foreach ($this->neighbours[$panel] as $neighbour) {
            if ($neighbour >= count($tinted)) {
                continue;
            }
            $difference = $this->apart[$mix][$tinted[$neighbour]];
            if (! $this->isFarEnough($difference)) {
                return null;
            }
            $gain += $difference;
        }

        return $gain;
    }

    /**
     * Panels change their mix, or two of them change theirs with each other, while that makes the sum larger.
     *
     * @param  list<int>  $mixes
     * @return list<int>
     */
    private function climbed(array $mixes): array
    {
        $uses = array_fill(0, count($this->apart), 0);
        foreach ($mixes as $mix) {
            $uses[$mix]++;
        }
        $free = array_values(array_diff(array_keys($mixes), array_keys($this->locked)));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $isBetter = false;
            foreach ($free as $place => $panel) {
                foreach (array_keys($this->apart) as $mix) {
                    $changed = array_values(array_replace($mixes, [$panel => $mix]));
                    if ($uses[$mix] < $this->mostUsed && $this->isBetter($changed, $mixes, [$panel])) {
                        $uses[$mix]++;
                        $uses[$mixes[$panel]]--;
                        [$mixes, $isBetter] = [$changed, true];
                    }
                }
                foreach (array_slice($free, 0, $place) as $other) {
                    $swapped = array_values(
                        array_replace($mixes, [$panel => $mixes[$other], $other => $mixes[$panel]]),
                    );
                    if ($this->isBetter($swapped, $mixes, [$panel, $other])) {
                        [$mixes, $isBetter] = [$swapped, true];
                    }
                }
            }
            if (! $isBetter) {
                break;
            }
        }

        return $mixes;
    }

    /**
     * @param  list<int>  $changed
     * @param  list<int>  $before
     * @param  list<int>  $panels  that differ
     */
    private function isBetter(array $changed, array $before, array $panels): bool
    {
        $gain = 0.0;
        foreach ($panels as $panel) {
            foreach ($this->neighbours[$panel] as $neighbour) {
                $difference = $this->apart[$changed[$panel]][$changed[$neighbour]];
                if (! $this->isFarEnough($difference)) {
                    return false;
                }
                $gain += $difference - $this->apart[$before[$panel]][$before[$neighbour]];
            }
        }

        return $gain > 1e-9;
    }

    /** Against rounding: a limit that was taken from two mixes is kept by those two. */
    private function isFarEnough(float $difference): bool
    {
        return $difference >= $this->least - 1e-9 && $difference > 0.0;
    }

    /** @param  list<int>  $mixes */
    private function sumOf(array $mixes): float
    {
        $sum = 0.0;
        foreach ($this->neighbours as $panel => $neighbours) {
            foreach ($neighbours as $neighbour) {
                $sum += $neighbour < $panel ? $this->apart[$mixes[$panel]][$mixes[$neighbour]] : 0.0;
            }
        }

        return $sum;
    }
}
