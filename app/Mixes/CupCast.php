<?php

declare(strict_types=1);

namespace App\Mixes;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Palette\Cup;
use Ulvrach\PlanFile\OwnShelfFile;
use Ulvrach\PlanFile\PlanReader;

/**
 * A cup is stored with its jars as plan files write products.
 *
 * @implements CastsAttributes<Cup, Cup>
 *
 * @phpstan-import-type ProductData from PlanReader
 */
final class CupCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Cup
    {
        /**
         * @var array{
         *   parts: non-empty-list<array{jar: ProductData, parts: int}>,
         *   share: int|float,
         *   wanted: array{int|float, int|float, int|float}|null,
         * } $cup
         */
        $cup = json_decode(is_string($value) ? $value : '', true, 12, JSON_THROW_ON_ERROR);

        return OwnShelfFile::readCup($cup);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! ($value instanceof Cup)) {
            throw new \InvalidArgumentException('Only a cup can be stored as a cup.');
        }

        return json_encode(OwnShelfFile::writeCup($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
