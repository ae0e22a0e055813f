<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Remedy;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;

/**
 * Proposes other colours for a step: jars that differ more, or less, from what they go on, and mixes of the jars that
 * the person owns. How they come out is not its concern: each remedy is proved by a forecast of its own.
 */
final readonly class Colourist
{
    /** CIEDE2000 between a jar and its ground that is tried, the gentlest first. */
    private const APART = [8.0, 14.0, 20.0, 28.0];

    /** CIEDE2000 from the usual colour of a kind of weathering within which another jar is still that. */
    private const SAME_DIRT = 20.0;

    /** Shares of the way from the jar to its ground that are tried for something quieter. */
    private const NEARER = [0.3, 0.5];

    /** L* by which a mix for a mark is made darker than its ground, or lighter where the ground is dark already. */
    private const TONES = [13.0, 21.0];

    private const DARK = 34.0;

    /** CIEDE2000 beyond which the jars do not give the colour that was meant. */
    private const MISSED = 8.0;

    /** A tone made with black or white is greyer than what it comes from. */
    private const GREYER = 0.6;

    public function __construct(private Workbench $bench, private Forecast $forecast, private ?ProductShelf $own)
    {
    }

    /** @return list<Remedy|null> */
    public function thatRead(Finding $finding): array
    {
        $grounds = $this->grounds($finding);
        $technique = $this->bench->techniqueOf($finding->stepId);
        // Another jar for the same purpose: rust stays rust, and lines stay the colour of dirt.
        $isDirt =
            $technique->kind->isAny(Nature::Wash, Nature::Streak) &&
            in_array($technique->role, [ColourRole::Shade, ColourRole::Grime], true);
        $usual = $isDirt ? $this->bench->need('enamel-wash') : Need::of($technique);
        $need = $usual->inFamilies(...$technique->families);
        if ($technique->kind->is(Nature::Weathering) && $usual->colour !== null) {
            $need = $need->within(self::SAME_DIRT);
        }
        $remedies = [];
        foreach (self::APART as $by) {
            $remedies[] = $this->bench->withProduct($finding->stepId, $need->apartFrom($grounds, $by));
        }
        // Mixes for the first ground only: each takes a search of its own, and somebody waits.
        foreach (array_slice($grounds, 0, 1) as $ground) {
            foreach (self::TONES as $tone) {
                $lightness = $ground->l + ($ground->l > self::DARK ? -$tone : $tone);
                $remedies[] = $this->mixed($finding, $this->tone($ground, $lightness));
            }
        }

        return self::once($remedies);
    }

    private function tone(Lab $ground, float $lightness): Lab
    {
        return new Lab($lightness, self::GREYER * $ground->a, self::GREYER * $ground->b);
    }

    /** @return list<Remedy|null> */
    public function thatAreQuieter(Finding $finding): array
    {
        $jar = $this->bench->plan->productOf($this->bench->step($finding->stepId))?->material->colour;
        $ground = $this->grounds($finding)[0] ?? null;
        if ($jar === null || $ground === null) {
            return [];
        }
        $remedies = [];
        foreach (self::NEARER as $share) {
            array_push($remedies, ...$this->near($finding, $jar->towards($ground, $share)));
        }

        return self::once($remedies);
    }

    /**
     * A jar, or a mix, of about this colour.
     *
     * @return list<Remedy|null>
     */
    public function near(Finding $finding, Lab $wanted): array
    {
        $need = $this->need($finding)->inColour($wanted)->within(Need::SAME_PURPOSE / 2.0);

        return self::once([$this->bench->withProduct($finding->stepId, $need), $this->mixed($finding, $wanted)]);
    }

    /** The face of a zone as a step finds it. */
    public function faceBefore(string $stepId, string $zone): Lab
    {
        return $this->forecast->after($this->bench->indexOf($stepId) - 1, $zone)->of(Spot::Face);
    }

    private function need(Finding $finding): Need
    {
        $technique = $this->bench->techniqueOf($finding->stepId);

        return Need::of($technique)->inFamilies(...$technique->families)->within(INF);
    }

    /** @return list<Lab> the faces that the step goes on, as they look when it begins; alike ones once */
    private function grounds(Finding $finding): array
    {
        $grounds = [];
        foreach ($finding->zones as $zone) {
            $face = $this->faceBefore($finding->stepId, $zone);
            $grounds[$face->toHex()] = $face;
        }

        return array_values($grounds);
    }

    /** The closest mix of the person's own jars; null: none comes close, or the step takes no paint. */
    private function mixed(Finding $finding, Lab $wanted): ?Remedy
    {
        $families = array_values(
            array_filter(
                $this->bench->techniqueOf($finding->stepId)->families,
                static fn (BinderFamily $family) => in_array($family, Palette::MIXED, true),
            ),
        );
        if ($this->own === null || $families === []) {
            return null;
        }
        $jars = $this->own->products;
        $best = (new Palette($jars))->suggest($wanted, $families, count: 1)[0] ?? null;
        if ($best === null || $best->difference > self::MISSED || count($best->parts) < 2) {
            // A single jar that does is found without mixing.
            return null;
        }
        $of = [];
        foreach ($jars as $jar) {
            $of[$jar->id] = $jar;
        }
        $names = $parts = [];
        foreach ($best->parts as $id => $count) {
            $names[] = "{$count} × {$of[$id]->name}";
            $parts[] = [$of[$id], $count];
        }
        $name = implode(' + ', $names);

        return $this->bench->withProduct(
            $finding->stepId,
            // The same mix is the same product, however often it is proposed.
            (new Cup($parts))->product('mix-'.hash('xxh32', $name), $name),
        );
    }

    /**
     * @param  list<Remedy|null>  $remedies
     * @return list<Remedy>
     */
    private static function once(array $remedies): array
    {
        $once = [];
        foreach (array_filter($remedies) as $remedy) {
            $once[$remedy->label] ??= $remedy;
        }

        return array_values($once);
    }
}
