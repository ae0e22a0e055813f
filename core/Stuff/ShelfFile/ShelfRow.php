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
        $says = static fn (Column $column): bool => isset($map[$column->value]);
        $material = $this->material;
        $isFamily = $says(Column::Family);

        return new self(
            $this->name,
            new Material(
                family: $isFamily ? $material->family : $known->family,
                carrier: $isFamily || $says(Column::Carrier) ? $material->carrier : $known->carrier,
                sheen: $says(Column::Sheen) ? $material->sheen : $known->sheen,
                colour: $says(Column::Colour) ? $material->colour : $known->colour,
                opacity: $says(Column::Opacity) ? $material->opacity : $known->opacity,
                times: $known->times,
                metallic: $says(Column::Metallic) ? $material->metallic : $known->metallic,
            ),
            new Stock(
                leftMl: $says(Column::Left) ? $this->stock->leftMl : $stock->leftMl,
                price: $says(Column::Price) ? $this->stock->price : $stock->price,
                openedOn: $says(Column::OpenedOn) ? $this->stock->openedOn : $stock->openedOn,
                keepsMonths: $says(Column::Keeps) ? $this->stock->keepsMonths : $stock->keepsMonths,
                note: $says(Column::Note) ? $this->stock->note : $stock->note,
                thinner: $says(Column::Thinner) ? $this->stock->thinner : $stock->thinner,
                thinnedOn: $says(Column::ThinnedOn) ? $this->stock->thinnedOn : $stock->thinnedOn,
                signs: $says(Column::Signs) ? $this->stock->signs : $stock->signs,
                isWithdrawn: $says(Column::Withdrawn) ? $this->stock->isWithdrawn : $stock->isWithdrawn,
                holdsMl: $says(Column::Holds) ? $this->stock->holdsMl : $stock->holdsMl,
                role: $says(Column::Role) ? $this->stock->role : $stock->role,
            ),
        );
    }
}
