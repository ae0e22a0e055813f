<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class BarePartUnprimed extends RuleBase implements LooksAtZone
{
    public const CODE = 'bare-part-unprimed';

    public const TITLE = 'The bare part has no primer';

    public const EXPLANATION = 'Paint grips resin, metal and vinyl only through a primer; without one it rubs off '
        .'edges and flakes when the part bends.';

    protected const WATCHES = [
        Nature::CoatOfPaint,
        Nature::ClearCoat,
        Nature::ReleaseFilm,
    ];

    public function concerns(Situation $situation): bool
    {
        foreach ($situation->touched as $touched) {
            if ($touched->strata->layers === []) {
                return true;
            }
        }

        return false;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($below->layers !== [] || ! $below->zone()->substrate->needsPrimer()) {
            return null;
        }

        return $this->finding(
            Severity::Risk,
            $situation,
            ucfirst(
                "{$below->zone()->substrate->label()} gets its first coat without a primer: it will rub or flake off.",
            ),
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                $bench->indexOf($finding->stepId),
                'prime',
                $finding->zones,
                'Prime these parts first',
            ),
        ];
    }
}
