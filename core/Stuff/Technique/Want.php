<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;

/** What a technique is usually done with, so that a new step begins with something that suits it. */
final readonly class Want
{
    /**
     * @param  string|null  $colour  "#rrggbb"; null: clear
     * @param  Sheen|null  $sheen  null: whatever it has
     * @param  bool  $anyColour  whether the colour is only where one begins, as for a base; otherwise it is what it is
     *   for
     * @param  bool  $onlyThisFamily  whether the others that it takes are makeshifts, which nobody is told to use
     */
    public function __construct(
        public BinderFamily $family,
        public ?string $colour = null,
        public ?Sheen $sheen = null,
        public bool $anyColour = false,
        public bool $onlyThisFamily = false,
    ) {
    }
}
