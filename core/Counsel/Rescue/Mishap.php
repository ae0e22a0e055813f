<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Stuff\Technique\Nature;

/** Something that goes wrong at the bench, as it is seen there, with the ways that may lead out of it. */
final readonly class Mishap
{
    /**
     * @param  string  $seen  what is seen, in the words of whoever sees it
     * @param  list<Nature>  $about  whose film it happens to, the topmost that lies open; empty: any
     * @param  list<Way>  $ways  those that can be taken back first
     */
    public function __construct(public string $code, public string $seen, public array $about, public array $ways)
    {
    }
}
