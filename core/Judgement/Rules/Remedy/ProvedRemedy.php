<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Remedy;

use Ulvrach\Judgement\Rules\Verdict;

/** A remedy that was tried on a copy of the plan, with what came of it. */
final readonly class ProvedRemedy
{
    /**
     * @param  Verdict  $after  on the plan with it
     * @param  int  $clears  findings that are gone with it, the one asked about among them
     * @param  int  $brings  risks and notes that it brings; never a stop
     * @param  list<string>  $brought  what these say, each once, the gravest first
     * @param  int  $workMinutes  by how much more (or, negative, less) the hands are busy
     * @param  int  $delayMinutes  by how much the plan ends later; negative: earlier
     */
    public function __construct(
        public Remedy $remedy,
        public Verdict $after,
        public int $clears,
        public int $brings,
        public array $brought,
        public int $delayMinutes,
        public int $workMinutes,
    ) {
    }
}
