<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Exposure;
use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Scene;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;

/** Chips that are put on, rust that runs from them, and what rain leaves. */
final readonly class Wearing
{
    /** L* by which the rim of a chip is lighter than the paint. */
    private const RIM = 14.0;

    /** Per cent of a zone that the most chipped one wears. */
    private const MOST_CHIPS = 12.0;

    /** What of a vehicle rusts throughout when nobody has moved it for years. */
    private const RUSTS_THROUGH = [
        ZoneKind::Chassis,
        ZoneKind::RunningGear,
        ZoneKind::Wheels,
        ZoneKind::Tracks,
        ZoneKind::SpareLinks,
    ];

    private function __construct(private Laying $laying, private Brief $brief)
    {
    }

    public static function lay(Laying $laying, Brief $brief): void
    {
        $wearing = new self($laying, $brief);
        if ($brief->isAtLeast(Ambition::Evenings)) {
            $chipped = $wearing->chips();
            $wearing->rust($chipped);
            $wearing->streaks();
        } elseif ($brief->chipped() !== []) {
            $laying->leftOut('Chips: they are work for another evening.');
        }
        $laying->add(
            'muzzle-heat',
            $brief->isAtLeast(Ambition::Exhibition) ? $brief->with(Trace::Heat, $brief->ofKind(ZoneKind::Barrel)) : [],
            'Fired, and not once: straw and blue round the mouth, a finger wide.',
        );
        $bare = $brief->ofKind(ZoneKind::Exhaust);
        if (in_array(Scene::Abandoned, $brief->story->scenes, true)) {
            array_push($bare, ...$brief->ofKind(...self::RUSTS_THROUGH));
        }
        $wearing->rusted($brief->with(Trace::Rust, $bare));
    }

    /**
     * Rust in its tones: old under it, fresh in a few places last.
     *
     * @param  list<string>  $zones
     */
    private function rusted(array $zones): void
    {
        [$old, $mid, $fresh] = $this->brief->colours->rust();
        $isToned = $this->brief->isAtLeast(Ambition::Weeks);
        $code = $this->brief->avoidsSpirit() ? 'acrylic-rust-wash' : 'rust-wash';
        $this->laying->add(
            'rust-layers',
            $isToned ? $zones : [],
            'The oldest rust first, dark and all over.',
            $this->laying->tone('rust-layers', $old),
            coats: 1,
        );
        $this->laying->add(
            $code,
            $zones,
            $isToned ? 'Over the old rust, where water has run.' : 'Heat and rain have rusted it.',
            $this->laying->tone($code, $mid),
        );
        $speck = $this->laying->tone('rust-pigment', $fresh);
        if ($speck !== null && $this->laying->isOwn($speck)) {
            $this->laying->add(
                'rust-pigment',
                $isToned ? $zones : [],
                'The freshest last: a few specks, on edges and below the mouth.',
                $speck,
                extent: new Extent(10, [Place::Edges]),
                amount: Amount::Light,
            );
        } elseif ($isToned && $zones !== []) {
            $this->laying->leftOut(
                'Fresh rust: no jar of it stands on the shelf, and a few specks are not worth one.',
            );
        }
    }

    /** @return list<string> the zones that have chips by now */
    private function chips(): array
    {
        $zones = $this->brief->chipped();
        $steel = $this->brief->where(static fn (Zone $zone) => $zone->depicts->rusts());
        $zones = array_values(array_intersect($zones, $steel));
        if ($this->brief->liftsChips() && ! $this->brief->isAtLeast(Ambition::Exhibition)) {
            return $zones;
        }
        $worn = $zones === [] ? null : $this->brief->most(Trace::Chips, $zones);
        if ($worn === null) {
            return [];
        }
        [$counted, $count, $least, $most] = $this->brief->mostChipped($zones);
        $share = (int) max(2.0, round(self::MOST_CHIPS * $this->brief->exposure->amount(Trace::Chips, $worn)));
        $base = $this->brief->story->base;
        if ($this->brief->story->scheme === Scheme::Winter) {
            $this->laying->add(
                'brush-chips',
                $zones,
                "Through white one sees the colour below, and no steel: about {$count} on {$counted->name}, of "
                    ."{$least} to {$most} mm; fewer elsewhere.",
                product: $this->laying->paint($base, 'Vehicle colour'),
                extent: new Extent($share, [Place::Edges, Place::RaisedDetail]),
            );

            return [];
        }
        if ($this->brief->isAtLeast(Ambition::Weeks) && ! $this->laying->saves(Thrift::SecondWear)) {
            $this->laying->add(
                'light-chips',
                $zones,
                'The rim comes before the core: scratches that only bruise the paint.',
                product: $this->laying->paint(
                    new Lab(min(94.0, $base->l + self::RIM), 0.9 * $base->a, 1.05 * $base->b),
                    'Rim of chips',
                ),
                extent: new Extent($share, [Place::Edges, Place::RaisedDetail]),
            );
        }
        $this->laying->add(
            $this->brief->isAtLeast(Ambition::Exhibition) ? 'brush-chips' : 'sponge-chips',
            $zones,
            "Enough is about {$count} on {$counted->name}, of {$least} to {$most} mm; fewer elsewhere.",
            extent: new Extent($share, [Place::Edges, Place::RaisedDetail]),
        );

        return $zones;
    }

    /** @param  list<string>  $chipped */
    private function rust(array $chipped): void
    {
        $zones = $this->brief->with(Trace::Rust, $chipped, 1.5 * Exposure::SEEN);
        if ($zones === [] || ! $this->brief->isAtLeast(Ambition::Weeks) || $this->laying->saves(Thrift::RustRuns)) {
            return;
        }
        $this->laying->add(
            $this->brief->isWaterOnly() ? 'acrylic-streak' : 'rust-streak',
            $zones,
            $this->running('From the largest chips, as far as rain has carried it'),
            colour: $this->brief->isWaterOnly() ? Lab::fromHex('#7a4a2a') : null,
        );
    }

    private function streaks(): void
    {
        $zones = $this->brief->with(Trace::Streaks, $this->brief->painted(), 1.5 * Exposure::SEEN);
        $tone = $this->brief->colours->streak();
        $code = match (true) {
            $this->brief->isWaterOnly() => 'air-streak',
            $tone->colour->l > $this->brief->story->base->l => 'rain-streak',
            default => 'grime-streak',
        };
        $this->laying->add(
            $code,
            $this->brief->isAtLeast(Ambition::Weeks) ? $zones : [],
            $this->running($tone->why),
            $this->laying->tone($code, $tone),
        );
    }

    /** Why, and whereto where the model does not stand level. */
    private function running(string $why): string
    {
        $towards = $this->brief->story->pose->runsTowards();

        return $towards === null ? "{$why}." : "{$why}: on its base it runs towards {$towards}, not along the vehicle.";
    }
}
