<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

use Ulvrach\Light\Colour\Lab;

/**
 * Gives panels their mixes: no two neighbours alike if that can be; then the smallest difference between neighbours as
 * large as can be, up to where more is no longer worth a word; then the most used mix used as little as can be; then
 * neighbours as different as can be in all. Each of the first three is a question "is there a tinting with at least
 * …?", answered by search with the domains of panels kept consistent (forward checking, the most restricted panel
 * first: Brélaz, Communications of the ACM 22, 1979).
 */
final class Tinter
{
    /** CIEDE2000 beyond which two neighbours are plainly apart, and variety is worth more. */
    public const PLAINLY = 8.0;

    /** Mixes that fit into the bits of a number. */
    public const MOST_MIXES = 60;

    /** Panels that one question may try; beyond, it is left open. */
    private const BUDGET = 60_000;

    /** @var list<list<int>> by panel */
    private array $neighbours;

    /** @var list<list<float>> CIEDE2000 between mixes */
    private array $apart;

    /** @var list<int> by mix: bits of those that may lie next to it */
    private array $beside = [];

    private int $left = 0;

    private int $mostUsed = 0;

    /**
     * @param  list<array{int, int}>  $edges  pairs of panels that meet; a panel does not meet itself
     * @param  non-empty-list<Lab>  $mixes  at most MOST_MIXES
     * @param  array<int, int>  $locked  by panel: the mix that it keeps
     * @param  float  $plainly  CIEDE2000 beyond which more is no longer worth a word
     */
    public function __construct(
        private readonly int $panels,
        array $edges,
        private readonly array $mixes,
        private readonly array $locked = [],
        private readonly float $plainly = self::PLAINLY,
    ) {
        if (count($mixes) > self::MOST_MIXES) {
            throw new \InvalidArgumentException('At most '.self::MOST_MIXES.' mixes can be told apart.');
        }
        $neighbours = array_fill(0, $panels, []);
        foreach ($edges as [$one, $other]) {
            if ($one !== $other) {
                $neighbours[$one][$other] = $other;
                $neighbours[$other][$one] = $one;
            }
        }
        $this->neighbours = array_map(array_values(...), $neighbours);
        $this->apart = array_map(
            static fn (Lab $one) => array_map(static fn (Lab $other) => $one->differenceTo($other), $mixes),
            $mixes,
        );
    }

    public function solve(): Tinting
    {
        if ($this->panels === 0) {
            return new Tinting([], 0, null, 0, 0.0, true);
        }
        [$mixes, $least, $isProved] = $this->mostApart();
        if ($mixes === null) {
            return $this->judged($this->fewestAlike(), false);
        }
        [$mixes, $isBalanced] = $this->mostEven($mixes, $least);

        $mostUsed = max(0, ...array_values(array_count_values($mixes)));
        $search = new MostDifferent($this->neighbours, $this->apart, $this->locked, $least, $mostUsed);

        return $this->judged($search->from($mixes), $isProved && $isBalanced);
    }

    /**
     * The largest least difference, among those that there are between two mixes.
     *
     * @return array{list<int>|null, float, bool} null: some neighbours must be alike, or none was found
     */
    private function mostApart(): array
    {
        $steps = [];
        foreach ($this->apart as $one => $row) {
            foreach ($row as $other => $difference) {
                if ($one < $other && $difference > 0.0) {
                    $steps[] = min($this->plainly, $difference);
                }
            }
        }
        // Without neighbours nothing has to differ.
        $steps = $steps === [] ? [$this->plainly] : array_values(array_unique($steps, SORT_REGULAR));
        sort($steps);
        [$best, $least, $isProved] = [null, 0.0, true];
        [$low, $high] = [0, count($steps) - 1];
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $found = $this->find($steps[$middle], $this->panels);
            if (is_array($found)) {
                [$best, $least, $low] = [$found, $steps[$middle], $middle + 1];
            } else {
                $isProved = $isProved && $found === false;
                $high = $middle - 1;
            }
        }

        return [$best, $least, $isProved];
    }

    /**
     * The same least difference with the most used mix used less.
     *
     * @param  list<int>  $mixes
     * @return array{list<int>, bool}
     */
    private function mostEven(array $mixes, float $least): array
    {
        $used = max(0, ...array_values(array_count_values($mixes)));
        $isProved = true;
        $floor = max(
            (int) ceil($this->panels / count($this->mixes)),
            $this->locked === [] ? 0 : max(0, ...array_values(array_count_values($this->locked))),
        );
        for ($most = $floor; $most < $used; $most++) {
            $found = $this->find($least, $most);
            if (is_array($found)) {
                return [$found, $isProved];
            }
            $isProved = $isProved && $found === false;
        }

        return [$mixes, $isProved];
    }

    /**
     * @param  float  $least  CIEDE2000 between neighbours
     * @param  int  $mostUsed  panels that one mix may go on
     * @return list<int>|false|null false: there is none; null: none was found within the budget
     */
    private function find(float $least, int $mostUsed): array|false|null
    {
        $count = count($this->mixes);
        $this->beside = [];
        foreach ($this->apart as $row) {
            $bits = 0;
            foreach ($row as $other => $difference) {
                // Against rounding: a limit that was taken from two mixes is kept by those two.
                $bits |= $difference >= $least - 1e-9 && $difference > 0.0 ? 1 << $other : 0;
            }
            $this->beside[] = $bits;
        }
        $this->mostUsed = $mostUsed;
        $this->left = self::BUDGET;
        $domains = array_fill(0, $this->panels, (1 << $count) - 1);
        foreach ($this->locked as $panel => $mix) {
            $domains[$panel] = 1 << $mix;
        }
        $tinted = [];
        foreach ($this->locked as $panel => $mix) {
            if (($domains[$panel] >> $mix & 1) === 0) {
                return false;
            }
            $tinted[$panel] = $mix;
            foreach ($this->neighbours[$panel] as $neighbour) {
                $domains[$neighbour] &= $this->beside[$mix];
                if ($domains[$neighbour] === 0) {
                    return false;
                }
            }
        }
        $uses = array_fill(0, $count, 0);
        foreach ($tinted as $mix) {
            $uses[$mix]++;
        }
        if (max($uses) > $mostUsed) {
            return false;
        }
        $found = $this->extended($tinted, $domains, $uses);
        if (! is_array($found)) {
            return $this->isSpent() ? null : false;
        }
        ksort($found);

        return array_values($found);
    }

    /**
     * @param  array<int, int>  $tinted  by panel
     * @param  array<int, int>  $domains  by panel: bits of the mixes that it may still get
     * @param  array<int, int>  $uses  by mix
     * @return array<int, int>|null
     */
    private function extended(array $tinted, array $domains, array $uses): ?array
    {
        if (count($tinted) === $this->panels) {
            return $tinted;
        }
        $this->left--;
        if ($this->isSpent()) {
            return null;
        }
        $full = 0;
        foreach ($uses as $mix => $used) {
            $full |= $used >= $this->mostUsed ? 1 << $mix : 0;
        }
        $panel = $this->mostRestricted($tinted, $domains, $full);
        foreach ($this->inOrder($domains[$panel] & ~$full, $uses, $tinted) as $mix) {
            $next = $domains;
            $isOpen = true;
            foreach ($this->neighbours[$panel] as $neighbour) {
                if (! isset($tinted[$neighbour])) {
                    $next[$neighbour] &= $this->beside[$mix];
                    $isOpen = $isOpen && $next[$neighbour] !== 0;
                }
            }
            if ($isOpen) {
                $more = $uses;
                $more[$mix]++;
                $found = $this->extended($tinted + [$panel => $mix], $next, $more);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    private function isSpent(): bool
    {
        return $this->left <= 0;
    }

    /**
     * @param  array<int, int>  $tinted
     * @param  array<int, int>  $domains
     */
    private function mostRestricted(array $tinted, array $domains, int $full): int
    {
        $best = -1;
        $rank = [PHP_INT_MAX, 0];
        for ($panel = 0; $panel < $this->panels; $panel++) {
            if (isset($tinted[$panel])) {
                continue;
            }
            $open = 0;
            for ($bits = $domains[$panel] & ~$full; $bits !== 0; $bits &= $bits - 1) {
                $open++;
            }
            $here = [$open, -count($this->neighbours[$panel])];
            if ($best < 0 || $here < $rank) {
                [$best, $rank] = [$panel, $here];
            }
        }

        return $best;
    }

    /**
     * The least used first. Of mixes that may lie beside all others and that nothing is tinted with yet, one is enough.
     *
     * @param  array<int, int>  $uses
     * @param  array<int, int>  $tinted
     * @return list<int>
     */
    private function inOrder(int $bits, array $uses, array $tinted): array
    {
        $order = $alike = [];
        foreach ($uses as $mix => $used) {
            if (($bits >> $mix & 1) === 0) {
                continue;
            }
            if ($used === 0 && $this->isNextToAll($mix)) {
                if ($alike !== []) {
                    continue;
                }
                $alike[] = $mix;
            }
            $order[] = $mix;
        }
        usort($order, static fn (int $one, int $other) => $uses[$one] <=> $uses[$other] ?: $one <=> $other);

        return $order;
    }

    /** Whether it may lie next to every other mix: such mixes are as good as one another. */
    private function isNextToAll(int $mix): bool
    {
        return $this->beside[$mix] === ((1 << count($this->mixes)) - 1 & ~(1 << $mix));
    }

    /**
     * Where there are too few mixes: each panel takes the one that it shares with the fewest neighbours, again and
     * again until none gains by a change.
     *
     * @return list<int>
     */
    private function fewestAlike(): array
    {
        $mixes = array_map(fn (int $panel) => $this->locked[$panel] ?? 0, range(0, $this->panels - 1));
        do {
            $isBetter = false;
            foreach ($mixes as $panel => $mix) {
                if (isset($this->locked[$panel])) {
                    continue;
                }
                $shared = array_fill(0, count($this->mixes), 0);
                foreach ($this->neighbours[$panel] as $neighbour) {
                    $shared[$mixes[$neighbour]]++;
                }
                $best = (int) array_search(min($shared), $shared, true);
                if ($shared[$best] < $shared[$mix]) {
                    $mixes[$panel] = $best;
                    $isBetter = true;
                }
            }
        } while ($isBetter);

        return $mixes;
    }

    /** @param  list<int>  $mixes */
    private function judged(array $mixes, bool $isProved): Tinting
    {
        [$alike, $least, $sum] = [0, null, 0.0];
        foreach ($this->neighbours as $panel => $neighbours) {
            foreach ($neighbours as $neighbour) {
                if ($neighbour < $panel) {
                    $difference = $this->apart[$mixes[$panel]][$mixes[$neighbour]];
                    $alike += $difference <= 0.0 ? 1 : 0;
                    $least = min($least ?? INF, $difference);
                    $sum += $difference;
                }
            }
        }

        $mostUsed = max(0, ...array_values(array_count_values($mixes)));

        return new Tinting($mixes, $alike, $least, $mostUsed, $sum, $isProved);
    }
}
