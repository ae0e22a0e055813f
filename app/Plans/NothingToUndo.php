<?php

declare(strict_types=1);

namespace App\Plans;

final class NothingToUndo extends \RuntimeException
{
    public static function back(): self
    {
        return new self('There is nothing left to undo.');
    }

    public static function forth(): self
    {
        return new self('There is nothing to redo.');
    }
}
