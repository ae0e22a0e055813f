<?php

declare(strict_types=1);

namespace Ulvrach\ShelfFile;

use Ulvrach\Material\Product;

/** Colours as a palette of the GPL kind: three numbers from 0 to 255 and a name a line. */
final class PaletteFile
{
    /** @param  list<Product>  $jars  clear ones are left out */
    public static function write(string $name, array $jars): string
    {
        $lines = ['GIMP Palette', "Name: {$name}", 'Columns: 8', '#'];
        foreach ($jars as $jar) {
            $hex = $jar->material->colour?->toHex();
            if ($hex !== null) {
                [$red, $green, $blue] = array_map(hexdec(...), str_split(substr($hex, 1), 2));
                $plain = trim((string) preg_replace('/\s+/', ' ', $jar->name));
                $lines[] = sprintf("%3d %3d %3d\t%s", $red, $green, $blue, $plain);
            }
        }

        return implode("\n", $lines)."\n";
    }
}
