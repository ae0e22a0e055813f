<?php

declare(strict_types=1);

namespace App\Plans;

use Ulvrach\Plan\File\BadPlanFile;

/**
 * A stored plan that this program cannot read or judge: broken, written by a newer one, or one that it fails at. It
 * stays as it is.
 */
final class UnreadablePlan extends \RuntimeException
{
    public static function because(BadPlanFile $bad): self
    {
        return new self("This plan cannot be read. {$bad->getMessage()}", previous: $bad);
    }

    public static function unjudged(\Throwable $fault): self
    {
        return new self(
            'Ulvrach fails at judging this plan. The fault is ours, and it is written down; nothing is lost.',
            previous: $fault,
        );
    }
}
