<?php

declare(strict_types=1);

namespace Ulvrach\Chemistry;

/** What the model part itself is made of. */
enum Substrate: string
{
    case Polystyrene = 'polystyrene';
    case CastResin = 'cast-resin';
    case PrintedResin = 'printed-resin';
    case WhiteMetal = 'white-metal';
    case EtchedBrass = 'etched-brass';
    case Vinyl = 'vinyl';

    public function label(): string
    {
        return match ($this) {
            self::Polystyrene => 'polystyrene',
            self::CastResin => 'cast resin',
            self::PrintedResin => 'printed resin',
            self::WhiteMetal => 'white metal',
            self::EtchedBrass => 'etched brass',
            self::Vinyl => 'vinyl',
        };
    }

    /** Paint grips polystyrene by itself; on resin, metal and vinyl it rubs or flakes off without a primer. */
    public function needsPrimer(): bool
    {
        return $this !== self::Polystyrene;
    }
}
