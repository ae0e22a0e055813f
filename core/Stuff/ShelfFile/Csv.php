<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

/** Tables as text, as spreadsheets write and read them. */
final class Csv
{
    /** @param  list<list<string>>  $lines */
    public static function write(array $lines): string
    {
        $quoted = static fn (string $cell): string => preg_match('/[",;\s]/', $cell) === 1
            ? '"'.str_replace('"', '""', $cell).'"'
            : $cell;
        $text = '';
        foreach ($lines as $line) {
            $text .= implode(',', array_map(static fn (string $cell) => $quoted(self::harmless($cell)), $line))."\n";
        }

        return $text;
    }

    /** @return list<list<string>> without empty ones */
    public static function lines(string $text): array
    {
        // What old spreadsheets write is no UTF-8.
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = (string) mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
        $first = strtok($text, "\r\n");
        $counts = [];
        foreach ([',', ';', "\t", '|'] as $sign) {
            $counts[$sign] = substr_count((string) $first, $sign);
        }
        $separator = (string) array_search(max($counts), $counts, true);
        $lines = [];
        $open = '';
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            // A cell in quotes may go on in the next line.
            $open .= $open === '' ? $line : "\n{$line}";
            if (substr_count($open, '"') % 2 === 1) {
                continue;
            }
            $cells = array_map(static fn (?string $cell) => (string) $cell, str_getcsv($open, $separator, escape: ''));
            if (trim(implode('', $cells)) !== '') {
                $lines[] = $cells;
            }
            $open = '';
        }

        return $lines;
    }

    /** A spreadsheet would compute what begins like a formula. */
    private static function harmless(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;
    }
}
