<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Stock;

/** Reads one row of a table, and remembers what of it cannot be read. */
final class RowReader
{
    private const LONGEST_NAME = 120;

    private const LONGEST_NOTE = 500;

    private const DEAREST = 100_000.0;

    private const LARGEST = 100_000.0;

    /** @var list<array{Column, string}> */
    private array $faults = [];

    /**
     * @param  list<string>  $cells
     * @param  array<string, int>  $map  by column: its place in the row
     */
    public function __construct(private readonly array $cells, private readonly array $map)
    {
    }

    /** @return list<array{Column, string}> what is wrong, in the order of the columns */
    public function faults(): array
    {
        return $this->faults;
    }

    /** Null if something in it cannot be read. Paint of which nobody says the family is waterborne, as most is. */
    public function row(): ?ShelfRow
    {
        // What a table protects from being computed begins with a quote.
        $name = ltrim($this->text(Column::Name), "'");
        $length = mb_strlen($name);
        $this->must(Column::Name, $length > 0, 'The jar has no name.');
        $this->must(Column::Name, $length <= self::LONGEST_NAME, 'A name has at most 120 letters.');
        $family = $this->said(Column::Family, Cells::family(...), 'is no family of paint that is known here.');
        $family ??= BinderFamily::WaterborneAcrylic;
        $carrier = $this->said(Column::Carrier, Cells::carrier(...), 'is no thinner that is known here.');
        $sheen = $this->said(Column::Sheen, Cells::sheen(...), 'is neither gloss, satin nor matte.');
        $colour = $this->said(Column::Colour, ColourText::read(...), 'is no colour: #rrggbb, or L*, a* and b*.');
        $opacity = $this->said(Column::Opacity, Cells::share(...), 'is no share from 0 to 100 %.');
        $metallic = $this->said(Column::Metallic, Cells::yes(...), 'is neither yes nor no.');
        $left = $this->said(Column::Left, Cells::millilitres(...), 'is no amount: 17 ml, 1.7 cl.');
        $price = $this->said(Column::Price, Cells::number(...), 'is no price.');
        $openedOn = $this->said(Column::OpenedOn, Cells::day(...), 'is no day: 2026-11-20, 20.11.2026.');
        $keeps = $this->said(Column::Keeps, Cells::months(...), 'are no months, from 1 to 600.');
        $note = ltrim($this->text(Column::Note), "'");
        $thinner = ltrim($this->text(Column::Thinner), "'");
        $thinnedOn = $this->said(Column::ThinnedOn, Cells::day(...), 'is no day: 2026-11-20, 20.11.2026.');
        $signs = $this->said(Column::Signs, Cells::signs(...), 'is no warning: flammable, irritates, toxic …');
        $withdrawn = $this->said(Column::Withdrawn, Cells::yes(...), 'is neither yes nor no.');
        $holds = $this->said(Column::Holds, Cells::millilitres(...), 'is no amount: 17 ml, 1.7 cl.');
        $role = $this->said(Column::Role, JarRole::called(...), 'is no use of a jar: primer, paint, wash …');
        $isSize = $holds === null || ($holds > 0.0 && $holds <= self::LARGEST);
        $this->must(Column::Holds, $isSize, 'A jar holds something, and at most 100 litres.');
        $this->must(Column::Left, $left === null || $left <= self::LARGEST, 'No jar holds more than 100 litres.');
        $this->must(
            Column::Price,
            $price === null || ($price >= 0.0 && $price <= self::DEAREST),
            'A price lies between 0 and 100000.',
        );
        $this->must(Column::Thinner, mb_strlen($thinner) <= self::LONGEST_NAME, 'At most 120 letters.');
        $this->must(Column::Note, mb_strlen($note) <= self::LONGEST_NOTE, 'A note has at most 500 letters.');
        if ($this->faults !== []) {
            return null;
        }
        $carrier ??= $family->usualCarrier();

        return new ShelfRow(
            $name,
            new Material($family, $carrier, $sheen, $colour, $opacity, metallic: $metallic ?? false),
            new Stock(
                $left,
                $price,
                $openedOn,
                $keeps,
                $note,
                $thinner,
                $thinnedOn,
                $signs ?? [],
                $withdrawn ?? false,
                $holds,
                $role,
            ),
        );
    }

    private function text(Column $column): string
    {
        return trim($this->cells[$this->map[$column->value] ?? -1] ?? '');
    }

    private function must(Column $column, bool $isSo, string $otherwise): void
    {
        if (! $isSo) {
            $this->faults[] = [$column, $otherwise];
        }
    }

    /**
     * @template T
     *
     * @param  callable(string): (T|null)  $reader  null: it cannot be read
     * @return T|null null as well where nothing is said
     */
    private function said(Column $column, callable $reader, string $otherwise): mixed
    {
        $text = $this->text($column);
        $value = $text === '' ? null : $reader($text);
        $this->must($column, $text === '' || $value !== null, '“'.mb_substr($text, 0, 60)."” {$otherwise}");

        return $value;
    }
}
