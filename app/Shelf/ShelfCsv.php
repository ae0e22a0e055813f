<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Jar;

/** A shelf as a table that spreadsheets open. */
final class ShelfCsv
{
    private const COLUMNS = [
        'name',
        'family',
        'carrier',
        'sheen',
        'colour',
        'opacity',
        'metallic',
        'left ml',
        'price',
        'opened on',
        'keeps months',
        'note',
    ];

    /** @param  list<Jar>  $jars */
    public static function write(array $jars): string
    {
        $file = fopen('php://temp', 'r+b') ?: throw new \RuntimeException('There is no room for a table.');
        fputcsv($file, self::COLUMNS, escape: '');
        foreach ($jars as $jar) {
            $material = $jar->product->material;
            fputcsv(
                $file,
                array_map(self::harmless(...), [
                    $jar->product->name,
                    $material->family->value,
                    $material->carrier?->value,
                    $material->sheen?->value,
                    $material->colour?->toHex(),
                    $material->opacity,
                    $material->metallic ? 'yes' : '',
                    $jar->left_ml,
                    $jar->price,
                    $jar->opened_on?->format('Y-m-d'),
                    $jar->keeps_months,
                    $jar->note,
                ]),
                escape: '',
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** A spreadsheet would compute what begins like a formula. */
    private static function harmless(string|int|float|null $cell): string
    {
        $text = (string) $cell;

        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;
    }
}
