<?php

declare(strict_types=1);

namespace Ulvrach;

/** A place that outlasts a request, lent by whoever runs the core. It may forget at any time. */
interface SharedMemory
{
    /** @return mixed what was kept under that key; null: it does not know */
    public function find(string $key): mixed;

    /** @param  mixed  $value  plain data, or values of the core */
    public function keep(string $key, mixed $value): void;
}
