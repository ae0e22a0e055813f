<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** What would have to go so that a build is finished by its date. */
final readonly class Shedding
{
    /**
     * @param  list<string>  $steps  ids, in the order of the plan; empty: nothing has to go
     * @param  int  $ends  minute at which the build is finished without them
     * @param  bool  $isEnough  false: the date is missed even so
     * @param  bool  $isCutShort  whether there was no time to try everything
     */
    public function __construct(
        public array $steps,
        public int $ends,
        public bool $isEnough,
        public bool $isCutShort = false,
    ) {
    }
}
