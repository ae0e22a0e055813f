<?php

declare(strict_types=1);

namespace App\Shared;

use Ulvrach\SharedMemory;

/** What all processes of the web server remember together. It ends with them, so that a new version starts anew. */
final class ApcuMemory implements SharedMemory
{
    public static function isThere(): bool
    {
        return function_exists('apcu_enabled') && apcu_enabled();
    }

    public function find(string $key): mixed
    {
        $found = apcu_fetch($key, $isThere);

        return $isThere ? $found : null;
    }

    public function keep(string $key, mixed $value): void
    {
        apcu_store($key, $value);
    }
}
