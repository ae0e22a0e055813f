<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;

/** A jar, tube or sheet as a plan uses it. */
final readonly class Product
{
    /**
     * @param  Carrier|null  $carrier  null: dry, nothing liquid in it
     * @param  Sheen|null  $sheen  null: leaves the sheen below as it is
     * @param  string|null  $colour  "#rrggbb" when dry; null: clear
     */
    public function __construct(
        public string $id,
        public string $name,
        public BinderFamily $family,
        public ?Carrier $carrier,
        public ?Sheen $sheen,
        public ?string $colour,
    ) {
    }
}
