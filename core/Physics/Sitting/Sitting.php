<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Sitting;

/**
 * Steps that are worked together while they are open: begun only if they can be ended, never parted by a night or by
 * other work.
 */
final readonly class Sitting
{
    /**
     * @param  non-empty-list<int>  $steps  indexes, in the order of the plan
     * @param  Bond|null  $bond  what holds them together, of several the one that leaves the least time; null: nothing
     *   has to
     * @param  int  $rest  minutes for which the hands may rest within it, at the most
     */
    public function __construct(public array $steps, public ?Bond $bond, public int $rest)
    {
    }
}
