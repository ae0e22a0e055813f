<?php

declare(strict_types=1);

namespace App\Plans;

use App\Shared\ReadOnce;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\SchoolChoice;

/**
 * A school is stored as plan files write it.
 *
 * @extends ReadOnce<SchoolChoice>
 *
 * @phpstan-import-type SchoolData from PlanReader
 */
final class SchoolCast extends ReadOnce
{
    protected function read(string $text): SchoolChoice
    {
        /** @var SchoolData $school */
        $school = json_decode($text, true, 8, JSON_THROW_ON_ERROR);

        return PlanReader::school($school);
    }

    protected function write(object $value): string
    {
        return $value instanceof SchoolChoice
            ? json_encode(PlanWriter::school($value), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
            : throw new \InvalidArgumentException('Only a school can be stored as a school.');
    }
}
