<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Repair\Internal;

use Ulvrach\Counsel\Repair\RepairAction;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;

/**
 * A plan on the way to being sound.
 *
 * @internal to Ulvrach\Counsel\Repair
 */
final readonly class RepairState
{
    /** @var list<Finding> */
    public array $stops;

    /** @param  list<RepairAction>  $actions */
    public function __construct(public Verdict $verdict, public array $actions, public int $cost)
    {
        $this->stops = array_values(
            array_filter(
                $verdict->findings,
                static fn (Finding $finding) => $finding->severity === Severity::Stop && $finding->isOpen(),
            ),
        );
    }

    public function isCheaperThan(self $other): bool
    {
        return [$this->cost, count($this->stops)] < [$other->cost, count($other->stops)];
    }
}
