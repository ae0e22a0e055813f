<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

final class WashTooStrong extends MarkRule
{
    public const CODE = 'wash-too-strong';

    public const TITLE = 'The wash is too strong';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'Nearly black lines on a light vehicle draw a net over it; a brown or grey of the same '
        .'hue does not.';

    /** L* by which a line may be darker than its face; docs/forecast.md, "what reads". */
    private const A_NET = 30.0;

    /** The same on a face that is white or nearly, by its L*: there every line is seen first. */
    private const ON_WHITE = 24.0;

    private const WHITE = 78.0;

    protected function isAbout(Situation $situation): bool
    {
        return $situation->kind->is(Nature::Wash) && $situation->technique->role === ColourRole::Shade;
    }

    protected function fault(Situation $situation, Contrast $now, Contrast $before): ?string
    {
        $most = $now->ground->l > self::WHITE ? self::ON_WHITE : self::A_NET;

        return $now->depth() > $most ? 'draws hard lines' : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            ...$bench->colours()->thatAreQuieter($finding),
            $bench->withProduct(
                $finding->stepId,
                $bench->need('track-wash')->inFamilies(...$bench->techniqueOf($finding->stepId)->families),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
