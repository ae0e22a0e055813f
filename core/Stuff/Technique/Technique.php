<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;

/** One way of doing something to a surface: what it takes, what it leaves, how long the hands are on it. */
final readonly class Technique
{
    public Kind $kind;

    /**
     * @param  list<BinderFamily>  $families  what it can be done with; empty: no product
     * @param  Want|null  $wants  what a newcomer to it would take; null exactly where it takes no product
     * @param  int  $setUpMinutes  before the first touch: mixing, filling, cutting
     * @param  float  $applyMinutes  hands on, per 100 cm² and coat
     * @param  float  $cleanMinutes  hands on, per 100 cm²; 0: nothing to clean
     * @param  list<Sheen>  $sheens  that it wants below, best first; empty: any
     * @param  CureState  $needs  of the film below, apart from any chemistry
     * @param  bool  $depictsRust  shows corrosion, so it belongs on steel only
     * @param  bool  $needsSource  runs down from somewhere: a chip, a bolt, an edge
     * @param  int  $serviceMonths  in service before this wear is credible
     * @param  float|null  $markMm  the size of its smallest marks on the model
     * @param  int  $pauseMinutes  away from it before it begins; 0: none
     * @param  int  $restMinutes  that its product is left alone before it is used; 0: none
     * @param  bool  $sparesMarkings  painted round the markings that are there, which stay bare
     * @param  bool  $closesOff  what it goes on cannot be reached afterwards
     * @param  Load  $load  how much a brush usually brings
     * @param  Load  $sprayed  how much an airbrush usually brings
     * @param  bool  $wetInWet  worked into a layer of its own kind that is still open, on purpose
     */
    public function __construct(
        public string $code,
        public string $name,
        TechniqueKind $kind,
        public Stage $stage,
        public array $families,
        public Application $application,
        public Coverage $coverage,
        public string $purpose,
        public Practice $practice,
        public ?Want $wants = null,
        public int $coats = 1,
        public int $setUpMinutes = 5,
        public float $applyMinutes = 3.0,
        public float $cleanMinutes = 0.0,
        public ?CleanUpWindow $cleanUp = null,
        public ColourRole $role = ColourRole::None,
        public array $sheens = [],
        public CureState $needs = CureState::Recoatable,
        public bool $depictsRust = false,
        public bool $needsSource = false,
        public int $serviceMonths = 0,
        public ?float $markMm = null,
        public Load $load = Load::Brushed,
        public Load $sprayed = Load::Coat,
        public bool $wetInWet = false,
        public bool $closesOff = false,
        public int $restMinutes = 0,
        public int $pauseMinutes = 0,
        public bool $sparesMarkings = false,
    ) {
        $this->kind = Kinds::of($kind);
    }

    /** How much liquid reaches the surface when it is done this way. */
    public function loadBy(Application $application): Load
    {
        return match ($application) {
            Application::Airbrush => $this->sprayed,
            Application::Can => Load::Coat,
            Application::Brush, Application::Scrub => $this->load,
            Application::Sponge, Application::Dry => Load::Dab,
        };
    }

    /** Whether its minutes are those of a smooth face, and a busy one takes as many times as long as it says. */
    public function followsDetail(): bool
    {
        return $this->kind->isAny(Nature::Wash, Nature::Blend, Nature::CleanUp);
    }

    /** Priming and trials meet the bare part on purpose. */
    public function isGroundWork(): bool
    {
        return $this->stage === Stage::Ground || $this->kind->is(Nature::TestPatch);
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
