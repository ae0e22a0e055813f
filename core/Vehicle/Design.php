<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

/** How one kind of vehicle is built from its measures. */
interface Design
{
    /** @return list<Parameter> in the order in which one would ask for them */
    public static function parameters(): array;

    public static function build(Modeller $modeller, Form $form): void;
}
