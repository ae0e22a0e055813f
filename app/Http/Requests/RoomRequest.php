<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Stuff\Drying\RoomProfile;
use Ulvrach\Stuff\Drying\Season;

/**
 * What somebody's room is like by season and by hour, and whether the clock counts with it.
 *
 * @phpstan-import-type RoomData from RoomProfile
 */
final class RoomRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $rules = [
            'seasons' => ['required', 'array'],
            'counts' => ['required', 'boolean:strict'],
            'night' => ['required', 'array', 'list', 'size:2'],
            'night.*' => ['required', 'integer:strict', 'min:0', 'max:1439'],
        ];
        foreach (Season::cases() as $season) {
            foreach (['day', 'night'] as $part) {
                $air = "seasons.{$season->value}.{$part}";
                $rules[$air] = ['required', 'array:temperatureC,humidityPercent'];
                $rules["{$air}.temperatureC"] = ['required', 'numeric:strict', 'min:5', 'max:35'];
                $rules["{$air}.humidityPercent"] = ['required', 'numeric:strict', 'min:10', 'max:95'];
            }
        }

        return $rules;
    }

    public function profile(): RoomProfile
    {
        /** @var RoomData $room */
        $room = $this->validated();

        return RoomProfile::read($room);
    }
}
