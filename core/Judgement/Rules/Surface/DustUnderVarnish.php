<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Nature;

final class DustUnderVarnish extends RuleBase
{
    public const CODE = 'dust-under-varnish';

    public const TITLE = 'Varnish swallows the dust';

    public const EXPLANATION = 'A sprayed varnish wets loose pigment through: it turns darker and flatter, and half '
        .'of a light dust is gone.';

    protected const WATCHES = [Nature::ClearCoat, Nature::FixPigment];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $top = $below->top();
        if ($situation->kind->is(Nature::FixPigment) && ! $this->isVarnish($situation)) {
            return null;
        }

        return $top?->film === BinderFamily::DryPigment
            ? $this->finding(
                Severity::Note,
                $situation,
                'The varnish darkens the loose pigment below and swallows part of it.',
                ['pigment' => $top->stepId],
            )
            : null;
    }

    /** Many hold their pigment with a varnish, which swallows it all the same. */
    private function isVarnish(Situation $situation): bool
    {
        return $situation->technique->code === 'fix-varnish';
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->moveBefore($finding->stepId, (string) $finding->facts['pigment']),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
