<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** The school a plan is judged by: one of the library, or a copy of one with single answers and severities changed. */
final readonly class SchoolChoice
{
    /**
     * @param  string  $from  code of a school of the library
     * @param  string|null  $name  of the person's own copy; null: the school as it is
     * @param  array<string, string>  $answers  question => option, where it differs
     * @param  array<string, string|null>  $severities  rule => severity, or null: no objection; where it differs
     */
    public function __construct(
        public string $from,
        public ?string $name = null,
        public array $answers = [],
        public array $severities = [],
    ) {
    }

    public function isOwn(): bool
    {
        return $this->name !== null;
    }
}
