<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** A kind of work and all that is said of it, in one place; there is one object of each, in Kinds. */
final readonly class Kind
{
    /** Its code, as it stands in files. */
    public string $value;

    /** Nature values, or'ed. */
    private int $bits;

    /**
     * @param  list<Nature>  $natures
     * @param  float|null  $wetFilm  ml on 100 cm², of what is laid wet; null: as paint, by the tool
     * @param  float|null  $paint  of what is laid, how much comes from the jar if the jar holds paint; null: as paint
     * @param  string|null  $question  what to look at before it is locked in; "{jar}" is what was used; null: nothing
     */
    public function __construct(
        public TechniqueKind $code,
        public array $natures,
        public ?float $wetFilm = null,
        public ?float $paint = null,
        public ?string $question = null,
    ) {
        $this->value = $code->value;
        $bits = 0;
        foreach ($natures as $nature) {
            $bits |= $nature->value;
        }
        $this->bits = $bits;
    }

    public function is(Nature $nature): bool
    {
        return ($this->bits & $nature->value) !== 0;
    }

    public function isAny(Nature ...$natures): bool
    {
        foreach ($natures as $nature) {
            if (($this->bits & $nature->value) !== 0) {
                return true;
            }
        }

        return false;
    }
}
