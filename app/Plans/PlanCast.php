<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\Plan;
use Ulvrach\PlanFile\PlanReader;
use Ulvrach\PlanFile\PlanWriter;

/**
 * A stored plan is its plan file: one format to read, to export and to keep.
 *
 * @implements CastsAttributes<Plan, Plan>
 *
 * @phpstan-import-type PlanData from PlanReader
 */
final class PlanCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Plan
    {
        /** @var PlanData $document */
        $document = json_decode(is_string($value) ? $value : '', true, 64, JSON_THROW_ON_ERROR);

        return PlanReader::fromArray($document);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! ($value instanceof Plan)) {
            throw new \InvalidArgumentException('Only a plan can be stored as a plan.');
        }

        return json_encode(
            PlanWriter::toArray($value),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }
}
