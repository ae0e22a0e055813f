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
        $findings = $by = [];
        foreach (MarkSeen::all($walk, $forecast) as $mark) {
            [$now, $end] = [$mark->asLaid()->difference(), $mark->atEnd()->difference()];
            $reads = Contrast::reads($mark->situation);
            if (! $mark->changes() || $now < $reads || $end >= $reads || $now - $end < self::NOTICED) {
                continue;
            }
            foreach ($mark->zones as $zone) {
                $under = $this->takenBy($mark, $zone, $now, $walk, $forecast);
                if ($under !== null) {
                    $step = $mark->situation->index;
                    $by[$step][$under] ??= [[], INF, INF];
                    $by[$step][$under][0][] = $zone;
                    $by[$step][$under][1] = min($by[$step][$under][1], $now);
                    $by[$step][$under][2] = min($by[$step][$under][2], $end);
                }
            }
        }
        foreach ($by as $step => $lost) {
            $situation = $walk->situations[$step];
            foreach ($lost as $index => [$zones, $now, $atEnd]) {
                $number = $index + 1;
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $situation->step->id,
                    $zones,
                    sprintf(
                        '“%s” reads as it is laid (a difference of %.0f) and hardly at the end (%.0f): most of it is '
                            .'lost under step %d.',
                        $situation->product->name ?? '',
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

    /** @return int|null index of the step that mutes it most; null: what does is meant to cover it */
    private function takenBy(MarkSeen $mark, string $zone, float $now, Walk $walk, Forecast $forecast): ?int
    {
        $laid = $mark->situation->index;
        [$worst, $fall, $before] = [null, 0.0, $now];
        foreach ($forecast->changesOf($zone) as $index => $colours) {
            if ($index <= $laid) {
                continue;
            }
            $here = Contrast::in($colours, $mark->spot, $laid)->difference();
            if ($before - $here > $fall) {
                [$worst, $fall] = [$index, $before - $here];
            }
            $before = $here;
        }
        $by = $worst === null ? null : $walk->situations[$worst];

        return $by !== null && self::mutes($by, $mark->situation) ? $by->index : null;
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
