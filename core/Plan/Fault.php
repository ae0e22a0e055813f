<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/**
 * Something in a plan or an edit that cannot stand: where (a JSON pointer, "/steps/3/coats") and why, in a sentence.
 */
final readonly class Fault
{
    public function __construct(public string $path, public string $message)
    {
    }
}
