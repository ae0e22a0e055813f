<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** What the model part itself is made of. */
enum Substrate: string
{
    case Polystyrene = 'polystyrene';
    case CastResin = 'cast-resin';
    case PrintedResin = 'printed-resin';
    case WhiteMetal = 'white-metal';
    case EtchedBrass = 'etched-brass';
    case Vinyl = 'vinyl';
    case EtchedSteel = 'etched-steel';
    case Paper = 'paper';
    case Gauze = 'gauze';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Polystyrene => 'polystyrene',
            self::CastResin => 'cast resin',
            self::PrintedResin => 'printed resin',
            self::WhiteMetal => 'white metal',
            self::EtchedBrass => 'etched brass',
            self::Vinyl => 'vinyl',
            self::EtchedSteel => 'etched steel',
            self::Paper => 'paper',
            self::Gauze => 'gauze',
            self::Unknown => 'a material nobody has named',
        };
    }

    /** Paint grips polystyrene, paper and cloth by itself; off resin, metal and vinyl it rubs or flakes. */
    public function needsPrimer(): bool
    {
        return ! in_array($this, [self::Polystyrene, self::Paper, self::Gauze, self::Unknown], true);
    }
}
