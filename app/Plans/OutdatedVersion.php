<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;

/** Somebody else, or another tab, has changed the plan since. */
final class OutdatedVersion extends \RuntimeException
{
    public function __construct(public readonly Build $current)
    {
        parent::__construct(
            'This plan was changed in another window since you opened it. Your change has not been saved.',
        );
    }
}
