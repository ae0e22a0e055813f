<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

/** One solid of a vehicle: a plate, a wheel, a box. */
final readonly class Part
{
    /**
     * @param  string  $name  "return roller"; several may have the same
     * @param  string  $assembly  what is painted together before it is joined: "hull", "turret", "wheels"
     */
    public function __construct(public string $name, public string $assembly)
    {
    }
}
