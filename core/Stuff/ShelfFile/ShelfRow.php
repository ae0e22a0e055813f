<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Stock;

/** A jar as a row of a table. */
final readonly class ShelfRow
{
    public function __construct(public string $name, public Material $material, public Stock $stock = new Stock())
    {
    }

    /**
     * The same for a jar that is known already: what the table does not speak of stays as it was.
     *
     * @param  array<string, int>  $map  the columns of the table, by their codes
     */
    public function onto(Material $known, Stock $stock, array $map): self
    {
        // A jar of another family is thinned otherwise, whether the table speaks of it or not.
        $map += isset($map[Column::Family->value]) ? [Column::Carrier->value => 0] : [];

        return new self(
            $this->name,
            $known->with(...self::said($this->material, Column::ofMaterial(), $map)),
            $stock->with(...self::said($this->stock, Column::ofStock(), $map)),
        );
    }

    /**
     * @param  array<string, Column>  $columns  by field
     * @param  array<string, int>  $map  the columns of the table, by their codes
     * @return array<string, mixed> by field: what the table says of it
     */
    private static function said(Material|Stock $of, array $columns, array $map): array
    {
        $said = array_filter($columns, static fn (Column $column): bool => isset($map[$column->value]));

        return array_intersect_key(get_object_vars($of), $said);
    }
}
