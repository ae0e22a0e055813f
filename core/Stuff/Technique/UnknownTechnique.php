<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

use Ulvrach\CoreError;

final class UnknownTechnique extends \OutOfBoundsException implements CoreError
{
    public static function code(string $code): self
    {
        return new self("There is no technique “{$code}” in the library.");
    }
}
