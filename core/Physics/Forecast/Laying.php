<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Physics\Finish\Mark;

/**
 * One mark as it is laid, and what it has made of every ground that it was laid on so far. Forecasts of plans that
 * differ in other steps share it.
 *
 * @internal to Ulvrach\Physics\Forecast
 */
final class Laying
{
    /**
     * Both are kept, so that the number of what was before is nobody else's meanwhile.
     *
     * @var array<int, array{Colours, Colours}> by object id of what was before: after, before
     */
    private array $known = [];

    /** @param  Stroke|null  $stroke  null: it has no colour of its own */
    public function __construct(public readonly Mark $mark, public readonly ?Stroke $stroke)
    {
    }

    public function known(Colours $before): ?Colours
    {
        return $this->known[spl_object_id($before)][0] ?? null;
    }

    public function comesTo(Colours $before, Colours $after): Colours
    {
        $this->known[spl_object_id($before)] = [$after, $before];

        return $after;
    }
}
