<?php

declare(strict_types=1);

namespace Ulvrach\ShelfFile;

use Ulvrach\Material\Material;

/** A jar as a row of a table. */
final readonly class ShelfRow
{
    /**
     * @param  float|null  $left  ml
     * @param  float|null  $price  in whatever money its owner counts
     * @param  string|null  $openedOn  as in 2026-11-20
     * @param  int|null  $keeps  months, once it is open
     */
    public function __construct(
        public string $name,
        public Material $material,
        public ?float $left = null,
        public ?float $price = null,
        public ?string $openedOn = null,
        public ?int $keeps = null,
        public string $note = '',
    ) {
    }
}
