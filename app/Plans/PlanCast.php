<?php

declare(strict_types=1);

namespace App\Plans;

use App\Shared\ReadOnce;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\File\Upgrade\Upgrades;
use Ulvrach\Plan\Plan;

/**
 * A stored plan is its plan file: one format to read, to export and to keep. Older versions are brought up to date when
 * they are read.
 *
 * @extends ReadOnce<Plan>
 *
 * @phpstan-import-type PlanData from PlanReader
 */
final class PlanCast extends ReadOnce
{
    /** @throws UnreadablePlan if this program cannot read it */
    protected function read(string $text): Plan
    {
        $document = json_decode($text, true, 64);
        if (is_array($document) && ($document['version'] ?? null) === Upgrades::NEWEST) {
            try {
                /** @var PlanData $document */
                return PlanReader::fromArray($document);
            } catch (\Throwable) {
                // What was written by this program is read without being checked; this was not. The check says why.
            }
        }
        try {
            return PlanReader::read($text)->plan;
        } catch (BadPlanFile $bad) {
            throw UnreadablePlan::because($bad);
        } catch (\Throwable $error) {
            throw UnreadablePlan::because(new BadPlanFile([new Fault('', $error->getMessage())]));
        }
    }

    protected function write(object $value): string
    {
        if (! $value instanceof Plan) {
            throw new \InvalidArgumentException('Only a plan can be stored as a plan.');
        }

        return json_encode(
            PlanWriter::toArray($value),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }
}
