<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Copies;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Drying\OwnTimes;

/** What is in a jar, tube or stick, whoever made it and whatever it is called. */
final readonly class Material
{
    use Copies;

    /**
     * @param  Carrier|null  $carrier  null: dry, nothing liquid in it
     * @param  Sheen|null  $sheen  null: leaves the sheen below as it is
     * @param  Lab|null  $colour  when dry; null: clear
     * @param  float|null  $opacity  share of the ground that one usual coat hides, 0 to 1; null: nobody has said
     * @param  bool  $metallic  with flakes or grains of metal in it, whatever its family
     * @param  OwnTimes|null  $times  drying times that replace those of the table; null: the table's
     */
    public function __construct(
        public BinderFamily $family,
        public ?Carrier $carrier,
        public ?Sheen $sheen = null,
        public ?Lab $colour = null,
        public ?float $opacity = null,
        public ?OwnTimes $times = null,
        public bool $metallic = false,
    ) {
    }

    /** The family whose row of the tables it follows: mud and bound pigment are what they are mixed with. */
    public function behavesAs(): BinderFamily
    {
        if ($this->family !== BinderFamily::MudPaste && $this->family !== BinderFamily::BoundPigment) {
            return $this->family;
        }

        return match ($this->carrier) {
            Carrier::Water, Carrier::WettedWater => BinderFamily::WaterborneAcrylic,
            Carrier::AlcoholBlend => BinderFamily::AlcoholAcrylic,
            Carrier::OdourlessSpirit, Carrier::WhiteSpirit => BinderFamily::Enamel,
            Carrier::LacquerThinner, Carrier::Acetone => BinderFamily::Lacquer,
            null => $this->family,
        };
    }

    public function isClear(): bool
    {
        return $this->colour === null;
    }
}
