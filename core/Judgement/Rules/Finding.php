<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

/** What a rule has to say about one step on some of its zones. */
final readonly class Finding
{
    /**
     * @param  list<string>  $zones  ids
     * @param  string  $happens  one sentence: what it will do to the model
     * @param  string  $why  one sentence: the reason behind the rule
     * @param  bool  $isCertain  no trial and no record can settle it otherwise; else it is what the tables expect
     * @param  array<string, string|int|null>  $facts  what the rule's remedies need to know; part of its identity
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $stepId,
        public array $zones,
        public string $happens,
        public string $why,
        public bool $isCertain = false,
        public array $facts = [],
        public ?Accepted $accepted = null,
    ) {
    }

    /** @param  list<string>  $zones */
    public function onZones(array $zones): self
    {
        return new self(
            code: $this->code,
            severity: $this->severity,
            stepId: $this->stepId,
            zones: $zones,
            happens: $this->happens,
            why: $this->why,
            isCertain: $this->isCertain,
            facts: $this->facts,
            accepted: $this->accepted,
        );
    }

    public function asCertain(): self
    {
        return new self(
            code: $this->code,
            severity: $this->severity,
            stepId: $this->stepId,
            zones: $this->zones,
            happens: $this->happens,
            why: $this->why,
            isCertain: true,
            facts: $this->facts,
            accepted: $this->accepted,
        );
    }

    public function withSeverity(Severity $severity): self
    {
        return new self(
            code: $this->code,
            severity: $severity,
            stepId: $this->stepId,
            zones: $this->zones,
            happens: $this->happens,
            why: $this->why,
            isCertain: $this->isCertain,
            facts: $this->facts,
            accepted: $this->accepted,
        );
    }

    /** Broken knowingly: it stays visible, quieter, and stops nothing. */
    public function acceptedWith(Accepted $acceptance): self
    {
        return new self(
            code: $this->code,
            severity: $this->severity,
            stepId: $this->stepId,
            zones: $this->zones,
            happens: $this->happens,
            why: $this->why,
            isCertain: $this->isCertain,
            facts: $this->facts,
            accepted: $acceptance,
        );
    }

    public function isOpen(): bool
    {
        return $this->accepted === null;
    }

    /** Stable while the plan does not change what it speaks of; an address for screens. */
    public function key(): string
    {
        return $this->code.
            '.'.
            $this->stepId.
            '.'.
            substr(hash('xxh32', $this->happens.implode(',', $this->zones)), 0, 8);
    }
}
