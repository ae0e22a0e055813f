<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock\WhatIf;
use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Judgement\Rules\School;

/** Which builds are to be laid into the week, and what is to be thought through otherwise. */
final class ClockRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'builds' => ['sometimes', 'nullable', 'array', 'max:50'],
            'builds.*' => ['uuid'],
            'temperatureC' => ['sometimes', 'nullable', 'numeric', 'min:5', 'max:35'],
            'humidityPercent' => ['sometimes', 'nullable', 'numeric', 'min:10', 'max:95'],
            'cabinetC' => ['sometimes', 'nullable', 'numeric', 'min:25', 'max:45'],
            'skipped' => ['sometimes', 'array', 'max:60'],
            'skipped.*' => ['date_format:Y-m-d\TH:i:s\Z'],
            'school' => ['sometimes', 'nullable', 'string', 'in:'.implode(',', array_keys(School::all()))],
            'spare' => ['sometimes', 'integer', 'min:5', 'max:480'],
            'putOff' => ['sometimes', 'array', 'max:200'],
            'putOff.*.build' => ['required', 'uuid'],
            'putOff.*.step' => ['required', 'string', 'max:40'],
            'putOff.*.until' => ['required', 'date_format:Y-m-d\TH:i:s\Z'],
        ];
    }

    /** @return list<string>|null */
    public function builds(): ?array
    {
        /** @var list<string>|null $builds */
        $builds = $this->validated('builds');

        return $builds;
    }

    public function whatIf(): WhatIf
    {
        $number = fn (string $key): ?float => is_numeric($this->validated($key))
            ? (float) $this->validated($key)
            : null;
        $minute = static fn (string $moment): int => intdiv((int) strtotime($moment), 60);
        /** @var list<array{build: string, step: string, until: string}> $putOff */
        $putOff = $this->validated('putOff', []);
        /** @var string|null $school */
        $school = $this->validated('school');
        /** @var list<string> $skipped */
        $skipped = $this->validated('skipped', []);
        $off = [];
        foreach ($putOff as $one) {
            $off["{$one['build']} {$one['step']}"] = $minute($one['until']);
        }

        return new WhatIf(
            temperatureC: $number('temperatureC'),
            humidityPercent: $number('humidityPercent'),
            cabinetC: $number('cabinetC'),
            putOff: $off,
            skipped: array_map($minute, $skipped),
            school: $school,
            spare: $this->integer('spare'),
        );
    }
}
