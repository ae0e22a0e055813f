<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

use Ulvrach\CoreError;

final class OutsideModelRange extends \DomainException implements CoreError
{
    public static function temperature(float $celsius): self
    {
        return new self(
            "Drying times hold from 5 to 45 °C; {$celsius} °C was asked. Below, paint does not form a film; above, "
                .'plastic softens.',
        );
    }

    public static function humidity(float $percent): self
    {
        return new self("Drying times hold from 10 to 95 % relative humidity; {$percent} % was asked.");
    }
}
