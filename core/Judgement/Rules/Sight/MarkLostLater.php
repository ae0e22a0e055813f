<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class MarkLostLater extends EndRule implements SeenRule
{
    public const CODE = 'mark-lost-later';

    public const TITLE = 'What comes later takes the mark away';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Filters, clear coats and dust bring a mark and its ground closer together: what only '
        .'just reads when it is laid is gone when all is done.';

    /** Work that mutes what lies below without meaning to cover it. */
    private const MUTES = [
        Nature::Filter,
        Nature::ClearCoat,
        Nature::Wash,
        Nature::Blend,
        Nature::Shade,
        Nature::FixPigment,
    ];

    /** CIEDE2000 that a mark has to lose for anybody to miss it. */
    private const NOTICED = 2.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = $histories = [];
        foreach ($walk->situations as $situation) {
            $spot = $situation->product?->material->colour === null ? null : Contrast::spotOf($situation);
            if ($spot === null) {
                continue;
            }
            $by = $known = [];
            foreach ($situation->touched as $touched) {
                foreach ($touched->zones as $zone) {
                    // Zones that have come through the same colours share their answer.
                    $key = $histories[$zone] ??= implode(
                        ' ',
                        array_map(spl_object_id(...), $forecast->changesOf($zone)),
                    );
                    $known[$key] ??= [$this->lost($situation, $spot, $zone, $walk, $forecast)];
                    [$lost] = $known[$key];
                    if ($lost !== null) {
                        $by[$lost[0]] ??= [[], INF, INF];
                        $by[$lost[0]][0][] = $zone;
                        $by[$lost[0]][1] = min($by[$lost[0]][1], $lost[1]);
                        $by[$lost[0]][2] = min($by[$lost[0]][2], $lost[2]);
                    }
                }
            }
            foreach ($by as $index => [$zones, $now, $atEnd]) {
                $number = $index + 1;
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $situation->step->id,
                    $zones,
                    sprintf(
                        '“%s” reads as it is laid (a difference of %.0f) and hardly at the end (%.0f): most of it is '
                            .'lost under step %d.',
                        $situation->product->name,
                        $now,
                        $atEnd,
                        $number,
                    ),
                    ['under' => $walk->plan->steps[$index]->id],
                );
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            ...$bench->colours()->thatRead($finding),
            $bench->moveAfter($finding->stepId, (string) $finding->facts['under']),
            $bench->leaveOut((string) $finding->facts['under'], $finding->zones),
        ];
    }

    /** @return array{int, float, float}|null index of the step that mutes it most, difference as laid and at the end */
    private function lost(Situation $situation, Spot $spot, string $zone, Walk $walk, Forecast $forecast): ?array
    {
        $changes = $forecast->changesOf($zone);
        if (! isset($changes[$situation->index]) || $forecast->lastCoatOn($zone) > $situation->index) {
            return null;
        }
        $now = Contrast::in($changes[$situation->index], $spot, $situation->index)->difference();
        $end = Contrast::in($forecast->atEnd($zone), $spot, $situation->index)->difference();
        $reads = Contrast::reads($situation);
        if ($now < $reads || $end >= $reads || $now - $end < self::NOTICED) {
            return null;
        }
        [$worst, $fall, $before] = [null, 0.0, $now];
        foreach ($changes as $index => $colours) {
            if ($index <= $situation->index) {
                continue;
            }
            $here = Contrast::in($colours, $spot, $situation->index)->difference();
            if ($before - $here > $fall) {
                [$worst, $fall] = [$index, $before - $here];
            }
            $before = $here;
        }
        $by = $worst === null ? null : $walk->situations[$worst];

        return $by !== null && self::mutes($by, $situation) ? [$by->index, $now, $end] : null;
    }

    /** One tone laid over another of its purpose builds on it; mud, soot and paint are meant to cover, rust chips. */
    private static function mutes(Situation $by, Situation $mark): bool
    {
        if ($by->technique->role === ColourRole::Rust && $mark->kind->is(Nature::Chips)) {
            return false;
        }
        $mutes = $by->kind->isAny(...self::MUTES) || $by->technique->role === ColourRole::Dust;

        return $mutes && $by->technique->role !== $mark->technique->role;
    }
}
