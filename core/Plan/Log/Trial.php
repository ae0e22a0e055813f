<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

use Ulvrach\Stuff\Chemistry\Combination;

/** A test patch that was made, and what came of it. */
final readonly class Trial
{
    /**
     * @param  string|null  $rule  code of the rule that it is evidence for or against; null: of none in particular
     * @param  string  $where  "underside of the hull", "spoon"
     * @param  bool  $passed  whether nothing came off
     * @param  list<Combination>  $tried  what met there; empty: nobody wrote it down
     * @param  string|null  $zone  id of the zone that it was tried on; null: on all of the step
     * @param  string|null  $moved  id of the step whose film came off; null: of the topmost
     * @param  string|null  $card  id of the other build on which it was tried; null: on this one
     */
    public function __construct(
        public ?string $rule,
        public string $where,
        public int $rubs,
        public bool $passed,
        public array $tried = [],
        public ?string $zone = null,
        public ?string $moved = null,
        public ?string $card = null,
    ) {
    }

    /** @param  list<Combination>  $tried */
    public function of(array $tried): self
    {
        return new self(
            rule: $this->rule,
            where: $this->where,
            rubs: $this->rubs,
            passed: $this->passed,
            tried: $tried,
            zone: $this->zone,
            moved: $this->moved,
            card: $this->card,
        );
    }

    /** The same as it is known from another build. */
    public function on(string $card): self
    {
        return new self(
            rule: $this->rule,
            where: $this->where,
            rubs: $this->rubs,
            passed: $this->passed,
            tried: $this->tried,
            card: $card,
        );
    }

    /** Whether what came of it says what will come of this. */
    public function speaksOf(Combination $case): bool
    {
        foreach ($this->tried as $tried) {
            if ($tried->speaksOf($case, $this->passed)) {
                return true;
            }
        }

        return false;
    }
}
