<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\CureState;

/** Why a step has to wait: a layer below that is not yet what the step needs. */
final readonly class Hold
{
    /**
     * @param  int  $until  minute that an empty wait aims at: the safe end of the times where something could be
     *   destroyed, the short one where nothing can
     * @param  int  $soonest  minute before which it is surely too early
     * @param  int  $sure  minute from which it is surely not
     * @param  StepLiquid|null  $liquid null: the work itself asks for it, whatever is in the jar
     */
    public function __construct(
        public Layer $layer,
        public CureState $needs,
        public int $until,
        public int $soonest,
        public int $sure,
        public ?StepLiquid $liquid,
    ) {
    }
}
