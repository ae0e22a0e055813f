<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class MarkShouts extends MarkRule
{
    public const CODE = 'mark-shouts';

    public const TITLE = 'The streaks or the rust shout';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'A run or a stain that differs from its ground more than camouflage colours do is seen '
        .'before the vehicle is.';

    /** CIEDE2000 beyond which a run or stain is the first thing seen; docs/forecast.md, "what reads". */
    private const SHOUTS = 20.0;

    protected function isAbout(Situation $situation): bool
    {
        return $situation->kind->is(Nature::Streak) || $situation->technique->role === ColourRole::Rust;
    }

    protected function fault(Situation $situation, Contrast $now, Contrast $before): ?string
    {
        return $now->difference() > self::SHOUTS ? 'shouts' : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            ...$bench->colours()->thatAreQuieter($finding),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
