<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Remedy;

use Ulvrach\Plan\Edit\PlanEdit;

/** A way out of a finding: what to do, in the modeller's words, and the edits that do it. */
final readonly class Remedy
{
    /** @param  non-empty-list<PlanEdit>  $edits */
    public function __construct(public string $label, public array $edits)
    {
    }
}
