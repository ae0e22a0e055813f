<?php

declare(strict_types=1);

namespace Bench;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** The plan that speed is measured on: 60 steps on 20 zones, three groups of zones with a full finish each. */
final class LargePlan
{
    /** @var list<array{string, string|null}> technique and product, in the order of work */
    private const FINISH = [
        ['prime', 'primer-grey'],
        ['spray-colour', 'primer-rust'],
        ['spray-colour', 'chip-brown'],
        ['clear-coat', 'clear-satin'],
        ['chipping-fluid', 'chipping-fluid'],
        ['spray-colour', 'paint-olive'],
        ['lift-off', null],
        ['brush-colour', 'paint-wood'],
        ['clear-coat', 'clear-gloss'],
        ['decal', 'decal-sheet'],
        ['clear-coat', 'clear-gloss'],
        ['enamel-wash', 'wash-brown'],
        ['clear-coat', 'clear-satin'],
        ['filter', 'filter-ochre'],
        ['brush-chips', 'chip-brown'],
        ['rust-streak', 'wash-rust'],
        ['grime-streak', 'streak-grime'],
        ['final-coat', 'clear-matte'],
        ['dry-pigment', 'pigment-dust'],
        ['fix-pigment', 'pigment-fixer'],
    ];

    public static function make(int $zoneCount = 20, int $groups = 3): Plan
    {
        $substrates = Substrate::cases();
        $materials = DepictedMaterial::cases();
        $zones = [];
        for ($number = 0; $number < $zoneCount; $number++) {
            $zones["zone-{$number}"] = new Zone(
                id: "zone-{$number}",
                name: "Zone {$number}",
                kind: ZoneKind::HullSides,
                areaCm2: 20.0 + 5 * $number,
                substrate: $substrates[$number % count($substrates)],
                depicts: $materials[intdiv($number, 2) % count($materials)],
            );
        }
        $steps = [];
        foreach (array_chunk(array_keys($zones), max(1, (int) ceil($zoneCount / $groups))) as $group => $ids) {
            foreach (self::FINISH as $place => [$code, $product]) {
                // Every third step leaves a zone out, so that hardly two zones have the same journey.
                $on = $place % 3 === 2 ? array_values(array_diff($ids, [$ids[$place % count($ids)]])) : $ids;
                $technique = TechniqueLibrary::get($code);
                $cleanUp =
                    $technique->cleanUp === null
                        ? []
                        : [new CleanUpPass(Carrier::OdourlessSpirit, false, $technique->cleanUp->earliest + 10)];
                $steps[] = new Step(
                    id: "step-{$group}-{$place}",
                    technique: $code,
                    product: $product,
                    zones: $on,
                    coats: $technique->coats,
                    application: $technique->application,
                    thinner: null,
                    cleanUp: $cleanUp,
                );
            }
        }

        return new Plan(
            build: new Build('Skarn, large plan', 'Skarn recovery tractor', VehicleKind::Tank, 35),
            school: new SchoolChoice(PlanReader::DEFAULT_SCHOOL),
            bench: new BenchConditions(),
            zones: $zones,
            products: array_column(StarterShelf::all(), null, 'id'),
            steps: $steps,
        );
    }
}
