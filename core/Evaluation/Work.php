<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\Carrier;
use Ulvrach\Chemistry\Contact;
use Ulvrach\Material\Product;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;
use Ulvrach\Technique\TechniqueLibrary;

/** One step as work: how it is done, with what, and which liquids it brings. It knows nothing of time or of layers. */
final readonly class Work
{
    public Step $step;

    public Technique $technique;

    public TechniqueKind $kind;

    public ?Product $product;

    /** @var list<StepLiquid> that of the product first, then those of the clean-up */
    public array $liquids;

    public function __construct(public Plan $plan, public int $index, StepLiquids $known)
    {
        $this->step = $plan->steps[$index];
        $this->technique = TechniqueLibrary::get($this->step->technique);
        $this->kind = $this->technique->kind;
        $this->product = $plan->productOf($this->step);
        $this->liquids = $this->liquidsOfStep($known);
    }

    /** cm² of model that it goes over. */
    public function area(): float
    {
        return $this->plan->areaOf($this->step);
    }

    /** @return list<StepLiquid> */
    private function liquidsOfStep(StepLiquids $known): array
    {
        $liquids = [];
        $contact = $this->step->application->contact();
        if ($this->kind === TechniqueKind::LiftOff && $contact !== null) {
            $carrier = $this->step->thinner ?? Carrier::Water;
            $liquids[] = $known->get($carrier, Contact::Scrub, null, $this->kind, false, false);
        } elseif ($this->kind !== TechniqueKind::TestPatch && $contact !== null && $this->product !== null) {
            $carrier = $this->step->thinner ?? $this->product->material->carrier;
            if ($carrier !== null) {
                $liquids[] = $known->get(
                    $carrier,
                    $contact,
                    $this->product->material->family,
                    $this->kind,
                    false,
                    $this->technique->wetInWet,
                );
            }
        }
        foreach ($this->step->cleanUp as $pass) {
            if ($pass->carrier !== null) {
                $liquids[] = $known->get(
                    $pass->carrier,
                    $pass->contact(),
                    null,
                    $this->kind,
                    true,
                    $this->technique->wetInWet,
                );
            }
        }

        return $liquids;
    }
}
