<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Stuff\Material\Product;

/**
 * How long a film took until its sign was seen, against what the table says of it in that air. A wash is dull when it
 * can be cleaned, any other film is dry to the touch.
 */
final readonly class Observed
{
    /**
     * @param  string  $entry  id of the log entry
     * @param  int  $minutes  from the last stroke
     * @param  float  $expected  minutes by the table, in the middle of its range
     */
    private function __construct(
        public string $entry,
        public string $step,
        public Product $product,
        public int $minutes,
        public float $expected,
    ) {
    }

    /** @return list<self> of steps that are still in the plan, the oldest first */
    public static function of(Walk $walk): array
    {
        $observed = $seen = [];
        foreach ($walk->log->standing() as $entry) {
            $index = $entry->stepId === null ? null : $walk->plan->indexOf($entry->stepId);
            $layer = $index === null ? null : $walk->layers[$index];
            if ($entry->kind !== EntryKind::Ready || $index === null || $layer === null) {
                continue;
            }
            $isCleaned = $walk->plan->steps[$index]->cleanUp !== [];
            $from = self::lastStroke($walk, $entry, $isCleaned);
            $expected = $isCleaned
                ? self::untilDull($walk, $index)
                : self::middle($layer->soonest[0] - $layer->laidAt, $layer->touchDryAt - $layer->laidAt);
            // Only the first time that it was seen tells how long it took.
            if ($from !== null && $entry->at > $from && $expected !== null && ! isset($seen["{$index} {$from}"])) {
                $seen["{$index} {$from}"] = true;
                $minutes = $entry->at - $from;
                $row = $walk->situations[$index]->work->dryingRow();
                $own = $row === null ? 1.0 : $layer->product->material->times?->against($row) ?? 1.0;
                $observed[] = new self($entry->id, $layer->stepId, $layer->product, $minutes, $expected / $own);
            }
        }

        return $observed;
    }

    /** Unix minute; null: nobody has said when it was. */
    private static function lastStroke(Walk $walk, Entry $ready, bool $isCleaned): ?int
    {
        $at = null;
        foreach ($walk->log->standing() as $entry) {
            $isIts =
                $entry->stepId === $ready->stepId &&
                $entry->kind === ($isCleaned ? EntryKind::Laid : EntryKind::Finished);
            $at = $isIts && $entry->at <= $ready->at ? $entry->at : $at;
        }

        return $at;
    }

    /** Minutes from the last stroke until it can be cleaned, on the ground where that is soonest. */
    private static function untilDull(Walk $walk, int $index): ?float
    {
        $window = $walk->situations[$index]->shortestCleanUpWindow();

        return $window === null ? null : self::middle($window->earliest, $window->surely);
    }

    private static function middle(int $from, int $to): float
    {
        return sqrt(max(1, $from) * max(1, $to));
    }
}
