<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/**
 * How thick dust, mud, grime or rust lies where it lies. Not how much of a zone it is on (Extent), and not how wet it
 * is laid (Load).
 */
enum Amount: string
{
    case Breath = 'breath';
    case Light = 'light';
    case Settled = 'settled';
    case Heavy = 'heavy';
    case Caked = 'caked';

    /** How many times what such work usually leaves; docs/forecast.md, "amounts". */
    public function times(): float
    {
        return match ($this) {
            self::Breath => 0.35,
            self::Light => 0.65,
            self::Settled => 1.0,
            self::Heavy => 1.9,
            self::Caked => 4.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Breath => 'a breath of it',
            self::Light => 'light',
            self::Settled => 'settled',
            self::Heavy => 'heavy',
            self::Caked => 'caked',
        };
    }
}
