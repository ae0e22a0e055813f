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
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Traffic;
use Ulvrach\Stuff\Technique\Nature;

final class WearWithoutTraffic extends RuleBase implements LooksAtZone
{
    public const CODE = 'wear-without-traffic';

    public const TITLE = 'Nothing rubs where the paint is worn';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Paint wears where boots, hands and stowage rub; a sheltered corner keeps it.';

    protected const WATCHES = [Nature::Wear];

    private const RUBBED = [
        Place::Edges,
        Place::RaisedDetail,
        Place::Fittings,
        Place::WheelPath,
        Place::Hits,
    ];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $zone = $below->zone();

        return ($zone->sheltered || $zone->traffic === Traffic::None) && ! $this->isWhereThingsRub($situation)
            ? $this->finding(
                Severity::Note,
                $situation,
                'Nothing rubs the face here; name the edges or fittings that are worn.',
            )
            : null;
    }

    /** Edges, handles and hits wear on a face that nobody walks on, too. */
    private function isWhereThingsRub(Situation $situation): bool
    {
        return array_intersect(
            array_map(static fn (Place $place) => $place->value, $situation->step->extent->places ?? []),
            array_map(static fn (Place $place) => $place->value, self::RUBBED),
        ) !== [];
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
