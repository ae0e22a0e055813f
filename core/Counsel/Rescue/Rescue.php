<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Stuff\Chemistry\Carrier;

/** A way out that is open at this minute, or will be. */
final readonly class Rescue
{
    /**
     * @param  Carrier|null  $liquid  null: it is done without
     * @param  int|null  $until  minute on the plan's clock at which it closes or grows harder; null: it stays as it is
     * @param  int|null  $opens  minute on the plan's clock before which it would do harm; null: it is open
     * @param  int|null  $gone  minute on the plan's clock from which it does nothing any more; null: it always does
     * @param  string|null  $cost  what it may do to what lies below; null: nothing
     * @param  Layer|null  $hurt  the layer that may take it
     * @param  list<PlanEdit>  $edits  that add its step to the plan; empty: it needs none
     * @param  Harm  $harm  how grave that is
     */
    public function __construct(
        public Way $way,
        public ?Carrier $liquid = null,
        public ?int $until = null,
        public ?string $cost = null,
        public ?Layer $hurt = null,
        public array $edits = [],
        public ?int $opens = null,
        public ?int $gone = null,
        public Harm $harm = Harm::None,
    ) {
    }

    /** The same way on another zone besides: later of what opens, sooner of what closes, with the graver cost. */
    public function and(self $other): self
    {
        $sooner = static fn (?int $one, ?int $two): ?int => $one === null ? $two : min($one, $two ?? $one);
        $graver = $other->harm->value > $this->harm->value ? $other : $this;

        return new self(
            $this->way,
            $this->liquid,
            $sooner($this->until, $other->until),
            $graver->cost,
            $graver->hurt,
            $this->edits,
            max($this->opens, $other->opens),
            $sooner($this->gone, $other->gone),
            $graver->harm,
        );
    }
}
