<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

enum Severity: string
{
    case Stop = 'stop';
    case Risk = 'risk';
    case Note = 'note';

    /** 0 is the gravest. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Risk => 1,
            self::Note => 2,
        };
    }
}
