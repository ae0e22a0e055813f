<?php

declare(strict_types=1);

namespace Ulvrach\PlanFile;

use Ulvrach\Material\Product;

/** A jar on somebody's shelf, with what only its owner knows of it. */
final readonly class OwnJar
{
    /**
     * @param  float|null  $leftMl  null: nobody has looked
     * @param  float|null  $price  in whatever money its owner counts
     * @param  string|null  $openedOn  a day such as 2026-11-20; null: it is closed
     * @param  int|null  $keepsMonths  once it is open
     */
    public function __construct(
        public Product $product,
        public ?float $leftMl,
        public ?float $price,
        public ?string $openedOn,
        public ?int $keepsMonths,
        public string $note,
    ) {
    }
}
