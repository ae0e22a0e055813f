<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

final class TrackFacesUnpolished extends EndRule implements JourneyRule, LooksAtZone
{
    public const CODE = 'track-faces-unpolished';

    public const TITLE = 'The running faces stay dull';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Where track meets ground and wheels it is ground bright; a track that is dull all '
        .'over has never moved.';

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        if (
            $zone->zone()->kind !== ZoneKind::Tracks ||
            count($zone->layers) < 2 ||
            $zone->lastStepOf(Nature::Metal) >= 0 ||
            self::isPolished($zone)
        ) {
            return null;
        }

        return $this->findingOn(
            Severity::Note,
            $plan->steps[(int) $zone->lastStep()]->id,
            'The faces that run stay as dull as the rest.',
        );
    }

    /** By dry brush or pencil, too, where what is in the jar shines and does not cover all. */
    private static function isPolished(Strata $zone): bool
    {
        foreach ($zone->layers as $layer) {
            if ($layer->coverage !== Coverage::Whole && $layer->shinesAsMetal()) {
                return true;
            }
        }

        return false;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->insertBefore(
                count($bench->plan->steps),
                'track-polish',
                $finding->zones,
                'Polish the contact faces last',
            ),
        ];
    }
}
