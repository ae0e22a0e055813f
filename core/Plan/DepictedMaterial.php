<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** What the real part is made of, whatever the model part is made of. */
enum DepictedMaterial: string
{
    case Steel = 'steel';
    case CastSteel = 'cast-steel';
    case Aluminium = 'aluminium';
    case Wood = 'wood';
    case Rubber = 'rubber';
    case Canvas = 'canvas';
    case Glass = 'glass';
    case Fibreglass = 'fibreglass';

    public function label(): string
    {
        return $this === self::CastSteel ? 'cast steel' : $this->value;
    }

    public function rusts(): bool
    {
        return $this === self::Steel || $this === self::CastSteel;
    }
}
