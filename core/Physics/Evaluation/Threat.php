<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\Combination;
use Ulvrach\Stuff\Chemistry\CureState;

/** A liquid of the step that is not harmless to a layer within its reach, in the state that the layer is in. */
final readonly class Threat
{
    public function __construct(
        public StepLiquid $liquid,
        public Layer $layer,
        public CureState $state,
        public Harm $harm,
    ) {
    }

    /** What a trial of it tries. */
    public function combination(): Combination
    {
        return $this->liquid->on($this->layer, $this->state);
    }
}
