<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock\BenchSettings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Ulvrach\Schedule\Week;
use Ulvrach\Stuff\Technique\Pace;

/** @phpstan-import-type WeekData from BenchSettings */
final class WeekRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $share = ['numeric:strict', 'min:'.Pace::FASTEST, 'max:'.Pace::SLOWEST];

        return [
            'timeZone' => ['required', 'string', 'timezone:all'],
            'sessions' => ['required', 'array:1,2,3,4,5,6,7'],
            'sessions.*' => ['array', 'max:6'],
            'exceptions' => ['present', 'array', 'max:400'],
            'exceptions.*' => ['array', 'max:6'],
            'compressor' => ['required', 'array', 'size:2'],
            'daylight' => ['required', 'array', 'size:2'],
            'pace' => ['sometimes', 'array:applying,cleaning,techniques'],
            'pace.applying' => $share,
            'pace.cleaning' => $share,
            'pace.techniques' => ['sometimes', 'array', 'max:200'],
            'pace.techniques.*' => $share,
            'setup' => ['required', 'integer:strict', 'min:0', 'max:120'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach (['sessions', 'exceptions'] as $field) {
                foreach ((array) $this->input($field) as $key => $hours) {
                    if (
                        $field === 'exceptions' &&
                        preg_match('/^20\d\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/', (string) $key) !== 1
                    ) {
                        $validator->errors()->add("exceptions.{$key}", 'A date like 2026-12-24.');
                    }
                    foreach (is_array($hours) ? array_values($hours) : [] as $at => $span) {
                        if (! self::isSpan($span)) {
                            $validator
                                ->errors()
                                ->add(
                                    "{$field}.{$key}.{$at}",
                                    'From and to, in minutes of the day, the end after the beginning.',
                                );
                        }
                    }
                }
            }
            foreach (['compressor', 'daylight'] as $field) {
                if (! self::isSpan($this->input($field))) {
                    $validator
                        ->errors()
                        ->add($field, 'From and to, in minutes of the day, the end after the beginning.');
                }
            }
        });
    }

    public function week(): Week
    {
        /** @var WeekData $data */
        $data = $this->validated();

        return BenchSettings::read($data);
    }

    private static function isSpan(mixed $span): bool
    {
        return is_array($span) &&
            array_keys($span) === [0, 1] &&
            is_int($span[0]) &&
            is_int($span[1]) &&
            $span[0] >= 0 &&
            $span[1] <= 1440 &&
            $span[0] < $span[1];
    }
}
