<?php

declare(strict_types=1);

namespace Ulvrach\Drying;

/**
 * Minutes from laying a thin coat to each cure state at 20 °C and 50 % relative humidity, each as [from, to]. A plan
 * counts with the later end: who starts at the earlier one relies on luck. Solvent-proof is null for films that their
 * own carrier wakes for ever.
 */
final readonly class CureTimes
{
    /**
     * @param  array{int, int}  $touchDry
     * @param  array{int, int}  $recoatable
     * @param  array{int, int}|null  $solventProof
     */
    public function __construct(
        public string $name,
        public array $touchDry,
        public array $recoatable,
        public ?array $solventProof,
        public string $reason,
    ) {
    }
}
