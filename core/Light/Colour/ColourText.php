<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

/** A colour as somebody types it. */
final class ColourText
{
    /** @return Lab|null from "#566043" or "566043", or from L*, a*, b* as in "38.9 -9 14,5"; null: it is neither */
    public static function read(string $text): ?Lab
    {
        $text = trim($text);
        if (preg_match('/^#?([0-9a-f]{6})$/i', $text, $hex) === 1) {
            return Lab::fromHex('#'.strtolower($hex[1]));
        }
        // A comma within a number is a decimal one where numbers are parted by something else.
        $numbers = preg_split('/[\s;\/]+|,\s+/', $text, -1, PREG_SPLIT_NO_EMPTY);
        if ($numbers === false || count($numbers) !== 3) {
            $numbers = explode(',', $text);
        }
        $lab = [];
        foreach ($numbers as $number) {
            $number = str_replace([',', '−'], ['.', '-'], trim($number));
            if (preg_match('/^[-+]?\d{1,3}(\.\d{1,17})?$/', $number) !== 1) {
                return null;
            }
            $lab[] = (float) $number;
        }
        if (count($lab) !== 3 || $lab[0] < 0.0 || $lab[0] > 100.0 || max(abs($lab[1]), abs($lab[2])) > 160.0) {
            return null;
        }

        return new Lab(...$lab);
    }
}
