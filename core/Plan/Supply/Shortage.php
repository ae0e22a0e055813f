<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Supply;

/** Whether a jar does for what the plans take from it. */
enum Shortage: string
{
    case Enough = 'enough';
    /** Nobody has said how much is left. */
    case Unmeasured = 'unmeasured';
    case TooLittle = 'too-little';
    /** It will have gone off by the time it is wanted. */
    case GoesOff = 'goes-off';
    case NotThere = 'not-there';

    /**
     * @param  bool  $isThere  whether it stands on the shelf
     * @param  float|null  $leftMl  null: nobody has said
     * @param  bool  $isOff  whether it is past its time when it is wanted
     */
    public static function of(float $needMl, bool $isThere, ?float $leftMl, bool $isOff): self
    {
        return match (true) {
            ! $isThere => self::NotThere,
            $leftMl !== null && $leftMl < $needMl => self::TooLittle,
            $isOff => self::GoesOff,
            $leftMl === null => self::Unmeasured,
            default => self::Enough,
        };
    }
}
