<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Ulvrach\Judgement\Rules\Rule;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Report\AlmanacReport;
use Ulvrach\Report\VehicleReport;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\PaintersWords;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;
use Ulvrach\Vehicle\Catalogue;

/** What the core knows and every screen needs the words for. The same for everybody. */
final class LibraryController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'techniques' => array_map(self::technique(...), array_values(TechniqueLibrary::all())),
            'families' => array_map(
                static fn (BinderFamily $family) => [
                    'code' => $family->value,
                    'label' => $family->label(),
                    'carrier' => $family->usualCarrier()?->value,
                    'isMixed' => in_array($family, Palette::MIXED, true),
                ],
                BinderFamily::cases(),
            ),
            'carriers' => array_map(
                static fn (Carrier $carrier) => ['code' => $carrier->value, 'label' => $carrier->label()],
                Carrier::cases(),
            ),
            'substrates' => array_map(
                static fn (Substrate $part) => ['code' => $part->value, 'label' => $part->label()],
                Substrate::cases(),
            ),
            'materials' => array_map(
                static fn (DepictedMaterial $material) => ['code' => $material->value, 'label' => $material->label()],
                DepictedMaterial::cases(),
            ),
            'zoneKinds' => array_map(
                static fn (ZoneKind $kind) => [
                    'code' => $kind->value,
                    'label' => ucfirst(str_replace('-', ' ', $kind->value)),
                    'group' => $kind->group(),
                ],
                ZoneKind::cases(),
            ),
            'vehicleKinds' => array_map(
                static fn (VehicleKind $kind) => [
                    'code' => $kind->value,
                    'label' => $kind->label(),
                    'measures' => array_map(VehicleReport::parameter(...), Catalogue::parametersOf($kind)),
                ],
                VehicleKind::cases(),
            ),
            'schools' => array_map(AlmanacReport::school(...), array_values(School::all())),
            'questions' => AlmanacReport::questions(),
            'rules' => array_map(
                static fn (Rule $rule) => ['code' => $rule->code(), 'kind' => $rule->kind()->value],
                array_values(RuleBook::ofAll()->rules),
            ),
            'terrains' => array_map(
                static fn (Terrain $terrain) => ['code' => $terrain->value, 'label' => ucfirst($terrain->label())],
                Terrain::cases(),
            ),
            'starterShelf' => array_map(PlanWriter::product(...), StarterShelf::all()),
        ]);
    }

    /** @return array<string, mixed> */
    private static function technique(Technique $technique): array
    {
        return [
            'code' => $technique->code,
            'name' => $technique->name,
            'kind' => $technique->kind->value,
            'stage' => $technique->stage->value,
            'part' => $technique->stage->part(),
            'families' => array_map(static fn (BinderFamily $family) => $family->value, $technique->families),
            'application' => $technique->application->value,
            'coverage' => $technique->coverage->value,
            'coats' => $technique->coats,
            'hasAmount' => $technique->role->hasAmount(),
            'purpose' => $technique->purpose,
            'words' => PaintersWords::of($technique->code),
            'cleanUp' => $technique->cleanUp === null
                    ? null
                    : [
                        'earliest' => $technique->cleanUp->earliest,
                        'bestUntil' => $technique->cleanUp->bestUntil,
                        'latest' => $technique->cleanUp->latest,
                        'sign' => $technique->cleanUp->sign,
                    ],
        ];
    }
}
