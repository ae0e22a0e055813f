<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Drying\Season;

/**
 * What a vehicle has been through, as far as it shows, and how much work its finish may be. How long it has served and
 * on which ground stands in the build.
 */
final readonly class Story
{
    use Copies;

    /** Months that are years. */
    private const YEARS = 36;

    /**
     * @param  Lab  $base  the vehicle's own colour
     * @param  list<Lab>  $more  the other colours of its scheme, the one that covers most first
     * @param  bool|null  $isExpressive  whether wear may be stronger than life; null: as the school has it
     * @param  array<string, array<string, float>>  $overrules  by zone and trace, 0 to 1: what somebody knows better
     * @param  Pose  $pose  on its base
     * @param  list<Scene>  $scenes  where it stands in its life, in the order in which that came
     */
    public function __construct(
        public Lab $base,
        public Scheme $scheme = Scheme::Plain,
        public array $more = [],
        public Season $season = Season::Summer,
        public Weather $weather = Weather::Dry,
        public Driving $driving = Driving::Road,
        public bool $hasMarkings = true,
        public Ambition $ambition = Ambition::Weeks,
        public ?bool $isExpressive = null,
        public array $overrules = [],
        public Pose $pose = Pose::Level,
        public array $scenes = [],
    ) {
    }

    /** @return list<string> what of it cannot all be true of this build, in sentences */
    public function contradictions(Build $build): array
    {
        $said = [];
        if ($build->terrain === Terrain::Snow && $this->season === Season::Summer) {
            $said[] = 'Snow lies in no summer: another season, or another ground.';
        }
        if ($this->scheme === Scheme::Winter && $this->season === Season::Summer) {
            $said[] = 'A winter white has been washed off by summer; traces of it may be left.';
        }
        if ($build->terrain === Terrain::WetClay && $this->weather === Weather::Dry) {
            $said[] = 'Wet clay after dry days has dried: its mud is pale and falls off in crusts.';
        }
        if ($build->serviceMonths === 0 && $this->driving === Driving::Field) {
            $said[] = 'A vehicle fresh from the works has hardly been in the field: no chips, no rust.';
        }
        if (in_array(Scene::Desert, $this->scenes, true) && $this->weather === Weather::Wet) {
            $said[] = 'Months in the desert are dry: its days of rain are told as a scene after them.';
        }
        if (in_array(Scene::FactoryFresh, $this->scenes, true) && ($build->serviceMonths ?? 0) > 1) {
            $said[] = "Fresh from the works, and {$build->serviceMonths} months in service: the scene is believed.";
        }
        if (in_array(Scene::Abandoned, $this->scenes, true) && ($build->serviceMonths ?? PHP_INT_MAX) < self::YEARS) {
            $said[] = "Left for years, and {$build->serviceMonths} months in service: say the years as well.";
        }
        if ($this->more === [] && in_array($this->scheme, [Scheme::SoftEdged, Scheme::HardEdged], true)) {
            $said[] = 'A scheme of several colours needs a second one.';
        }

        return $said;
    }
}
