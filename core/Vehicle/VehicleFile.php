<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\SchemaCheck;
use Ulvrach\Plan\VehicleKind;

/** A vehicle without a plan: its kind, its measures, and the scale of the model. See docs/vehicle-file.md. */
final readonly class VehicleFile
{
    private const USUAL_SCALE = 35;

    private function __construct(public VehicleKind $kind, public Form $form, public int $scale)
    {
    }

    /**
     * @param  string  $json  a vehicle file, or a plan file, of which the vehicle is taken
     *
     * @throws BadPlanFile with the path of every fault; a plan file may ask for what cannot be built: the nearest is
     */
    public static function read(string $json): self
    {
        $data = PlanReader::decode($json);
        if (is_object($data) && property_exists($data, 'format')) {
            $build = PlanReader::readData($data)->plan->build;

            return new self($build->kind, Catalogue::formOf($build->kind, $build->form ?? []), $build->scale);
        }
        $faults = SchemaCheck::faults($data, SchemaCheck::VEHICLE);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /** @var array{kind: string, scale?: int, form?: array<string, int>|null} $vehicle */
        $vehicle = json_decode($json, true);
        $kind = VehicleKind::from($vehicle['kind']);
        $chosen = $vehicle['form'] ?? [];
        $faults = [];
        foreach (Catalogue::faultsOf($kind, $chosen) as $code => $sentence) {
            $faults[] = new Fault("/form/{$code}", $sentence);
        }
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }

        return new self($kind, Catalogue::formOf($kind, $chosen), $vehicle['scale'] ?? self::USUAL_SCALE);
    }
}
