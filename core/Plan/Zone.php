<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;
use Ulvrach\Stuff\Chemistry\Substrate;

/** A part of the model with its own finish. Area is that of the model in cm². */
final readonly class Zone
{
    use Copies;

    /** @param  list<Panel>  $panels  in the order of the board; empty: it is looked at as a whole */
    public function __construct(
        public string $id,
        public string $name,
        public ZoneKind $kind,
        public float $areaCm2,
        public Substrate $substrate,
        public DepictedMaterial $depicts,
        public Traffic $traffic = Traffic::Light,
        public bool $sheltered = false,
        public array $panels = [],
    ) {
    }
}
