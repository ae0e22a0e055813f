<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Drying\DryingLaw;

/** Minutes to wait in the air that a plan counts with, and what has to go on meanwhile. */
final readonly class Wait
{
    public function __construct(public int $minutes, public DryingLaw $law)
    {
    }
}
