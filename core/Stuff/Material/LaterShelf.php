<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

/** A shelf that is fetched when somebody looks for something on it, and not before: most edits take no jar from it. */
final class LaterShelf implements Shelf
{
    private ?Shelf $fetched = null;

    /** @param  \Closure(): Shelf  $fetch */
    public function __construct(private readonly \Closure $fetch)
    {
    }

    public function find(Need $need): ?Product
    {
        return ($this->fetched ??= ($this->fetch)())->find($need);
    }
}
