<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Stuff\Chemistry\Carrier;

/** A way out that is open at this minute, or will be. */
final readonly class Rescue
{
    /**
     * @param  Carrier|null  $liquid  null: it is done without
     * @param  int|null  $until  minute on the plan's clock at which it closes or grows harder; null: it stays as it is
     * @param  int|null  $opens  minute on the plan's clock before which it would do harm; null: it is open now
     * @param  int|null  $gone  minute on the plan's clock from which it does nothing any more; null: it always does
     * @param  int|null  $opens  minute on the plan's clock before which it would do harm; null: it is open
     * @param  int|null  $gone  minute on the plan's clock from which it does nothing any more; null: it always does
     * @param  string|null  $cost  what it may do to what lies below; null: nothing
     * @param  Layer|null  $hurt  the layer that may take it
     * @param  list<PlanEdit>  $edits  that add its step to the plan; empty: it needs none
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
    ) {
    }
}
