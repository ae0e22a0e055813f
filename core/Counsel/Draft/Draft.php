<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Stuff\Technique\Pace;

/** A plan that a story leads to, and why each of its steps is there. */
final readonly class Draft
{
    /**
     * @param  Verdict  $verdict  of the plan; the plan is its own
     * @param  array<string, string>  $reasons  by step: why it is there, in a sentence
     * @param  list<Purchase>  $purchases
     * @param  array<string, array<string, Budget>>  $budgets  by zone and trace
     * @param  list<string>  $contradictions  of the story
     * @param  list<string>  $left  what was wanted and is not in the plan, with the reason
     * @param  list<string>  $remains  stops and risks that nothing mends, each cause once
     * @param  Pace  $pace  of the hands that it is drafted for
     * @param  list<string>  $room  what would go wrong in the room as it was: the plan is for a kinder one
     */
    public function __construct(
        public Verdict $verdict,
        public array $reasons,
        public array $purchases,
        public array $budgets,
        public array $contradictions,
        public array $left,
        public array $remains = [],
        public array $room = [],
        public Pace $pace = new Pace(),
    ) {
    }
}
