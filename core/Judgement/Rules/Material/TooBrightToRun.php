<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Technique\Nature;

final class TooBrightToRun extends RuleBase implements LooksAtZone
{
    public const CODE = 'too-bright-to-run';

    public const TITLE = 'The metal is too bright to run';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'What runs on the ground is polished by grit, which leaves it bright but grey; chrome '
        .'and new silver belong to parts that nothing grinds.';

    protected const WATCHES = [Nature::Metal, Nature::Chips, Nature::Detail];

    /** CIELAB lightness above which a metal reads as chrome or new silver; docs/sources.md, "bright metal". */
    private const CHROME = 72.0;

    public function concerns(Situation $situation): bool
    {
        $material = $situation->product?->material;

        return $material !== null && $material->metallic && ($material->colour->l ?? 0.0) > self::CHROME;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $runs = [ZoneKind::Tracks, ZoneKind::SpareLinks, ZoneKind::RunningGear, ZoneKind::Wheels];

        return in_array($below->zone()->kind, $runs, true)
            ? $this->finding(
                Severity::Note,
                $situation,
                "“{$situation->product?->name}” is too bright for what runs on the ground.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insteadUse(
                $finding->stepId,
                $bench->techniqueOf($finding->stepId)->code,
                'Take a duller steel',
                $bench->need('track-polish'),
            ),
        ];
    }
}
