<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\Palette;

/**
 * What a few jars give for panels. In equal parts: each by itself, every pair, every three; n jars give n(n² + 5)/6. Or
 * tones of the first of them that are so far from each other and no farther: it with a little of one
 * or two of the others.
 */
final readonly class Tints
{
    /** More jars give more mixes than anybody can keep apart. */
    public const MOST_JARS = 6;

    /** CIEDE2000 below which two mixes side by side look the same; docs/sources.md, "seen side by side". */
    private const ALIKE = 2.0;

    /** Parts of the first jar for one of another: as drops are counted into a cup. */
    private const STRENGTHS = [40, 32, 24, 20, 16, 12, 10, 8, 7, 6, 5, 4, 3, 2, 1];

    /** As many tones as any map needs. */
    private const ENOUGH = 4;

    /** Tones of one colour that anybody would mix for one model. */
    private const MOST_TONES = 12;

    /**
     * @param  list<Product>  $mixes  each mix as a product; one of a single jar is that jar
     * @param  list<Lab>  $colours
     * @param  list<array<string, int>>  $parts  by id of a jar, what is in each mix of it
     */
    private function __construct(public array $mixes, public array $colours, public array $parts)
    {
    }

    /** @param  list<Product>  $jars  of one family and with a colour, at most MOST_JARS */
    public static function inEqualParts(array $jars): self
    {
        $sets = array_map(
            static fn (array $set) => array_map(static fn (int $place) => [$jars[$place], 1], $set),
            self::sets(count($jars)),
        );

        return self::mixed($jars, $sets);
    }

    /** @param  non-empty-list<Product>  $jars  of one family and with a colour; the first is the one that is varied */
    public static function within(array $jars, Band $band): self
    {
        if ($band === Band::Strongly) {
            return self::inEqualParts($jars);
        }
        $cups = [[[$jars[0], 1]]];
        foreach (self::sets(count($jars) - 1) as $set) {
            // Two others at the most: a third only makes it grey.
            foreach (count($set) > 2 ? [] : self::STRENGTHS as $parts) {
                $little = array_map(static fn (int $place) => [$jars[$place + 1], 1], $set);
                $cups[] = [[$jars[0], $parts], ...$little];
            }
        }
        $all = self::mixed($jars, $cups);
        if ($all->colours === []) {
            return $all;
        }
        $kept = [];
        // Where hardly any fit into the band, a little farther apart is better than two neighbours alike.
        for ($most = $band->most(); count($kept) < self::ENOUGH && $most <= 2.0 * $band->most(); $most++) {
            $kept = self::apart($all->colours, $band->least(), $most);
        }

        return new self(
            array_map(static fn (int $place) => $all->mixes[$place], $kept),
            array_map(static fn (int $place) => $all->colours[$place], $kept),
            array_map(static fn (int $place) => $all->parts[$place], $kept),
        );
    }

    /**
     * As many of some colours as are found that are so far from each other and no farther, the first always among them:
     * begun with each of the others in turn, and then whichever is nearest.
     *
     * @param  non-empty-list<Lab>  $colours
     * @return list<int> places
     */
    private static function apart(array $colours, float $least, float $most): array
    {
        $near = [];
        foreach ($colours as $place => $colour) {
            $away = $colour->differenceTo($colours[0]);
            if ($away >= $least && $away <= $most) {
                $near[$place] = $away;
            }
        }
        asort($near);
        $best = [0];
        foreach (array_keys($near) as $second) {
            $kept = [0, $second];
            foreach (array_keys($near) as $place) {
                foreach ($kept as $other) {
                    $away = $place === $other ? 0.0 : $colours[$place]->differenceTo($colours[$other]);
                    if ($away < $least || $away > $most) {
                        continue 2;
                    }
                }
                $kept[] = $place;
            }
            $best = count($kept) > count($best) ? array_slice($kept, 0, self::MOST_TONES) : $best;
        }

        return $best;
    }

    /**
     * @param  list<Product>  $jars
     * @param  list<non-empty-list<array{Product, int}>>  $cups  jars with their parts
     */
    private static function mixed(array $jars, array $cups): self
    {
        $palette = new Palette($jars);
        [$mixes, $colours, $parts] = [[], [], []];
        foreach ($cups as $cup) {
            $in = [];
            foreach ($cup as [$jar, $count]) {
                $in[$jar->id] = $count;
            }
            $paint = $palette->mixed($in);
            if ($paint === null) {
                continue;
            }
            $only = count($cup) === 1 ? $cup[0][0] : null;
            $mixes[] = $only ?? self::product($cup);
            $colours[] = $only?->material->colour ?? Palette::colourOf($paint);
            $parts[] = $in;
        }

        return new self($mixes, $colours, $parts);
    }

    /** How many of them are told apart, one beside the other. */
    public function toldApart(): int
    {
        $apart = [];
        foreach ($this->colours as $colour) {
            foreach ($apart as $other) {
                if ($colour->differenceTo($other) < self::ALIKE) {
                    continue 2;
                }
            }
            $apart[] = $colour;
        }

        return count($apart);
    }

    /** @return list<non-empty-list<int>> of the numbers below $count: each, each pair, each three */
    private static function sets(int $count): array
    {
        [$ones, $twos, $threes] = [[], [], []];
        for ($one = 0; $one < $count; $one++) {
            $ones[] = [$one];
            for ($two = $one + 1; $two < $count; $two++) {
                $twos[] = [$one, $two];
                for ($three = $two + 1; $three < $count; $three++) {
                    $threes[] = [$one, $two, $three];
                }
            }
        }

        return [...$ones, ...$twos, ...$threes];
    }

    /** @param  non-empty-list<array{Product, int}>  $cup */
    private static function product(array $cup): Product
    {
        $isEven = count(array_unique(array_column($cup, 1))) === 1;
        $name = implode(' + ', array_map(
            static fn (array $part) => $isEven ? $part[0]->name : "{$part[1]} {$part[0]->name}",
            $cup,
        ));

        // The same mix is the same product, whichever panels it goes on.
        return (new Cup($cup))->product('mix-'.hash('xxh32', $name), $name);
    }
}
