<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Stuff\Technique\Nature;

final class OilOnGloss extends WrongSheen
{
    public const CODE = 'oil-on-gloss';

    public const TITLE = 'Oil slides on gloss';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Oil finds no hold on gloss: it slides under the brush and wipes away altogether.';

    protected const SEVERITY = Severity::Note;

    protected const WATCHES = [Nature::Blend];

    protected const HAPPENS = 'The oil slides on the gloss and is wiped away instead of blended.';
}
