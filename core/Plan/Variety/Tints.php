<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\Palette;

/** What can be mixed of a few jars in equal parts: each by itself, every pair, every three. n jars give n(n² + 5)/6. */
final readonly class Tints
{
    /** More jars give more mixes than anybody can keep apart. */
    public const MOST_JARS = 6;

    /** CIEDE2000 below which two mixes side by side look the same; docs/sources.md, "seen side by side". */
    private const ALIKE = 3.0;

    /** @var list<Product> each mix as a product; one of a single jar is that jar */
    public array $mixes;

    /** @var list<Lab> */
    public array $colours;

    /** @var list<list<string>> ids of the jars in each mix, a part of each */
    public array $jars;

    /** @param  list<Product>  $jars  of one family and with a colour, at most MOST_JARS */
    public function __construct(array $jars)
    {
        $palette = new Palette($jars);
        [$mixes, $colours, $ids] = [[], [], []];
        foreach (self::sets(count($jars)) as $set) {
            $of = array_map(static fn (int $place) => $jars[$place], $set);
            $paint = $palette->mixed(array_fill_keys(array_map(static fn (Product $jar) => $jar->id, $of), 1));
            if ($paint === null) {
                continue;
            }
            $colour = Palette::colourOf($paint);
            $mixes[] = count($of) === 1 ? $of[0] : self::product($of);
            $colours[] = count($of) === 1 ? ($of[0]->material->colour ?? $colour) : $colour;
            $ids[] = array_map(static fn (Product $jar) => $jar->id, $of);
        }
        $this->mixes = $mixes;
        $this->colours = $colours;
        $this->jars = $ids;
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

    /** @param  non-empty-list<Product>  $jars */
    private static function product(array $jars): Product
    {
        $name = implode(' + ', array_map(static fn (Product $jar) => $jar->name, $jars));
        $parts = array_map(static fn (Product $jar) => [$jar, 1], $jars);

        // The same mix is the same product, whichever panels it goes on.
        return (new Cup($parts))->product('mix-'.hash('xxh32', $name), $name);
    }
}
