<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

use Ulvrach\Stuff\Material\Product;

/** Colours as a palette of the GPL kind: three numbers from 0 to 255 and a name a line. */
final class PaletteFile
{
    private const HEAD = 'GIMP Palette';

    /** @param  list<Product>  $jars  clear ones are left out */
    public static function write(string $name, array $jars): string
    {
        $lines = [self::HEAD, "Name: {$name}", 'Columns: 8', '#'];
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

    public static function isOne(string $text): bool
    {
        return str_starts_with(ltrim($text, "\u{FEFF} \r\n\t"), self::HEAD);
    }

    /** @return string a table of names and colours, as ShelfTable reads it; what has no name is called by its colour */
    public static function table(string $text): string
    {
        $lines = [[Column::Name->heading(), Column::Colour->heading()]];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            if (preg_match('/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/', $line, $said) !== 1) {
                continue;
            }
            $hex = sprintf('#%02x%02x%02x', ...array_map(static fn (string $of) => min(255, (int) $of), [
                $said[1],
                $said[2],
                $said[3],
            ]));
            $name = trim($said[4] ?? '');
            $lines[] = [$name === '' || strtolower($name) === 'untitled' ? $hex : $name, $hex];
        }

        return Csv::write($lines);
    }
}
