<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** Between the end of one activity and the start (or the end) of another: at least so long, at most so long. */
final readonly class Lag
{
    /**
     * @param  int  $from  index of an activity
     * @param  int|null  $max  null: no end to the window
     * @param  bool  $maxToEnd  the work must be finished inside the window, not only begun
     * @param  Loss  $loss  what is lost where the window is missed
     */
    public function __construct(
        public int $from,
        public int $to,
        public int $min,
        public ?int $max = null,
        public bool $maxToEnd = false,
        public Loss $loss = Loss::Wish,
    ) {
    }
}
