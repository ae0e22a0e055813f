<?php

declare(strict_types=1);

namespace Ulvrach\Drying;

/**
 * Drying times of one product at 20 °C and 50 % relative humidity that somebody knows better than the table: from its
 * label, from a trial, from the log. Minutes, each as [from, to]; null: the table's.
 */
final readonly class OwnTimes
{
    /**
     * @param  array{int, int}|null  $touchDry
     * @param  array{int, int}|null  $recoatable
     * @param  array{int, int}|null  $solventProof
     * @param  string  $source  whose they are: "label", "own trial"
     */
    public function __construct(
        public ?array $touchDry,
        public ?array $recoatable,
        public ?array $solventProof,
        public string $source,
    ) {
    }
}
