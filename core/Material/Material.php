<?php

declare(strict_types=1);

namespace Ulvrach\Material;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Colour\Lab;
use Ulvrach\Drying\OwnTimes;

/** What is in a jar, tube or stick, whoever made it and whatever it is called. */
final readonly class Material
{
    /**
     * @param  Carrier|null  $carrier  null: dry, nothing liquid in it
     * @param  Sheen|null  $sheen  null: leaves the sheen below as it is
     * @param  Lab|null  $colour  when dry; null: clear
     * @param  float|null  $opacity  share of the ground that one usual coat hides, 0 to 1; null: nobody has said
     * @param  OwnTimes|null  $times  drying times that replace those of the table; null: the table's
     */
    public function __construct(
        public BinderFamily $family,
        public ?Carrier $carrier,
        public ?Sheen $sheen = null,
        public ?Lab $colour = null,
        public ?float $opacity = null,
        public ?OwnTimes $times = null,
    ) {
    }

    public function isClear(): bool
    {
        return $this->colour === null;
    }
}
