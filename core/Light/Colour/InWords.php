<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

/** How one colour differs from another, as somebody at the bench would say it. */
final class InWords
{
    /** CIEDE2000 that is not seen even side by side, is just seen, is plain; beyond that it is another colour. */
    private const UNSEEN = 1.0;

    private const FAINT = 2.5;

    private const PLAIN = 6.0;

    /** Parts of a difference smaller than this share of the largest are not worth a word. */
    private const WORTH = 0.45;

    /** CIELAB: chroma without a hue, and with no more than a tinge of one. */
    private const NO_HUE = 4.0;

    private const TINGED = 11.0;

    private const EARTHY = 6.0;

    /** What a colour would be called across a table: "dark olive", "pale sand", "green-grey". */
    public static function named(Lab $colour): string
    {
        $how = match (true) {
            $colour->l < 18.0 => 'nearly black ',
            $colour->l < 35.0 => 'dark ',
            $colour->l < 62.0 => '',
            $colour->l < 78.0 => 'light ',
            default => 'pale ',
        };
        if ($colour->chroma() < self::NO_HUE) {
            return match (true) {
                $colour->l > 85.0 => 'white',
                $colour->l < 16.0 => 'black',
                default => "{$how}grey",
            };
        }
        $hue = $colour->hue();
        $name = match (true) {
            $hue < 35.0, $hue >= 340.0 => 'red',
            $hue < 66.0 => $colour->l < 52.0 ? 'red-brown' : 'orange',
            $hue < 98.0 => $colour->l < 52.0 ? 'brown' : 'sand',
            $hue < 116.0 => 'olive',
            $hue < 170.0 => 'green',
            $hue < 290.0 => 'blue',
            default => 'violet',
        };

        $isTinged = $colour->chroma() < self::TINGED;

        return $how.match (true) {
            $isTinged && ($name === 'red-brown' || $name === 'orange') => 'brown-grey',
            // Earths are that with little colour, too.
            $name === 'sand' && $colour->chroma() < self::EARTHY => 'grey',
            in_array($name, ['brown', 'sand', 'olive'], true), ! $isTinged => $name,
            default => "{$name}-grey",
        };
    }

    /** "a little lighter and greener than wanted": what the second has that the first has not */
    public static function ofDifference(Lab $wanted, Lab $other): string
    {
        $difference = $wanted->differenceTo($other);
        if ($difference < self::UNSEEN) {
            return 'not to be told apart';
        }
        $words = self::words($wanted, $other);
        $much = match (true) {
            $difference < self::FAINT => 'a trace ',
            $difference < self::PLAIN => 'a little ',
            default => 'much ',
        };

        return $much.implode(' and ', $words);
    }

    /** @return list<string> the largest first, at most two */
    private static function words(Lab $wanted, Lab $other): array
    {
        // Each part alone, measured by the same formula, so that they can be weighed against each other.
        $lighter = $wanted->differenceTo(new Lab($other->l, $wanted->a, $wanted->b));
        [$from, $to] = [$wanted->chroma(), $other->chroma()];
        $parts = [$other->l > $wanted->l ? 'lighter' : 'darker' => $lighter];
        if ($from < self::GREY || $to < self::GREY) {
            $parts[self::tint($other->a - $wanted->a, $other->b - $wanted->b)] = $wanted->differenceTo(
                new Lab($wanted->l, $other->a, $other->b),
            );
        } else {
            $share = $to / $from;
            $parts[$to > $from ? 'stronger' : 'more faded'] = $wanted->differenceTo(
                new Lab($wanted->l, $share * $wanted->a, $share * $wanted->b),
            );
            $turned = new Lab($wanted->l, $other->a / $share, $other->b / $share);
            $parts[self::turn($wanted->hue(), $turned->hue())] = $wanted->differenceTo($turned);
        }
        arsort($parts);
        $least = self::WORTH * max($parts);

        return array_slice(array_keys(array_filter($parts, static fn (float $part) => $part >= $least)), 0, 2);
    }

    /** Chroma below which a colour has no hue to speak of. */
    private const GREY = 4.0;

    /** Where a hue goes that turns: the next of the four that lies ahead. */
    private static function turn(float $from, float $to): string
    {
        $isRight = fmod($to - $from + 540.0, 360.0) >= 180.0;
        $ahead = array_map(
            static fn (float $hue): float => fmod(($isRight ? $hue - $to : $to - $hue) + 720.0, 360.0),
            self::HUES,
        );

        return (string) array_search(min($ahead), $ahead, true);
    }

    /** Degrees of what is called red, yellow, green, blue and nothing else (Hering's four, in CIELAB). */
    private const HUES = ['redder' => 24.0, 'yellower' => 92.0, 'greener' => 162.0, 'bluer' => 246.0];

    private static function tint(float $a, float $b): string
    {
        return match (true) {
            abs($b) >= abs($a) => $b > 0.0 ? 'yellower' : 'bluer',
            default => $a > 0.0 ? 'redder' : 'greener',
        };
    }
}
