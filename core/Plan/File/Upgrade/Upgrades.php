<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File\Upgrade;

use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\SchemaCheck;

/**
 * Brings plan files of older versions to the newest. Each step from one version to the next is a pure function from
 * document to document; a file that is newer than this program is refused, since what it says could be lost.
 */
final class Upgrades
{
    public const NEWEST = 2;

    /**
     * The version that a document says it has.
     *
     * @param  mixed  $data  decoded JSON with objects as stdClass
     *
     * @throws BadPlanFile if it has none, or one that this program does not know
     */
    public static function versionOf(mixed $data): int
    {
        $version = is_object($data) ? $data->version ?? null : null;
        if (is_float($version) && floor($version) === $version) {
            $version = (int) $version;
        }
        if (is_int($version) && $version > self::NEWEST) {
            throw new BadPlanFile([
                new Fault(
                    '/version',
                    "This was written by a newer Ulvrach (version {$version} of the format; this one reads up to "
                        .self::NEWEST.'). Nothing of it was changed.',
                ),
            ]);
        }

        return is_int($version) && $version >= 1 ? $version : self::NEWEST;
    }

    /** The schema that a document of that version has to fit. */
    public static function schemaOf(int $version): string
    {
        return match ($version) {
            1 => SchemaCheck::PLAN_1,
            2 => SchemaCheck::PLAN,
            default => throw new \LogicException("There is no version {$version} of the format."),
        };
    }

    /**
     * @param  array<string, mixed>  $document  that fits the schema of its version
     * @return array<string, mixed> the same in the newest version
     */
    public static function toNewest(array $document): array
    {
        $version = is_numeric($document['version'] ?? null) ? (int) $document['version'] : self::NEWEST;

        return $version === 1 ? FromVersion1::upgrade($document) : $document;
    }
}
