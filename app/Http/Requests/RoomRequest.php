<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Drying\RoomProfile;
use Ulvrach\Drying\Season;

/** What somebody's room is like through the year. */
final class RoomRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $rules = [];
        foreach (Season::cases() as $season) {
            $rules[$season->value] = ['required', 'array:temperatureC,humidityPercent'];
            $rules["{$season->value}.temperatureC"] = ['required', 'numeric:strict', 'min:5', 'max:35'];
            $rules["{$season->value}.humidityPercent"] = ['required', 'numeric:strict', 'min:10', 'max:95'];
        }

        return $rules;
    }

    public function profile(): RoomProfile
    {
        /** @var array<string, array{temperatureC: float|int, humidityPercent: float|int}> $seasons */
        $seasons = $this->validated();

        return RoomProfile::read($seasons);
    }
}
