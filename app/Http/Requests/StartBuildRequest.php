<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Vehicles\Measurements;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Vehicle\Catalogue;
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
            'form' => ['nullable', 'array', 'max:40'],
            'form.*' => ['integer:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => 'Choose one of the vehicle kinds.'];
    }

    /** What cannot be built is said at its measure. */
    public function after(): Closure
    {
        return function (Validator $validator): void {
            $kind = VehicleKind::tryFrom($this->string('kind')->toString());
            if ($kind === null || $validator->errors()->isNotEmpty()) {
                return;
            }
            foreach (Catalogue::faultsOf($kind, $this->form()) as $code => $sentence) {
                $validator->errors()->add("form.{$code}", $sentence);
            }
        };
    }

    /** A plan with the zones of the vehicle, in this air, and nothing done yet. */
    public function plan(Air $air, Measurements $measurements): Plan
    {
        $kind = VehicleKind::from($this->string('kind')->toString());
        $form = Catalogue::formOf($kind, $this->form());
        $scale = $this->integer('scale');
        $build = new Build(
            name: $this->string('name')->trim()->toString(),
            vehicle: $this->string('vehicle')->trim()->toString(),
            kind: $kind,
            scale: $scale,
            story: $this->string('story')->toString(),
            form: $this->form() === [] ? null : $form->values(),
        );

        return new Plan(
            build: $build,
            school: new SchoolChoice(PlanReader::DEFAULT_SCHOOL),
            bench: new BenchConditions($air->temperatureC, $air->humidityPercent),
            zones: array_column(ZoneTemplates::for($kind, $scale, $measurements->of($kind, $form)), null, 'id'),
            products: [],
            steps: [],
        );
    }

    /** @return array<string, int> the measures that were chosen */
    private function form(): array
    {
        $form = [];
        foreach ($this->array('form') as $code => $value) {
            if (is_string($code) && is_int($value)) {
                $form[$code] = $value;
            }
        }

        return $form;
    }
}
