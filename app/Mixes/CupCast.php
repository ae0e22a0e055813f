<?php

declare(strict_types=1);

namespace App\Mixes;

use App\Shared\ReadOnce;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Stuff\Palette\Cup;

/**
 * A cup is stored with its jars as plan files write products.
 *
 * @extends ReadOnce<Cup>
 *
 * @phpstan-import-type CupData from OwnShelfFile
 */
final class CupCast extends ReadOnce
{
    protected function read(string $text): Cup
    {
        /** @var CupData $cup */
        $cup = json_decode($text, true, 40, JSON_THROW_ON_ERROR);

        return OwnShelfFile::readCup($cup);
    }

    protected function write(object $value): string
    {
        if (! ($value instanceof Cup)) {
            throw new \InvalidArgumentException('Only a cup can be stored as a cup.');
        }

        return json_encode(OwnShelfFile::writeCup($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
