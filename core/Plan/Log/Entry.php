<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

use Ulvrach\Copies;

/** Something that happened to a build. Never changed: a later entry may correct it. */
final readonly class Entry
{
    use Copies;

    /**
     * @param  string  $id  a UUID, made where the entry was made, so that it can be sent twice and counts once
     * @param  int  $at  when it happened, Unix minute
     * @param  string|null  $stepId  null: it is about the build
     * @param  StepAsItWas|null  $step  null where there is no step, or where nobody knew it any more
     * @param  string|null  $corrects  id of the entry that this one stands in place of
     */
    public function __construct(
        public string $id,
        public EntryKind $kind,
        public int $at,
        public ?string $stepId = null,
        public ?StepAsItWas $step = null,
        public ?string $corrects = null,
        public string $text = '',
        public ?Trial $trial = null,
        public ?Measurement $air = null,
    ) {
    }

    /** The same so many minutes later. */
    public function movedBy(int $minutes): self
    {
        return $this->but(at: $this->at + $minutes);
    }

    public function tried(Trial $trial): self
    {
        return $this->but(trial: $trial);
    }

    public function in(Measurement $air): self
    {
        return $this->but(air: $air);
    }

    private function but(?int $at = null, ?Trial $trial = null, ?Measurement $air = null): self
    {
        return new self(
            id: $this->id,
            kind: $this->kind,
            at: $at ?? $this->at,
            stepId: $this->stepId,
            step: $this->step,
            corrects: $this->corrects,
            text: $this->text,
            trial: $trial ?? $this->trial,
            air: $air ?? $this->air,
        );
    }
}
