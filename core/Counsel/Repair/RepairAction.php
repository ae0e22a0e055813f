<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Repair;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\ProvedRemedy;

/**
 * One remedy of a repair, and the stop it was chosen for. Its edits are made for the plan that the actions before it
 * left.
 */
final readonly class RepairAction
{
    public function __construct(public Finding $finding, public ProvedRemedy $proved)
    {
    }
}
