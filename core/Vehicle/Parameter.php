<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

/** What may be chosen of a vehicle: a length in millimetres, a number of things, or whether it has something. */
final readonly class Parameter
{
    /** @param  'mm'|'pieces'|'option'  $unit  of an option 0 says no and 1 yes */
    private function __construct(
        public string $code,
        public string $label,
        public string $unit,
        public int $least,
        public int $greatest,
        public int $usual,
    ) {
    }

    public static function length(string $code, string $label, int $least, int $usual, int $greatest): self
    {
        return new self($code, $label, 'mm', $least, $greatest, $usual);
    }

    public static function pieces(string $code, string $label, int $least, int $usual, int $greatest): self
    {
        return new self($code, $label, 'pieces', $least, $greatest, $usual);
    }

    public static function option(string $code, string $label, bool $usual): self
    {
        return new self($code, $label, 'option', 0, 1, $usual ? 1 : 0);
    }

    /** What is allowed, in a sentence for the field. */
    public function range(): string
    {
        return match ($this->unit) {
            'mm' => "From {$this->least} to {$this->greatest} mm.",
            'pieces' => "From {$this->least} to {$this->greatest}.",
            'option' => 'Yes or no: 1 or 0.',
        };
    }

    public function allows(int $value): bool
    {
        return $value >= $this->least && $value <= $this->greatest;
    }
}
