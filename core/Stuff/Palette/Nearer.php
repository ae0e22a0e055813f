<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\Product;

/** What to add to a cup that is mixed already, so that it comes nearer to a colour: nothing can be taken out again. */
final readonly class Nearer
{
    /** Parts of one jar that are added at most; of two, and how many of the best are tried in twos. */
    private const MOST = 8;

    private const MOST_OF_TWO = 4;

    private const IN_TWOS = 5;

    /** CIEDE2000 by which a cup must come nearer for it to be worth a word. */
    private const NOTICEABLE = 0.3;

    private function __construct(
        private Paint $paint,
        private int $whole,
        private BinderFamily $family,
        private Lab $wanted,
    ) {
    }

    /**
     * @param  list<Product>  $jars  of which something may be added; those of another family are left out
     * @return list<Suggestion> parts to be added, the best first; empty: nothing brings it noticeably nearer
     */
    public static function to(Lab $wanted, Cup $cup, array $jars, int $count = 3): array
    {
        $paint = $cup->paint();
        if ($paint === null) {
            return [];
        }
        $family = $cup->jars()[0]->material->family;
        $before = $wanted->differenceTo(Palette::colourOf($paint));
        $found = (new self($paint, $cup->whole(), $family, $wanted))->found($jars);
        $worth = array_filter(
            $found,
            static fn (Suggestion $adds) => $adds->difference < $before - self::NOTICEABLE,
        );

        return array_slice(array_values($worth), 0, $count);
    }

    /**
     * @param  list<Product>  $jars
     * @return list<Suggestion> the best first
     */
    private function found(array $jars): array
    {
        $byId = $single = [];
        foreach ($jars as $jar) {
            if ($jar->material->family === $this->family && Palette::isMixed($jar->material)) {
                $byId[$jar->id] = $jar;
                $single[] = $this->best(
                    array_map(fn (int $more) => $this->with([[$jar, $more]]), range(1, self::MOST)),
                );
            }
        }
        $found = self::sorted($single);
        $best = array_map(
            static fn (Suggestion $adds) => $byId[(string) array_key_first($adds->parts)],
            array_slice($found, 0, self::IN_TWOS),
        );
        foreach ($best as $place => $one) {
            foreach (array_slice($best, $place + 1) as $other) {
                $both = [];
                for ($a = 1; $a <= self::MOST_OF_TWO; $a++) {
                    for ($b = 1; $b <= self::MOST_OF_TWO; $b++) {
                        $both[] = $this->with([[$one, $a], [$other, $b]]);
                    }
                }
                $found[] = $this->best($both);
            }
        }

        return self::sorted($found);
    }

    /** @param  list<array{Product, int}>  $adds */
    private function with(array $adds): Suggestion
    {
        $scattering = $this->whole * $this->paint->scattering;
        $absorption = array_map(fn (float $k): float => $this->whole * $k, $this->paint->absorption);
        $parts = [];
        foreach ($adds as [$jar, $more]) {
            $paint = Palette::paint($jar);
            $scattering += $more * $paint->scattering;
            foreach ($paint->absorption as $band => $k) {
                $absorption[$band] += $more * $k;
            }
            $parts[$jar->id] = $more;
        }
        $colour = Palette::colourOf(new Paint($scattering, array_values($absorption)));

        return new Suggestion($this->family, $parts, $colour, $this->wanted->differenceTo($colour));
    }

    /** @param  non-empty-list<Suggestion>  $suggestions */
    private function best(array $suggestions): Suggestion
    {
        $best = $suggestions[0];
        foreach ($suggestions as $suggestion) {
            $best = Palette::cost($suggestion) < Palette::cost($best) ? $suggestion : $best;
        }

        return $best;
    }

    /**
     * @param  list<Suggestion>  $suggestions
     * @return list<Suggestion>
     */
    private static function sorted(array $suggestions): array
    {
        usort(
            $suggestions,
            static fn (Suggestion $one, Suggestion $other) => Palette::cost($one) <=> Palette::cost($other),
        );

        return $suggestions;
    }
}
