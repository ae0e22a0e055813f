<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

/** The head of a rivet or bolt on a face. */
final readonly class Rivet
{
    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float}  $normal  of the face that it sits on, of length 1
     */
    public function __construct(public array $at, public array $normal, public float $radius)
    {
    }
}
