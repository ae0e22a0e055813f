<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Judgement\Rules\Remedy\Remedy;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

/** One thing that can go wrong. Looks at one step on one zone, with the layers below as they are when it begins. */
interface Rule
{
    /** Stable; part of the plan file's findings. */
    public function code(): string;

    /** What is wrong, as a short sentence without its stop. */
    public function title(): string;

    public function kind(): RuleKind;

    /** One sentence: why this goes wrong, whatever the plan. */
    public function explanation(): string;

    /** @return list<Nature> it wants to see the kinds of work that have one of these; empty: all */
    public function watches(): array;

    /**
     * Whether it has anything to ask of this step, whatever the zones; asked once a step, so that most rules cost
     * nothing.
     */
    public function concerns(Situation $situation): bool;

    public function examine(Situation $situation, Strata $below): ?Finding;

    /**
     * What may help, most usual first. Each is proved before it is offered, so a rule need not know every plan.
     *
     * @return array<Remedy|null> null: no product for it was found
     */
    public function remedies(Finding $finding, Workbench $bench): array;
}
