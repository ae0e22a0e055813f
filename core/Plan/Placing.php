<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Where a new step most likely goes: rubber is painted on tyres, a mask comes off where it was put on. */
final readonly class Placing
{
    /** Kinds of work that belong to an earlier one, and where that went. */
    private const FOLLOWS = [
        'unmask' => [Nature::Mask],
        'lift-off' => [Nature::ReleaseFilm],
        'soften' => [Nature::Decal],
        'fix-pigment' => [Nature::Pigment],
        'clean-up' => [Nature::DrawnOff],
    ];

    private const PARTS = [
        'track-base' => [ZoneKind::Tracks, ZoneKind::SpareLinks],
        'track-rust-base' => [ZoneKind::Tracks, ZoneKind::SpareLinks],
        'track-wash' => [ZoneKind::Tracks, ZoneKind::SpareLinks],
        'track-polish' => [ZoneKind::Tracks],
        'rubber-pads' => [ZoneKind::Tracks],
        'paint-glass' => [ZoneKind::Glass],
        'paint-detail' => [ZoneKind::Tools],
        'exhaust-heat' => [ZoneKind::Exhaust],
        'exhaust-soot' => [ZoneKind::Exhaust],
        'muzzle-heat' => [ZoneKind::Barrel],
        'stowage-paper' => [ZoneKind::Stowage, ZoneKind::Canvas],
        'stowage-gauze' => [ZoneKind::Stowage],
        'stowage-putty' => [ZoneKind::Stowage],
        'stowage-film' => [ZoneKind::Stowage, ZoneKind::Canvas],
        'tape-straps' => [ZoneKind::Stowage, ZoneKind::Tools],
        'decal' => [ZoneKind::HullSides, ZoneKind::Turret, ZoneKind::Cab, ZoneKind::RearPlate],
        'oil-stain' => [ZoneKind::EngineDeck, ZoneKind::Wheels, ZoneKind::RunningGear],
        'fuel-stain' => [ZoneKind::EngineDeck, ZoneKind::RearPlate],
        'mud-paste' => self::LOW,
        'mud-fibres' => self::LOW,
        'mud-splash' => self::LOW,
        'wet-mud' => self::LOW,
    ];

    private const LOW = [
        ZoneKind::RunningGear,
        ZoneKind::Wheels,
        ZoneKind::Tyres,
        ZoneKind::Tracks,
        ZoneKind::Chassis,
        ZoneKind::HullSides,
        ZoneKind::Fenders,
        ZoneKind::RearPlate,
    ];

    private const MATERIALS = [
        'paint-rubber' => [DepictedMaterial::Rubber],
        'paint-wood' => [DepictedMaterial::Wood],
        'paint-canvas' => [DepictedMaterial::Canvas],
        'rust-wash' => [DepictedMaterial::Steel, DepictedMaterial::CastSteel],
        'rust-layers' => [DepictedMaterial::Steel, DepictedMaterial::CastSteel],
        'rust-streak' => [DepictedMaterial::Steel, DepictedMaterial::CastSteel],
    ];

    /** Painted in the vehicle's own colour; the rest has materials of its own. */
    private const BODY = ['body', 'inside'];

    /** @param  int  $at  index at which the new step will stand */
    public function __construct(private Plan $plan, private int $at)
    {
    }

    /** @return list<string> ids, at least one where the plan has any */
    public function zonesFor(Technique $technique): array
    {
        foreach ([$this->byWork($technique), $this->asBefore(), $this->allBut([ZoneKind::Glass])] as $zones) {
            if ($zones !== []) {
                return $zones;
            }
        }

        return array_column($this->plan->zones, 'id');
    }

    /**
     * The step that it may be worked into: the one before it on a like zone, where both are worked wet.
     *
     * @param  list<string>  $zones
     */
    public function mayGoInto(Technique $technique, array $zones): ?string
    {
        for ($index = $this->at - 1; $index >= 0; $index--) {
            $step = $this->plan->steps[$index];
            if (array_intersect($step->zones, $zones) !== []) {
                $before = TechniqueLibrary::get($step->technique);

                $isOpen = $technique->kind->is(Nature::WorkedWet) && $before->kind->is(Nature::WorkedWet);

                return $isOpen ? $step->id : null;
            }
        }

        return null;
    }

    /** @return list<string> */
    private function byWork(Technique $technique): array
    {
        $follows = self::FOLLOWS[$technique->kind->value] ?? null;
        $parts = self::PARTS[$technique->code] ?? null;
        $materials = self::MATERIALS[$technique->code] ?? null;

        return match (true) {
            $follows !== null => $this->asLast($follows),
            $parts !== null => $this->where(static fn (Zone $zone) => in_array($zone->kind, $parts, true)),
            $materials !== null => $this->where(
                fn (Zone $zone) => in_array($zone->depicts, $materials, true) &&
                    ($technique->stage === Stage::Detail || in_array($zone->id, $this->painted(), true)),
            ),
            $technique->kind->is(Nature::Prime),
            $technique->code === 'final-coat' => $this->allBut([ZoneKind::Glass]),
            $technique->stage === Stage::Ground,
            $technique->stage === Stage::Assembly,
            $technique->kind->is(Nature::WarmAir),
            $technique->kind->is(Nature::TestPatch) => $this->asBefore(),
            $technique->stage === Stage::Colour => $this->painted() === [] ? $this->body() : $this->painted(),
            $technique->kind->is(Nature::ReleaseFilm),
            $technique->kind->is(Nature::Mask) => $this->painted() === [] ? $this->body() : $this->painted(),
            $technique->stage === Stage::Dust, $technique->stage === Stage::Seal => $this->allBut([ZoneKind::Glass]),
            default => $this->painted(),
        };
    }

    /**
     * @param  list<Nature>  $kinds
     * @return list<string> the zones of the last step of these kinds
     */
    private function asLast(array $kinds): array
    {
        for ($index = $this->at - 1; $index >= 0; $index--) {
            $step = $this->plan->steps[$index];
            if (TechniqueLibrary::get($step->technique)->kind->isAny(...$kinds)) {
                return $step->zones;
            }
        }

        return [];
    }

    /** @return list<string> the zones in the vehicle's own colours: those of the base that covers most; empty: none */
    private function painted(): array
    {
        $most = [];
        foreach (array_slice($this->plan->steps, 0, $this->at) as $step) {
            $isBase = TechniqueLibrary::get($step->technique)->role === ColourRole::Base;
            if ($isBase && count($step->zones) > count($most)) {
                $most = $step->zones;
            }
        }

        return $most;
    }

    /** @return list<string> */
    private function body(): array
    {
        return $this->where(
            static fn (Zone $zone) => in_array($zone->kind->group(), self::BODY, true) ||
                ($zone->kind->group() === 'running gear' && ! $zone->kind->isApart()),
        );
    }

    /** @return list<string> */
    private function asBefore(): array
    {
        return $this->plan->steps[$this->at - 1]->zones ?? [];
    }

    /**
     * @param  list<ZoneKind>  $kinds
     * @return list<string>
     */
    private function allBut(array $kinds): array
    {
        return $this->where(static fn (Zone $zone) => ! in_array($zone->kind, $kinds, true));
    }

    /**
     * @param  \Closure(Zone): bool  $wanted
     * @return list<string>
     */
    private function where(\Closure $wanted): array
    {
        return array_column(array_filter($this->plan->zones, $wanted), 'id');
    }
}
