<?php

declare(strict_types=1);

namespace Ulvrach\Light\Mixing;

use Ulvrach\Light\Colour\DeltaE2000;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Upsampler;

/**
 * The mix of at most three paints, in whole parts, that comes closest to a colour. Small shelves are gone through;
 * on larger ones candidates come from the linear space about the wanted colour, are computed exactly, and what lies
 * beside the best of them is tried. Where nothing comes close, the space is laid about several of the best again.
 */
final class MixSolver
{
    /** So few mixes are computed one and all. */
    private const ALL = 13_000;

    /** CIEDE2000 within which one round is enough; how many without a better mix are borne farther away. */
    private const CLOSE = 0.8;

    private const PATIENCE = 3;

    private const PATIENCE_OF_ALL = 160;

    private readonly PaintTable $paints;

    /** @var array<string, float> by mix, written as "paint parts paint parts": CIEDE2000 from the target */
    private array $found = [];

    /**
     * @param  list<Paint>  $paints
     * @param  array{list<float>, list<float>, list<float>}  $weights  rows of X, Y and Z, as of the observer
     */
    public function __construct(
        array $paints,
        array $weights,
        private readonly int $mostParts = 12,
        private readonly int $mostPaints = 3,
    ) {
        $this->paints = new PaintTable($paints, $weights);
    }

    /** @return list<Mix> the closest first; empty if there is no paint */
    public function closest(Lab $target, int $wanted = 1): array
    {
        $this->found = [];
        for ($paint = 0; $paint < $this->paints->count; $paint++) {
            $this->compute($target, [$paint, 1]);
        }
        if ($this->countOfMixes() <= self::ALL) {
            foreach ($this->allMixes() as $mix) {
                $this->compute($target, $mix);
            }
        } else {
            $this->search($target);
        }

        return $this->answers($wanted);
    }

    private function search(Lab $target): void
    {
        $space = new MixSpace($this->paints, $target, $this->mostParts, $this->mostPaints);
        $about = array_map(
            static fn (float $r): float => (1.0 - $r) ** 2 / (2.0 * $r),
            Upsampler::reflectanceOf($target),
        );
        $patience = max(1, min(self::PATIENCE, intdiv(self::PATIENCE_OF_ALL, $this->paints->count)));
        $centres = [];
        [$best, $without] = [INF, 0];
        while (true) {
            foreach ($space->near($about) as $mix) {
                $this->compute($target, $mix);
            }
            $nearest = $this->least();
            $without = $nearest < $best - 1e-6 ? 0 : $without + 1;
            $best = $nearest;
            // Close to the wanted colour the space is true; far from it, it is asked about several mixes.
            $centre = $best < self::CLOSE || $without >= $patience ? null : $this->centreBeside($centres);
            if ($centre === null) {
                break;
            }
            $about = $this->paints->ratioOf($centre);
        }
        $this->polish($target);
    }

    /**
     * The best mix of paints about which the space has not been laid yet.
     *
     * @param  array<string, true>  $centres  sets of paints that have been
     * @return list<int>|null
     */
    private function centreBeside(array &$centres): ?array
    {
        asort($this->found);
        foreach (array_keys($this->found) as $key) {
            $mix = self::decode($key);
            $paints = implode(' ', array_column(array_chunk($mix, 2), 0));
            if (! isset($centres[$paints])) {
                $centres[$paints] = true;

                return $mix;
            }
        }

        return null;
    }

    /** Tries what lies beside the best mix: other part counts, and another paint in place of each. */
    private function polish(Lab $target): void
    {
        do {
            $before = $this->least();
            $pairs = array_chunk(self::decode((string) array_search($before, $this->found, true)), 2);
            foreach ([...$this->otherParts($pairs), ...$this->otherPaints($pairs)] as $mix) {
                $this->compute($target, $mix);
            }
        } while ($this->least() < $before - 1e-9);
    }

    /**
     * @param  list<list<int>>  $pairs  paint and parts
     * @return list<list<int>>
     */
    private function otherParts(array $pairs): array
    {
        $changes = [[]];
        foreach ($pairs as [$paint, $parts]) {
            $longer = [];
            foreach ($changes as $mix) {
                foreach ([-2, -1, 0, 1, 2] as $change) {
                    $longer[] = [...$mix, $paint, $parts + $change];
                }
            }
            $changes = $longer;
        }

        return $changes;
    }

    /**
     * @param  list<list<int>>  $pairs  paint and parts
     * @return list<list<int>>
     */
    private function otherPaints(array $pairs): array
    {
        $others = array_diff(range(0, $this->paints->count - 1), array_column($pairs, 0));
        $mixes = [];
        foreach ($others as $other) {
            foreach ($pairs as $place => [, $parts]) {
                foreach ([-1, 0, 1] as $change) {
                    $mixes[] = array_merge(...array_replace($pairs, [$place => [$other, $parts + $change]]));
                }
            }
            for ($parts = 1; count($pairs) < $this->mostPaints && $parts <= 3; $parts++) {
                $mixes[] = array_merge(...[...$pairs, [$other, $parts]]);
            }
        }

        return $mixes;
    }

    /** @param  list<int>  $mix  paint, parts …; what is no mix, or too many parts, is left alone */
    private function compute(Lab $target, array $mix): void
    {
        $whole = 0;
        for ($place = 1, $size = count($mix); $place < $size; $place += 2) {
            if ($mix[$place] < 1) {
                return;
            }
            $whole += $mix[$place];
        }
        if ($whole <= $this->mostParts) {
            $mix = Parts::reduced($mix);
            $this->found[implode(' ', $mix)] ??= DeltaE2000::between($target, $this->paints->colourOf($mix));
        }
    }

    private function least(): float
    {
        return min([INF, ...array_values($this->found)]);
    }

    /** @return list<Mix> */
    private function answers(int $wanted): array
    {
        // What differs by rounding alone is alike: then fewer paints are better.
        $mixes = array_keys($this->found);
        $differences = array_map(static fn (float $difference): float => round($difference, 7), $this->found);
        $lengths = array_map(static fn (string|int $mix): int => substr_count((string) $mix, ' '), $mixes);
        array_multisort($differences, $lengths, $mixes);
        $answers = [];
        foreach (array_slice($mixes, 0, $wanted) as $key) {
            $difference = $this->found[$key];
            $parts = [];
            foreach (array_chunk(self::decode((string) $key), 2) as [$paint, $count]) {
                $parts[$paint] = $count;
            }
            $answers[] = new Mix($parts, $this->paints->colourOf(self::decode((string) $key)), $difference);
        }

        return $answers;
    }

    private function countOfMixes(): int
    {
        $pairs = intdiv($this->paints->count * ($this->paints->count - 1), 2);
        $threes = intdiv($pairs * ($this->paints->count - 2), 3);

        return $this->paints->count +
            ($this->mostPaints >= 2 ? $pairs * count(Parts::of(2, $this->mostParts)) : 0) +
            ($this->mostPaints >= 3 ? $threes * count(Parts::of(3, $this->mostParts)) : 0);
    }

    /** @return iterable<list<int>> of more than one paint */
    private function allMixes(): iterable
    {
        [$two, $three] = [Parts::of(2, $this->mostParts), Parts::of(3, $this->mostParts)];
        for ($i = 0; $i < $this->paints->count; $i++) {
            for ($j = $i + 1; $this->mostPaints >= 2 && $j < $this->paints->count; $j++) {
                foreach ($two as [$a, $b]) {
                    yield [$i, $a, $j, $b];
                }
                for ($k = $j + 1; $this->mostPaints >= 3 && $k < $this->paints->count; $k++) {
                    foreach ($three as [$a, $b, $c]) {
                        yield [$i, $a, $j, $b, $k, $c];
                    }
                }
            }
        }
    }

    /** @return list<int> */
    private static function decode(string $mix): array
    {
        return array_map(intval(...), explode(' ', $mix));
    }
}
