<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

/** Decoded JSON in the two shapes in which PHP has it. */
final class Json
{
    /** Objects as arrays, at every depth. */
    public static function toArrays(mixed $data): mixed
    {
        return match (true) {
            $data instanceof \stdClass => array_map(self::toArrays(...), get_object_vars($data)),
            is_array($data) => array_map(self::toArrays(...), $data),
            default => $data,
        };
    }
}
