<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File\Upgrade;

use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** What the library says of a technique today, for documents that did not keep it. */
final class Words
{
    public static function ofTechnique(string $code): string
    {
        return TechniqueLibrary::has($code) ? TechniqueLibrary::get($code)->name : $code;
    }

    /** @return positive-int */
    public static function coatsOf(string $code): int
    {
        return TechniqueLibrary::has($code) ? max(1, TechniqueLibrary::get($code)->coats) : 1;
    }
}
