<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Quantity\Moment;
use Ulvrach\Quantity\Span;

/** When a film opens, as plain data: the sure moments, and beside them the soonest. */
final class CureReport
{
    /**
     * @param  array{touchDry: Span, recoatable: Span, solventProof: Span|null}  $cures  Unix minutes
     * @return array{
     *   touchDry: string,
     *   recoatable: string,
     *   solventProof: string|null,
     *   soonest: array{touchDry: string, recoatable: string, solventProof: string|null},
     * } surely, and perhaps already; solvent-proof null: never
     */
    public static function of(array $cures): array
    {
        $proof = $cures['solventProof'];

        return [
            'touchDry' => Moment::write($cures['touchDry']->sure),
            'recoatable' => Moment::write($cures['recoatable']->sure),
            'solventProof' => $proof === null ? null : Moment::write($proof->sure),
            'soonest' => [
                'touchDry' => Moment::write($cures['touchDry']->soonest),
                'recoatable' => Moment::write($cures['recoatable']->soonest),
                'solventProof' => $proof === null ? null : Moment::write($proof->soonest),
            ],
        ];
    }

    /**
     * The same in minutes from the last stroke, for a device that has to count for itself.
     *
     * @param  array{touchDry: Span, recoatable: Span, solventProof: Span|null}  $cures  Unix minutes
     * @return array<string, mixed>
     */
    public static function since(array $cures, int $laidAt): array
    {
        $proof = $cures['solventProof']?->since($laidAt);
        [$touch, $coat] = [$cures['touchDry']->since($laidAt), $cures['recoatable']->since($laidAt)];

        return [
            'touchDry' => $touch->sure,
            'recoatable' => $coat->sure,
            'solventProof' => $proof?->sure,
            'soonest' => [
                'touchDry' => $touch->soonest,
                'recoatable' => $coat->soonest,
                'solventProof' => $proof?->soonest,
            ],
        ];
    }
}
