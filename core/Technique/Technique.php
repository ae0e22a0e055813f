<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

use Ulvrach\Chemistry\BinderFamily;

/** One way of doing something to a surface: what it takes, what it leaves, how long the hands are on it. */
final readonly class Technique
{
    /**
     * @param  list<BinderFamily>  $families  what it can be done with; empty: no product
     * @param  int  $setUpMinutes  before the first touch: mixing, filling, cutting
     * @param  float  $applyMinutes  hands on, per 100 cm² and coat
     * @param  float  $cleanMinutes  hands on, per 100 cm²; 0: nothing to clean
     * @param  bool  $depictsRust  shows corrosion, so it belongs on steel only
     * @param  bool  $needsSource  runs down from somewhere: a chip, a bolt, an edge
     */
    public function __construct(
        public string $code,
        public string $name,
        public TechniqueKind $kind,
        public Stage $stage,
        public array $families,
        public Application $application,
        public Coverage $coverage,
        public string $purpose,
        public int $coats = 1,
        public int $setUpMinutes = 5,
        public float $applyMinutes = 3.0,
        public float $cleanMinutes = 0.0,
        public ?CleanUpWindow $cleanUp = null,
        public bool $depictsRust = false,
        public bool $needsSource = false,
    ) {
    }

    /** Priming and trials meet the bare part on purpose. */
    public function isGroundWork(): bool
    {
        return $this->stage === Stage::Ground;
    }

    public function takesProduct(): bool
    {
        return $this->families !== [];
    }

    public function accepts(BinderFamily $family): bool
    {
        return in_array($family, $this->families, true);
    }
}
