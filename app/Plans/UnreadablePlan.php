<?php

declare(strict_types=1);

namespace App\Plans;

use Ulvrach\PlanFile\BadPlanFile;

/** A stored plan that this program cannot read: broken, or written by a newer one. It stays as it is. */
final class UnreadablePlan extends \RuntimeException
{
    public static function because(BadPlanFile $bad): self
    {
        return new self("This plan cannot be read. {$bad->getMessage()}", previous: $bad);
    }
}
