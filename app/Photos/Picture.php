<?php

declare(strict_types=1);

namespace App\Photos;

/** A photograph as it is kept: JPEG, upright, without anything that the camera wrote beside it. */
final readonly class Picture
{
    public function __construct(public int $width, public int $height, public string $large, public string $small)
    {
    }
}
