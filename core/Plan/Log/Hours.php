<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

/** How long somebody sat at each step: from each "begun" to the pause or the end that followed it. */
final class Hours
{
    /** Minutes beyond which nobody sat at a step in one go: the press that should have ended it was forgotten. */
    private const FORGOTTEN = 720;

    /** @return array<string, int> minutes by step id, of finished steps of which somebody said when they began */
    public static function of(Log $log): array
    {
        $entries = $log->standing();
        usort($entries, static fn (Entry $one, Entry $other) => $one->at <=> $other->at);
        $since = $spent = [];
        foreach ($entries as $entry) {
            $step = $entry->stepId;
            if ($step === null) {
                continue;
            }
            if ($entry->kind === EntryKind::Begun) {
                $since[$step] ??= $entry->at;
            } elseif (in_array($entry->kind, [EntryKind::Paused, EntryKind::Finished], true) && isset($since[$step])) {
                $minutes = $entry->at - $since[$step];
                unset($since[$step]);
                if ($minutes <= self::FORGOTTEN) {
                    $spent[$step] = ($spent[$step] ?? 0) + $minutes;
                }
            }
        }

        return array_filter(
            $spent,
            static fn (int $minutes, string $step) => $minutes > 0 && $log->isFinished($step),
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
