<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Repair;

use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;

/** What a repair came to. */
final readonly class Repair
{
    /**
     * @param  list<RepairAction>  $actions  to be applied in this order
     * @param  bool  $isSmallest  whether every cheaper set of offered remedies was tried
     */
    public function __construct(
        public Verdict $before,
        public Verdict $after,
        public array $actions,
        public bool $isSmallest,
    ) {
    }

    /** Whether no stop is left. */
    public function isSound(): bool
    {
        return $this->after->count(Severity::Stop) === 0;
    }
}
