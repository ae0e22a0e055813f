<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\CoreError;
use Ulvrach\Plan\Fault;

/**
 * A plan file or a list of edits that does not say what it has to. Holds every fault that was found, each with its
 * path.
 */
final class BadPlanFile extends \InvalidArgumentException implements CoreError
{
    /** @param  non-empty-list<Fault>  $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(($faults[0]->path === '' ? '' : "{$faults[0]->path}: ").$faults[0]->message);
    }
}
