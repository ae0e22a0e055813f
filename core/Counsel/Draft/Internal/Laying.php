<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Purchase;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\FreeName;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\StepMaker;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A plan that grows step by step, with the reason for each. */
final class Laying
{
    /** CIEDE2000 within which a jar of the shelf does for a colour that is wanted, and a mix of jars after it. */
    private const NEAR = 3.0;

    private const NEAR_ENOUGH = 5.0;

    /** CIEDE2000 within which an own jar is as good as one that is made for the work. */
    private const SAME = 9.0;

    /** CIEDE2000 within which an own jar does for a tone that is meant, and within which a usual one is that tone. */
    private const TONE = 11.0;

    private const SAME_TONE = 5.0;

    /** Jars that say in their name what they are for are no dust and no wash, whatever their colour. */
    private const NAMED_OTHERWISE = '/primer|canvas|rubber|wood|steel|\bskin\b/i';

    /** Families of which nothing has to be thinned or cleaned with spirit. */
    private const WITHOUT_SPIRIT = [
        BinderFamily::WaterborneAcrylic,
        BinderFamily::ClayWash,
        BinderFamily::ChippingFluid,
        BinderFamily::DryPigment,
        BinderFamily::BoundPigment,
        BinderFamily::MudPaste,
        BinderFamily::DecalFilm,
        BinderFamily::MaskingFilm,
        BinderFamily::WhiteGlue,
        BinderFamily::EpoxyPutty,
        BinderFamily::MetalPencil,
        BinderFamily::Salt,
    ];

    /** @var array<string, string> by step */
    public array $reasons = [];

    /** @var list<string> what was wanted and is not laid, with the reason */
    public array $left = [];

    /** @var list<string> what is laid and has something against it all the same */
    public array $remains = [];

    /** @var list<string> what would go wrong in the room as it is; the rest is drafted for a kinder one */
    public array $room = [];

    /** @var array<string, true> by thrift: it was asked whether it is gone without */
    private array $savings = [];

    public function __construct(
        public Plan $plan,
        private readonly Brief $brief,
        private readonly ?ProductShelf $own,
        private readonly FoundMixes $mixes = new FoundMixes(),
    ) {
    }

    /**
     * @param  list<string>  $zones  where there are none, nothing is laid
     * @param  string  $why  a sentence
     * @return string|null the id of the step; null: none was laid
     */
    public function add(
        string $code,
        array $zones,
        string $why,
        ?Product $product = null,
        ?Sheen $sheen = null,
        ?Lab $colour = null,
        ?int $coats = null,
        ?Load $load = null,
        ?Extent $extent = null,
        ?Amount $amount = null,
    ): ?string {
        if ($zones === []) {
            return null;
        }
        // In the order of the board, whatever order they were chosen in.
        $zones = array_values(array_intersect(array_map(strval(...), array_keys($this->plan->zones)), $zones));
        $technique = TechniqueLibrary::get($code);
        $because = $this->brief->scenery->without($code);
        if ($because !== null) {
            $this->leftOut("{$technique->name}: {$because}.");

            return null;
        }
        if ($technique->takesProduct() && $product === null) {
            $product = $this->find($this->need($code, $sheen, $colour), self::isThin($technique));
            if ($product === null) {
                $this->leftOut("{$technique->name}: nothing on the shelf does for it.");

                return null;
            }
        }
        $id = FreeName::of("{$code}-1", array_column($this->plan->steps, 'id'));
        [$step] = (new StepMaker($this->plan, $this->own))->make($id, $technique, $zones, $product);
        $changes = array_filter(
            ['note' => $why, 'coats' => $coats, 'load' => $load, 'extent' => $extent, 'amount' => $amount],
            static fn ($of) => $of !== null,
        );
        if ($product !== null && ! isset($this->plan->products[$product->id])) {
            $this->plan = (new PutProduct($product))->applyTo($this->plan);
        }
        $this->plan = (new InsertStep($step->with(...$changes), count($this->plan->steps)))->applyTo($this->plan);
        $this->reasons[$id] = $why;

        return $id;
    }

    /** Whether this is gone without for want of hours, and says so; asked only where something can be saved. */
    public function saves(Thrift $thrift): bool
    {
        $this->savings[$thrift->value] = true;
        if ($this->brief->goesWithout($thrift)) {
            $this->leftOut($thrift->says());
        }

        return $this->brief->goesWithout($thrift);
    }

    /** Whether less work would come of going without it. */
    public function couldSave(Thrift $thrift): bool
    {
        return isset($this->savings[$thrift->value]);
    }

    /** Said once, however many parts it would have gone on. */
    public function leftOut(string $sentence): void
    {
        if (! in_array($sentence, $this->left, true)) {
            $this->left[] = $sentence;
        }
    }

    /** What a technique is to be done with; null colour and sheen: what is usual. */
    public function need(string $code, ?Sheen $sheen = null, ?Lab $colour = null): Need
    {
        $technique = TechniqueLibrary::get($code);
        $need = Need::of($technique);
        if ($this->brief->isWaterOnly()) {
            $families = array_values(
                array_filter($technique->families, static fn ($of) => in_array($of, self::WITHOUT_SPIRIT, true)),
            );
            $need = $need->inFamilies(...$families);
        }
        $need = $sheen === null ? $need : $need->inSheen($sheen);

        return $colour === null ? $need : $need->inColour($colour);
    }

    /**
     * An own jar, unless none of them comes near what is meant and a usual one does.
     *
     * @param  bool  $isThin  whether it has to be made for washing: paint would have to be thinned to nothing
     */
    public function find(Need $need, bool $isThin = false): ?Product
    {
        $own = $this->best($this->own->products ?? [], $need, $isThin);
        $usual = $this->best(StarterShelf::all(), $need, $isThin);
        if ($own === null || $usual === null) {
            return $own ?? $usual;
        }
        $away = $need->distanceTo($own->material);

        return $away[2] <= self::SAME || $away <= $need->distanceTo($usual->material) ? $own : $usual;
    }

    /**
     * A jar in a tone: one's own, else a usual one that is as good, else one to buy.
     *
     * @param  string  $code  of the technique that it is for
     */
    public function tone(string $code, Tone $tone): ?Product
    {
        $technique = TechniqueLibrary::get($code);
        $need = $this->need($code, colour: $tone->colour)->within(self::TONE);
        if ($technique->kind->is(Nature::Mud) && in_array(BinderFamily::MudPaste, $need->families, true)) {
            // Paint in the colour of mud is paint.
            $need = $need->inFamilies(BinderFamily::MudPaste);
        }
        $isThin = self::isThin($technique);
        // “Canvas” in its name speaks for canvas, and against all else.
        $apart = static fn (Product $jar) => preg_match(self::NAMED_OTHERWISE, $jar->name, $named) !== 1 ||
            str_contains($code, mb_strtolower($named[0]));
        $near = $this->best(array_filter($this->own->products ?? [], $apart), $need, $isThin) ??
            $this->best(array_filter(StarterShelf::all(), $apart), $need->within(self::SAME_TONE), $isThin);
        $family = in_array($need->preferred, $need->families, true) ? $need->preferred : $need->families[0] ?? null;
        if ($near !== null || $family === null) {
            return $near;
        }
        $isPaint = in_array($family, BinderFamily::paints(), true);

        return new Product(
            'wanted-'.$technique->kind->value.'-'.ltrim($tone->colour->toHex(), '#'),
            $tone->name,
            new Material(
                family: $family,
                carrier: $family === BinderFamily::DryPigment ? null : $family->ownThinners()[0] ?? null,
                sheen: match (true) {
                    $family === BinderFamily::ArtistOil, $isPaint && $technique->kind->is(Nature::Tint) => null,
                    default => Sheen::Matte,
                },
                colour: Lab::fromHex($tone->colour->toHex()),
            ),
        );
    }

    /** Whether it need not be bought; where nobody has said what there is, a usual jar counts as there. */
    public function isOwn(Product $jar): bool
    {
        $there = $this->own->products ?? StarterShelf::all();

        return in_array($jar->id, array_column($there, 'id'), true);
    }

    /** @param  array<Product>  $products */
    private function best(array $products, Need $need, bool $isThin): ?Product
    {
        $allowed = array_filter($products, $this->isAllowed(...));
        $thin = array_filter($allowed, static fn (Product $of) => $of->material->sheen === null ||
            $of->material->family === BinderFamily::ArtistOil);

        return (new ProductShelf($isThin ? $thin : $allowed))->find($need);
    }

    private static function isThin(Technique $technique): bool
    {
        return $technique->kind->isAny(Nature::Wash, Nature::Streak) ||
            ($technique->kind->is(Nature::Filter) && $technique->application === Application::Brush);
    }

    /**
     * Paint of a colour: a jar that has it, else a mix of one's own jars, else one to buy. Waterborne where there is a
     * choice, since anything goes over it and under it.
     *
     * @param  BinderFamily  ...$others  that do as well where a jar has the colour
     */
    public function paint(Lab $colour, string $name, BinderFamily ...$others): Product
    {
        $paints = array_values(array_filter(
            [...array_values($this->plan->products), ...($this->own->products ?? [])],
            fn (Product $jar) => Palette::isMixed($jar->material) && $this->isAllowed($jar),
        ));
        $of = static fn (BinderFamily ...$families): array => array_values(array_filter(
            $paints,
            static fn (Product $jar) => in_array($jar->material->family, $families, true),
        ));
        $jars = $of(BinderFamily::WaterborneAcrylic);
        $near = self::nearest($jars, $colour) ?? self::nearest($of(...$others), $colour);
        if ($near !== null) {
            return $near;
        }
        $palette = new Palette($jars);
        // Two jars in few parts are measured more readily than three, and found sooner.
        foreach ([[2, 8], [3, 12]] as [$mostJars, $mostParts]) {
            $family = [BinderFamily::WaterborneAcrylic];
            $asked = implode(' ', [$colour->key(), $mostJars, ...array_column($jars, 'id')]);
            if (! array_key_exists($asked, $this->mixes->known)) {
                $best = $palette->suggest($colour, $family, $mostJars, $mostParts, 1)[0] ?? null;
                $isNear = $best !== null && $best->difference <= self::NEAR_ENOUGH;
                $this->mixes->known[$asked] = $isNear ? $best->parts : [];
            }
            $byId = array_column($jars, null, 'id');
            $parts = [];
            foreach ($this->mixes->known[$asked] as $id => $of) {
                $parts[] = [$byId[$id], $of];
            }
            if ($parts !== []) {
                return $this->mix($name, $parts);
            }
        }

        return new Product('wanted-'.ltrim($colour->toHex(), '#'), $name, new Material(
            BinderFamily::WaterborneAcrylic,
            Carrier::Water,
            Sheen::Matte,
            $colour,
        ));
    }

    /** @param  list<Product>  $jars */
    private static function nearest(array $jars, Lab $colour): ?Product
    {
        $near = null;
        foreach ($jars as $jar) {
            $away = $jar->material->colour?->differenceTo($colour) ?? INF;
            $near = $away <= self::NEAR && ($near === null || $away < $near[0]) ? [$away, $jar] : $near;
        }

        return $near[1] ?? null;
    }

    /** @return list<Purchase> what does not stand on the shelf, in the order in which it is used */
    public function purchases(): array
    {
        $own = array_column($this->own->products ?? [], null, 'id');
        $purchases = [];
        foreach ($this->plan->steps as $step) {
            $product = $this->plan->productOf($step);
            if ($product !== null && ! isset($own[$product->id]) && ! str_starts_with($product->id, 'mix-')) {
                $purchases[$product->id] ??= new Purchase($product, TechniqueLibrary::get($step->technique)->name);
            }
        }

        return array_values($purchases);
    }

    /** @param  non-empty-list<array{Product, int}>  $parts */
    private function mix(string $name, array $parts): Product
    {
        $says = implode(' + ', array_map(static fn (array $of) => "{$of[1]} {$of[0]->name}", $parts));

        return (new Cup($parts))->product('mix-'.hash('xxh32', $says), mb_substr("{$name}: {$says}", 0, 120));
    }

    private function isAllowed(Product $product): bool
    {
        return ! $this->brief->isWaterOnly() || in_array(
            $product->material->carrier,
            [null, Carrier::Water, Carrier::WettedWater],
            true,
        );
    }
}
