<?php

declare(strict_types=1);

namespace App\Shared;

use Ulvrach\SharedMemory;

/** Where processes remember nothing together: on the command line, and where the extension is missing. */
final class Forgetful implements SharedMemory
{
    public function find(string $key): mixed
    {
        return null;
    }

    public function keep(string $key, mixed $value): void
    {
    }
}
