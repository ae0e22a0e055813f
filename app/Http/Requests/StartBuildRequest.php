<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Ulvrach\Drying\Air;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\PlanFile\PlanReader;
use Ulvrach\Vehicle\ZoneTemplates;

final class StartBuildRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'vehicle' => ['nullable', 'string', 'max:120'],
            'kind' => ['required', 'string', Rule::enum(VehicleKind::class)],
            'scale' => ['required', 'integer:strict', 'min:4', 'max:200'],
            'story' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => 'Choose one of the vehicle kinds.'];
    }

    /** A plan with the zones of the vehicle kind, in this air, and nothing done yet. */
    public function plan(Air $air): Plan
    {
        $kind = VehicleKind::from($this->string('kind')->toString());
        $scale = $this->integer('scale');
        $build = new Build(
            name: $this->string('name')->trim()->toString(),
            vehicle: $this->string('vehicle')->trim()->toString(),
            kind: $kind,
            scale: $scale,
            story: $this->string('story')->toString(),
        );

        return new Plan(
            build: $build,
            school: new SchoolChoice(PlanReader::DEFAULT_SCHOOL),
            bench: new BenchConditions($air->temperatureC, $air->humidityPercent),
            zones: array_column(ZoneTemplates::for($kind, $scale), null, 'id'),
            products: [],
            steps: [],
        );
    }
}
