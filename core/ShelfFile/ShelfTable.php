<?php

declare(strict_types=1);

namespace Ulvrach\ShelfFile;

use Ulvrach\Material\LabelSign;

/** A shelf as a table of text, such as spreadsheets read and write. */
final readonly class ShelfTable
{
    /** Rows that are read at most, and how many faults are named. */
    private const MOST_ROWS = 1_000;

    private const MOST_FAULTS = 40;

    /** Columns of a table at most. */
    private const MOST_COLUMNS = 60;

    /**
     * @param  list<string>  $headings
     * @param  array<string, int>  $map  by column: the place of its heading
     * @param  list<ShelfRow>  $rows  those that could be read
     * @param  list<array{row: int, column: string|null, message: string}>  $faults  rows as a spreadsheet counts them
     */
    private function __construct(public array $headings, public array $map, public array $rows, public array $faults)
    {
    }

    /** @param  list<ShelfRow>  $rows */
    public static function write(array $rows): string
    {
        $lines = [array_map(static fn (Column $column) => $column->heading(), Column::cases())];
        foreach ($rows as $row) {
            $lines[] = array_map(
                static fn (Column $column): string => self::harmless(self::cell($row, $column)),
                Column::cases(),
            );
        }
        $quoted = static fn (string $cell): string => preg_match('/[",;\s]/', $cell) === 1
            ? '"'.str_replace('"', '""', $cell).'"'
            : $cell;

        return implode(
            '',
            array_map(static fn (array $line) => implode(',', array_map($quoted, $line))."\n", $lines),
        );
    }

    /**
     * @param  array<string, int>|null  $map  by column: the place of its heading; null: as the headings say
     */
    public static function read(string $text, ?array $map = null): self
    {
        // What old spreadsheets write is no UTF-8.
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = (string) mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $lines = self::lines((string) preg_replace('/^\x{FEFF}/u', '', $text));
        $headings = array_slice(array_map(trim(...), array_shift($lines) ?? []), 0, self::MOST_COLUMNS);
        $map = self::mapped($headings, $map);
        $rows = $faults = [];
        if (! isset($map[Column::Name->value])) {
            $faults[] = ['row' => 1, 'column' => Column::Name->value, 'message' => 'Which column names the jar?'];
        }
        if (count($lines) > self::MOST_ROWS) {
            $faults[] = ['row' => self::MOST_ROWS + 2, 'column' => null, 'message' => 'More than 1000 jars.'];
        }
        foreach (array_slice($lines, 0, self::MOST_ROWS) as $place => $cells) {
            $reader = new RowReader($cells, $map);
            $row = $reader->row();
            foreach ($reader->faults() as [$column, $message]) {
                $faults[] = ['row' => $place + 2, 'column' => $column->value, 'message' => $message];
            }
            if ($row !== null) {
                $rows[] = $row;
            }
        }

        return new self($headings, $map, $rows, array_slice($faults, 0, self::MOST_FAULTS));
    }

    /** @return list<list<string>> without empty ones */
    private static function lines(string $text): array
    {
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

    /**
     * @param  list<string>  $headings
     * @param  array<string, int>|null  $wanted
     * @return array<string, int>
     */
    private static function mapped(array $headings, ?array $wanted): array
    {
        $map = [];
        foreach ($wanted ?? [] as $column => $place) {
            if (Column::tryFrom($column) !== null && isset($headings[$place])) {
                $map[$column] = $place;
            }
        }
        foreach ($wanted === null ? $headings : [] as $place => $heading) {
            $column = Column::called($heading);
            if ($column !== null) {
                $map[$column->value] ??= $place;
            }
        }

        return $map;
    }

    private static function cell(ShelfRow $row, Column $column): string
    {
        $material = $row->material;

        return (string) match ($column) {
            Column::Name => $row->name,
            Column::Family => $material->family->value,
            Column::Carrier => $material->carrier?->value,
            Column::Sheen => $material->sheen?->value,
            Column::Colour => $material->colour?->toHex(),
            Column::Opacity => $material->opacity === null ? null : round(100.0 * $material->opacity, 1),
            Column::Metallic => $material->metallic ? 'yes' : null,
            Column::Left => $row->stock->leftMl,
            Column::Price => $row->stock->price,
            Column::OpenedOn => $row->stock->openedOn,
            Column::Keeps => $row->stock->keepsMonths,
            Column::Note => $row->stock->note,
            Column::Thinner => $row->stock->thinner,
            Column::ThinnedOn => $row->stock->thinnedOn,
            Column::Signs => implode('; ', array_map(static fn (LabelSign $of) => $of->says(), $row->stock->signs)),
            Column::Withdrawn => $row->stock->isWithdrawn ? 'yes' : null,
            Column::Holds => $row->stock->holdsMl,
        };
    }

    /** A spreadsheet would compute what begins like a formula. */
    private static function harmless(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;
    }
}
