<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Technique\Nature;

final class SpiritFloodsGluedLinks extends RuleBase implements LooksAtZone
{
    public const CODE = 'spirit-floods-glued-links';

    public const TITLE = 'Spirit lets glued links go';

    public const EXPLANATION = 'Spirit creeps between single links and lets their glued joints go; a glaze that is '
        .'drained at once does not.';

    protected const WATCHES = [Nature::DrawnOff];

    /** Washes that run over whole faces, and into every joint. */
    private const OVER_ALL = ['enamel-wash', 'oil-wash'];

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $kind = $below->zone()->kind;
        if (
            ($kind !== ZoneKind::Tracks && $kind !== ZoneKind::SpareLinks) ||
            $below->zone()->substrate !== Substrate::Polystyrene
        ) {
            return null;
        }
        $isOverAll = in_array($situation->technique->code, self::OVER_ALL, true);
        foreach ($situation->liquids as $liquid) {
            $isMuch = ! $liquid->liquid->contact->isSprayed() && $liquid->liquid->contact !== Contact::Dab;
            $floods = $liquid->liquid->contact === Contact::Flood && $liquid->liquid->carrier->isSpirit();
            $runs = $isOverAll && ! $liquid->isCleanUp && $liquid->liquid->carrier->isSpirit() && $isMuch;
            if (($liquid->liquid->carrier === Carrier::WhiteSpirit && $isMuch) || $floods || $runs) {
                return $this->finding(
                    $runs && $liquid->liquid->carrier === Carrier::OdourlessSpirit ? Severity::Note : Severity::Risk,
                    $situation,
                    ucfirst($liquid->liquid->carrier->label()).' floods the glued links: the track may fall apart.',
                    ['cleanUp' => $liquid->isCleanUp ? 1 : 0],
                );
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $candidates =
            $finding->facts['cleanUp'] === 1
                ? [$bench->cleanUpWith($finding->stepId, Carrier::OdourlessSpirit, false)]
                : [$bench->thinnedWith($finding->stepId, Carrier::OdourlessSpirit)];

        return [
            ...$candidates,
            $bench->insteadUse(
                $finding->stepId,
                'clay-wash',
                'Use a clay wash instead',
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
