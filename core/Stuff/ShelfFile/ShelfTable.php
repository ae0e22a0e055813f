<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

use Ulvrach\Stuff\Material\LabelSign;

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
            $lines[] = array_map(static fn (Column $column) => self::cell($row, $column), Column::cases());
        }

        return Csv::write($lines);
    }

    /**
     * @param  array<string, int>|null  $map  by column: the place of its heading; null: as the headings say
     */
    public static function read(string $text, ?array $map = null): self
    {
        $lines = Csv::lines(PaletteFile::isOne($text) ? PaletteFile::table($text) : $text);
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
            Column::Role => $row->stock->role?->label(),
        };
    }
}
