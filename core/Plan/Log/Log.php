<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

/**
 * What was really done on a build. It stands beside the plan: undo changes the plan and never the past. Entries are
 * only added; what a later one corrects no longer counts, and is still there to be read.
 */
final class Log
{
    /** @var list<Entry>|null oldest moment first */
    private ?array $standing = null;

    /** @var array<string, int>|null by step id: Unix minute */
    private ?array $finished = null;

    /** @var array<string, int> by step id: Unix minute */
    private array $begun = [];

    /** @var array<string, int>|null by step id: Unix minute */
    private ?array $laid = null;

    /**
     * @param  list<Entry>  $entries  in the order in which they were written down
     * @param  list<Trial>  $elsewhere  what the same person has tried on other builds, the oldest first
     */
    public function __construct(public readonly array $entries = [], public readonly array $elsewhere = [])
    {
    }

    public function with(Entry ...$entries): self
    {
        return new self([...$this->entries, ...array_values($entries)], $this->elsewhere);
    }

    /** @param  list<Trial>  $trials  of other builds, the oldest first */
    public function knowing(array $trials): self
    {
        return new self($this->entries, $trials);
    }

    /** @return list<Entry> those that count, by the moment at which it happened */
    public function standing(): array
    {
        if ($this->standing === null) {
            $corrected = array_flip(
                array_filter(array_map(static fn (Entry $entry) => $entry->corrects, $this->entries), is_string(...)),
            );
            $standing = array_filter(
                $this->entries,
                static fn (Entry $entry) => $entry->kind !== EntryKind::Withdrawn && ! isset($corrected[$entry->id]),
            );
            usort($standing, static fn (Entry $a, Entry $b) => $a->at <=> $b->at);
            $this->standing = $standing;
        }

        return $this->standing;
    }

    /** When the step was finished, Unix minute; the last time if there are several. Null: it is still to do. */
    public function finishedAt(string $stepId): ?int
    {
        return $this->moments()[$stepId] ?? null;
    }

    /** When work on the step began, if somebody has said so and it was before its end. */
    public function begunAt(string $stepId): ?int
    {
        $finished = $this->finishedAt($stepId);
        $begun = $this->begun[$stepId] ?? null;

        return $begun !== null && $finished !== null && $begun > $finished ? null : $begun;
    }

    /** When its last stroke was laid, if it is not finished yet; Unix minute. */
    public function laidAt(string $stepId): ?int
    {
        return $this->isFinished($stepId) ? null : $this->laid()[$stepId] ?? null;
    }

    /** When its last stroke was laid, of a step that is finished; Unix minute. Null: nobody has said so. */
    public function lastStrokeAt(string $stepId): ?int
    {
        $finished = $this->finishedAt($stepId);
        $laid = $finished === null ? null : $this->laid()[$stepId] ?? null;

        return $laid === null || $laid > $finished ? null : $laid;
    }

    /** How often it was said that all of a step is on: rounds of a wash, or of wetting a film to lift chips. */
    public function roundsOf(string $stepId): int
    {
        return count(
            array_filter(
                $this->standing(),
                static fn (Entry $entry) => $entry->kind === EntryKind::Laid && $entry->stepId === $stepId,
            ),
        );
    }

    /** @return array<string, int> by step id: when its last stroke was laid, the last time if there are several */
    private function laid(): array
    {
        if ($this->laid === null) {
            $this->laid = [];
            foreach ($this->standing() as $entry) {
                if ($entry->kind === EntryKind::Laid && $entry->stepId !== null) {
                    $this->laid[$entry->stepId] = $entry->at;
                }
            }
        }

        return $this->laid;
    }

    public function isFinished(string $stepId): bool
    {
        return isset($this->moments()[$stepId]);
    }

    public function isEmpty(): bool
    {
        return $this->entries === [];
    }

    /** @return array<string, int> by step id: the moment at which it was finished, Unix minute */
    public function moments(): array
    {
        if ($this->finished === null) {
            $this->finished = [];
            foreach ($this->standing() as $entry) {
                if ($entry->stepId === null) {
                    continue;
                }
                if ($entry->kind === EntryKind::Finished) {
                    $this->finished[$entry->stepId] = $entry->at;
                } elseif ($entry->kind === EntryKind::Begun) {
                    $this->begun[$entry->stepId] = $entry->at;
                }
            }
        }

        return $this->finished;
    }

    /** @return list<Trial> whose combinations are written down, those of other builds first, then the oldest first */
    public function trials(): array
    {
        $trials = $this->elsewhere;
        foreach ($this->standing() as $entry) {
            if ($entry->trial !== null && $entry->trial->tried !== []) {
                $trials[] = $entry->trial;
            }
        }

        return $trials;
    }

    /** The last trial at the step that is evidence for or against a rule; null: there was none. */
    public function trial(string $stepId, string $rule): ?Trial
    {
        $last = null;
        foreach ($this->standing() as $entry) {
            if ($entry->stepId === $stepId && $entry->trial?->rule === $rule) {
                $last = $entry->trial;
            }
        }

        return $last;
    }

    /** The entry by which the step counts as finished; null: it is still to do. */
    public function finish(string $stepId): ?Entry
    {
        $last = null;
        foreach ($this->standing() as $entry) {
            if ($entry->stepId === $stepId && $entry->kind === EntryKind::Finished) {
                $last = $entry;
            }
        }

        return $last;
    }
}
