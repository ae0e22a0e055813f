<?php

declare(strict_types=1);

namespace App\Mixes;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Ulvrach\Colour\Lab;
use Ulvrach\Palette\Cup;
use Ulvrach\PlanFile\PlanReader;
use Ulvrach\PlanFile\PlanWriter;

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

        return new Cup(
            array_map(static fn (array $of) => [PlanReader::product($of['jar']), $of['parts']], $cup['parts']),
            (float) $cup['share'],
            $cup['wanted'] === null ? null : new Lab(...array_map(floatval(...), $cup['wanted'])),
        );
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! ($value instanceof Cup)) {
            throw new \InvalidArgumentException('Only a cup can be stored as a cup.');
        }

        return json_encode(
            [
                'parts' => array_map(
                    static fn (array $of) => ['jar' => PlanWriter::product($of[0]), 'parts' => $of[1]],
                    $value->parts,
                ),
                'share' => $value->share,
                'wanted' => $value->wanted === null
                    ? null
                    : [$value->wanted->l, $value->wanted->a, $value->wanted->b],
            ],
            JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );
    }
}
