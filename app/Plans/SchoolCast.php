<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\SchoolChoice;

/**
 * A school is stored as plan files write it.
 *
 * @implements CastsAttributes<SchoolChoice, SchoolChoice>
 *
 * @phpstan-import-type SchoolData from PlanReader
 */
final class SchoolCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): SchoolChoice
    {
        /** @var SchoolData $school */
        $school = json_decode(is_string($value) ? $value : '', true, 8, JSON_THROW_ON_ERROR);

        return PlanReader::school($school);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof SchoolChoice
            ? json_encode(PlanWriter::school($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
            : throw new \InvalidArgumentException('Only a school can be stored as a school.');
    }
}
