<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** What the modeller says of working wet in wet, where the medium alone would leave it open. */
final readonly class Merge
{
    /** @param  string|null  $into  id of an earlier step; null: apart from all of them, once they have set */
    public function __construct(public ?string $into)
    {
    }
}
