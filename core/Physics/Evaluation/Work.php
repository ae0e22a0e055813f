<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Drying\CureTimes;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** One step as work: how it is done, with what, and which liquids it brings. It knows nothing of time or of layers. */
final readonly class Work
{
    public Step $step;

    public Technique $technique;

    public Kind $kind;

    public ?Product $product;

    public Load $load;

    /** Whether it lies in places only. */
    public bool $isSpot;

    /** Whether all that it does to what lies there is to lie on it. */
    public bool $onlyLays;

    /** @var list<StepLiquid> that of the product first, then those of the clean-up */
    public array $liquids;

    public function __construct(public Plan $plan, public int $index, StepLiquids $known)
    {
        $this->step = $plan->steps[$index];
        $this->technique = TechniqueLibrary::get($this->step->technique);
        $this->kind = $this->technique->kind;
        $this->product = $plan->productOf($this->step);
        $this->load = $this->step->load ?? $this->technique->loadBy($this->step->application);
        $this->isSpot =
            $this->step->extent?->isSpot() ??
            ($this->kind->is(Nature::Spots) && $this->technique->coverage === Coverage::Partial);
        $this->onlyLays = ! $this->kind->isAny(
            Nature::ReleaseFilm,
            Nature::LiftOff,
            Nature::Abrade,
            Nature::CleanUp,
            Nature::FixPigment,
            Nature::WarmAir,
            Nature::Mask,
            Nature::Unmask,
        );
        $this->liquids = $this->liquidsOfStep($known);
    }

    /** Whether it touches a layer at all: two things in different places of a zone do not meet. */
    public function meets(Layer $layer): bool
    {
        return $this->step->extent === null || $layer->extent === null || $this->step->extent->meets($layer->extent);
    }

    /** Whether the modeller has said that it goes into this layer. */
    public function isMeantFor(Layer $layer): bool
    {
        return $this->step->merge !== null && $this->step->merge->into === $layer->stepId;
    }

    /** cm² that its minutes are counted by. */
    public function area(): float
    {
        return $this->plan->workOf($this->step);
    }

    /** How much of it is left to dry: dots and lines that are blended out are a tint, no longer dabs. */
    public function loadThatDries(): Load
    {
        return $this->load === Load::Dab && $this->step->cleanUp !== [] ? Load::Brushed : $this->load;
    }

    /** What the table says of how it dries at the reference; null: it is done without a product. */
    public function dryingRow(): ?CureTimes
    {
        return $this->product === null
            ? null
            : CureTable::for($this->product->material->family, $this->kind, $this->loadThatDries());
    }

    /** How its liquid meets the surface; null: nothing liquid reaches it. */
    private function contact(): ?Contact
    {
        return match ($this->step->application) {
            // Dry until the modeller says how wet: a dry brush brings next to nothing.
            Application::Dry => $this->step->load?->contact(),
            Application::Scrub => Contact::Scrub,
            Application::Airbrush,
            Application::Can,
            Application::Brush,
            Application::Sponge => $this->load->contact(),
        };
    }

    /**
     * Whether it is worked into a layer rather than laid over it: a medium into itself while that is open. Paint is
     * recoated, and a filter dragged by a wash is ruined, so neither merges with anything else.
     */
    public function goesInto(Layer $layer): bool
    {
        if ($this->product === null || ! $layer->kind->is(Nature::WorkedWet) || ! $this->kind->is(Nature::WorkedWet)) {
            return false;
        }
        if ($this->kind->is(Nature::Filter) || $layer->kind->is(Nature::Filter)) {
            return $this->technique === $layer->technique;
        }
        $family = $this->product->material->family;
        if ($layer->kind->is(Nature::Pigment) && ! $this->kind->is(Nature::Earth)) {
            // A wash does not merge with pigment, it washes it away.
            return false;
        }
        if ($this->kind->is(Nature::Sculpt)) {
            return $family === BinderFamily::WhiteGlue && $layer->film === $family;
        }

        return $family === $layer->film ||
            $this->product->material->behavesAs() === $layer->behavesAs ||
            // Grains stipple into whatever is still wet.
            $family === BinderFamily::DryPigment ||
            ($this->technique->wetInWet && $layer->film->oxidises() && $family->oxidises());
    }

    /** @return list<StepLiquid> */
    private function liquidsOfStep(StepLiquids $known): array
    {
        $liquids = [];
        $contact = $this->contact();
        if ($this->kind->is(Nature::LiftOff) && $contact !== null) {
            $carrier = $this->step->thinner ?? Carrier::Water;
            $liquids[] = $known->get($carrier, Contact::Scrub, null, $this->kind, false);
        } elseif (! $this->kind->is(Nature::TestPatch) && $contact !== null && $this->product !== null) {
            $carrier = $this->step->thinner ?? $this->product->material->carrier;
            if ($carrier !== null) {
                $liquids[] = $known->get(
                    $carrier,
                    $contact,
                    $this->product->material->family,
                    $this->kind,
                    false,
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
                );
            }
        }

        return $liquids;
    }
}
