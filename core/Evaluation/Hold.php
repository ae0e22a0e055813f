<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\CureState;

/** Why a step has to wait: a layer below that is not yet what the step needs. */
final readonly class Hold
{
    /** @param  StepLiquid|null  $liquid null: the work itself asks for it, whatever is in the jar */
    public function __construct(
        public Layer $layer,
        public CureState $needs,
        public int $until,
        public ?StepLiquid $liquid,
    ) {
    }
}
