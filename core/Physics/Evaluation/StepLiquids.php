<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\Liquid;
use Ulvrach\Stuff\Technique\Kind;

/**
 * The liquids that have been asked for: like ones are the same one, so that what it does to a film is looked up once.
 */
final class StepLiquids
{
    /** @var array<string, StepLiquid> */
    private array $known = [];

    public function get(
        Carrier $carrier,
        Contact $contact,
        ?BinderFamily $brings,
        Kind $kind,
        bool $isCleanUp,
    ): StepLiquid {
        $key = "{$carrier->value} {$contact->name} {$brings?->value} {$kind->value} {$isCleanUp}";

        return $this->known[$key] ??= new StepLiquid(
            new Liquid($carrier, $contact, $brings),
            $kind,
            $isCleanUp,
        );
    }
}
