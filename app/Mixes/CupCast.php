<?php

declare(strict_types=1);

namespace App\Mixes;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Stuff\Palette\Cup;

/**
 * A cup is stored with its jars as plan files write products.
 *
 * @implements CastsAttributes<Cup, Cup>
 *
 * @phpstan-import-type CupData from OwnShelfFile
 */
final class CupCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Cup
    {
        /** @var CupData $cup */
        $cup = json_decode(is_string($value) ? $value : '', true, 40, JSON_THROW_ON_ERROR);

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
