<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/**
 * A carrier on its way to a surface: what it is, how it gets there, and the binder that it brings (none in a clean-up).
 */
final readonly class Liquid
{
    public function __construct(
        public Carrier $carrier,
        public Contact $contact,
        public ?BinderFamily $brings = null,
    ) {
    }
}
