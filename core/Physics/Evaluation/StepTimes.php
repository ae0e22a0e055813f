<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

/** When a step happens, in minutes on the plan's clock: 0 is the start of the first step. */
final readonly class StepTimes
{
    /**
     * @param  int  $ready  from when everything below allows it
     * @param  int|null  $closes  when the window for it closes; null: it stays open
     * @param  array<int, Wait>  $waits  by index of the step whose layer is waited for: from its last stroke
     * @param  array{int, Wait}|null  $window  index of the step that opens the window for this one, and how long from
     *   its last stroke
     * @param  int  $applied  when it was all on, before any clean-up: from then on it dries
     * @param  int  $planned  when it would begin by the plan alone, after what is done before it
     * @param  int|null  $rested  minute from which its product has rested as it should; null: it need not
     * @param  int  $handsOn  minutes of work within it, waits between coats and before a clean-up left out
     */
    public function __construct(
        public int $ready,
        public int $start,
        public int $end,
        public int $handsOn,
        public int $applied,
        public ?int $closes,
        public ?Hold $hold,
        public array $waits = [],
        public ?array $window = null,
        public int $planned = 0,
        public ?int $rested = null,
    ) {
    }
}
