<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Cure;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Quantity\Span;
use Ulvrach\Stuff\Technique\Nature;

final class MaskOnSoftPaint extends RuleBase
{
    public const CODE = 'mask-on-soft-paint';

    public const TITLE = 'The mask meets soft paint';

    public const EXPLANATION = 'Tape and putty sink into paint that has not hardened through and take it along when '
        .'they come off.';

    protected const WATCHES = [Nature::Mask];

    /** Minutes after which putty and paper lift nothing. */
    private const OVERNIGHT = 12 * Minutes::HOUR;

    /** Names of masks that hold with less than glue. */
    private const HOLDS_LITTLE = '/putty|paper|paste/i';

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $hold = $situation->holdOn($below);
        if ($hold === null || $hold->until <= $situation->start) {
            return null;
        }
        $number = $hold->layer->stepIndex + 1;
        $waited = $situation->start - $hold->layer->laidAt;
        $takes = (new Span($hold->soonest, $hold->sure))->since($hold->layer->laidAt)->inWords();
        [$severity, $says] = match (true) {
            $waited < $hold->layer->soonest[1] - $hold->layer->laidAt || $waited < Minutes::HOUR => [
                Severity::Stop,
                'the mask will pull it off',
            ],
            $waited < self::OVERNIGHT => [Severity::Risk, 'the mask may pull it off'],
            $this->holdsLittle($situation) => [null, ''],
            default => [Severity::Note, 'putty and paper leave it on by now, tape may not'],
        };
        if ($severity === null) {
            return null;
        }

        return $this->finding(
            $severity,
            $situation,
            'It goes on after '.Minutes::inWords($waited)
                ."; the paint of step {$number} bears masks after {$takes}: {$says}.",
        );
    }

    /** By the technique, or by the name of what it is done with. */
    private function holdsLittle(Situation $situation): bool
    {
        return in_array($situation->technique->code, ['mask-putty', 'mask-paper'], true) ||
            preg_match(self::HOLDS_LITTLE, (string) $situation->product?->name) === 1;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->waitUntilReady($finding->stepId), $bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
