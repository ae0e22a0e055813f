<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Finish\Population;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Pattern;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Material\Product;

/** The vehicle's own colours, toned as the school does it, and the chips that are lifted from below them. */
final readonly class Colouring
{
    /** L* by which a deep and a light tone part from the base, and per cent of a zone that a second colour takes. */
    private const DEEPER = 12.0;

    private const LIGHTER = 11.0;

    private const SECOND = 40;

    /** Cloths as armies had them, and CIEDE2000 by which one is told apart from the hull. */
    private const CLOTHS = [
        'Buff canvas' => '#a8977a',
        'Olive canvas' => '#66644a',
        'Grey canvas' => '#86857c',
        'Brown canvas' => '#74604a',
    ];

    private const APART = 12.0;

    /** L* of a base so light that dark recesses below it read as dirt. */
    private const LIGHT = 78.0;

    /** L* of a base so dark that nothing darker is seen on it. */
    private const DARK = 30.0;

    /** Of a difference in L*, what one mist of paint brings; and the lightest that faded paint becomes. */
    private const OF_A_MIST = 0.35;

    private const PALEST = 78.0;

    /** L* that paint has lost where wood has gone grey beside it. */
    private const FADES_WOOD = 8.0;

    private const TO_THE_SKY = [
        ZoneKind::HullTop,
        ZoneKind::EngineDeck,
        ZoneKind::Glacis,
        ZoneKind::Fenders,
        ZoneKind::Turret,
        ZoneKind::LoadBed,
        ZoneKind::Cab,
    ];

    private function __construct(private Laying $laying, private Brief $brief, private Product $base)
    {
    }

    /** The jar of the vehicle's own colour, of whatever family one has it. */
    public static function base(Laying $laying, Brief $brief): Product
    {
        return $laying->paint($brief->story->base, 'Vehicle colour', ...BinderFamily::paints());
    }

    public static function lay(Laying $laying, Brief $brief, Product $base): void
    {
        (new self($laying, $brief, $base))->all();
    }

    private function all(): void
    {
        $zones = $this->brief->painted();
        if ($zones === []) {
            return;
        }
        $chipped = $this->brief->liftsChips() ? $this->brief->chipped() : [];
        if ($chipped !== []) {
            $this->underlay($chipped);
        }
        $this->toned($zones, $chipped !== []);
        // Nobody camouflages an inside, or whitens it.
        $outside = array_values(array_diff($zones, $this->brief->ofKind(ZoneKind::Interior)));
        $this->scheme($outside, $chipped !== []);
        $this->bleach();
        if ($chipped !== []) {
            $this->lift($chipped, 'Worked wet while the film below still swells: chips show what lies under them.');
        }
    }

    /** @param  list<string>  $zones  that are to be chipped */
    private function underlay(array $zones): void
    {
        $under = $this->laying->need('sponge-chips');
        if ($this->brief->isAtLeast(Ambition::Exhibition)) {
            $this->laying->add(
                'test-patch',
                $this->brief->hidden($zones),
                'Underlay, film, colour and water on a spoon first: how thin is thin enough is learned there.',
                product: $this->laying->find($this->laying->need('chipping-fluid')),
            );
        }
        $this->laying->add(
            'spray-colour',
            $zones,
            'The colour that chips will show: bare steel gone brown.',
            product: $this->laying->find($under),
            coats: 1,
        );
        $this->laying->add(
            'chipping-fluid',
            $zones,
            'Lets go of the colour above it with water; it has to be there before that colour.',
        );
    }

    /** @param  list<string>  $zones */
    private function toned(array $zones, bool $isLifted): void
    {
        $base = $this->base;
        $colour = $base->material->colour ?? $this->brief->story->base;
        $isShaded = $this->brief->isAtLeast(Ambition::Weeks);
        // What lies on a chipping film must stay thin, and a dark ground below it would be chipped away with it; hot
        // thinner opens a dark ground again.
        $isHot = $base->material->carrier?->isHot() === true;
        $hasDepth = $isShaded && ! $isLifted && ! $isHot && $colour->l < self::LIGHT && $colour->l > self::DARK;
        $isMottled = $hasDepth && $this->brief->answers('basing', 'black');
        if ($isMottled) {
            $this->laying->add('black-base', $zones, 'A dark ground that stays in the recesses.');
            $this->laying->add(
                'mottle',
                $zones,
                'Thin, uneven coats of the vehicle colour let the dark work through.',
                product: $base,
                coats: 3,
            );

            return;
        }
        if ($hasDepth && $this->brief->answers('basing', 'pre-shade')) {
            $this->laying->add('pre-shade', $zones, 'Dark along joints, to shine through the thin coats after it.');
            $this->laying->add(
                'spray-colour',
                $zones,
                'The vehicle colour, so thin that the shading works through.',
                product: $base,
                coats: 1,
                load: Load::Mist,
            );

            return;
        }
        $this->laying->add(
            'spray-colour',
            $zones,
            'The vehicle colour.',
            product: $base,
            // A second thin coat still lets water through, unless a scheme or a mist is to lie on it.
            coats: $isLifted && $this->isCoatedAgain() ? 1 : 2,
        );
        $isDark = $colour->l <= self::DARK && ! $this->brief->answers('basing', 'plain');
        $isToned = $isDark || $this->brief->answers('basing', 'three-tone');
        if ($isShaded && ! $isLifted && $isToned) {
            $deep = new Lab(max(8.0, $colour->l - self::DEEPER), 0.95 * $colour->a, 0.95 * $colour->b);
            $light = new Lab(min(92.0, $colour->l + self::LIGHTER), 0.9 * $colour->a, 1.05 * $colour->b);
            $this->laying->add(
                'deep-tone',
                $colour->l > self::DARK ? $zones : [],
                'The darkest of three values: low down and below what stands out.',
                product: $this->laying->paint($deep, 'Deep tone'),
            );
            $this->laying->add(
                'light-tone',
                $zones,
                'The lightest: tops and the middle of panels, a smaller area than the base.',
                product: $this->laying->paint($light, 'Light tone'),
            );
        }
    }

    private function isCoatedAgain(): bool
    {
        return $this->brief->story->scheme !== Scheme::Plain || $this->brief->scenery->bleaches() > 0.0;
    }

    /** One mist, so that chips are still lifted through it; what lies to the sky fades, and what hangs below keeps. */
    private function bleach(): void
    {
        $by = $this->brief->scenery->bleaches();
        $zones = array_values(array_intersect($this->brief->ofKind(...self::TO_THE_SKY), $this->brief->painted()));
        if ($by <= 0.0 || $zones === [] || $this->brief->story->scheme === Scheme::Winter) {
            return;
        }
        if ($this->brief->story->scheme !== Scheme::Plain) {
            $this->laying->leftOut('Bleached tops: one mist over several colours would make them one.');

            return;
        }
        $colour = $this->base->material->colour ?? $this->brief->story->base;
        $paler = min(self::PALEST - $colour->l, $by / self::OF_A_MIST);
        $this->laying->add(
            'spray-colour',
            $zones,
            'Bleached by years of sun on what lies to the sky: a chalky mist, thickest in the middle of panels.',
            product: $this->laying->paint(
                new Lab($colour->l + $paler, 0.6 * $colour->a, 0.75 * $colour->b),
                'Bleached colour',
            ),
            coats: 1,
            load: Load::Mist,
        );
    }

    /**
     * @param  list<string>  $zones
     * @param  bool  $isLifted  whether chips are lifted through it, so that it has to stay thin
     */
    private function scheme(array $zones, bool $isLifted): void
    {
        $coats = $isLifted ? 1 : null;
        $scheme = $this->brief->story->scheme;
        if ($scheme === Scheme::Winter) {
            $this->winter($zones);

            return;
        }
        foreach ($scheme === Scheme::Plain ? [] : $this->brief->story->more as $place => $colour) {
            $paint = $this->laying->paint(
                $colour,
                $place === 0 ? 'Second colour' : 'Third colour',
                $this->base->material->family,
            );
            $extent = new Extent((int) round(self::SECOND / (1 + $place)), [], [], Pattern::Bands);
            if ($scheme === Scheme::HardEdged && ! $this->laying->saves(Thrift::Masks)) {
                $this->laying->add('mask-putty', $zones, 'Holds what is to stay, with an edge as sharp as it was.');
                $this->laying->add(
                    'hard-camouflage',
                    $zones,
                    'Sprayed at a right angle to the edge of the mask.',
                    product: $paint,
                    coats: $coats,
                    extent: $extent,
                );
                $this->laying->add('unmask', $zones, 'The same day: later a mask takes paint along.');
            } else {
                $this->laying->add(
                    'soft-camouflage',
                    $zones,
                    'Freehand: the edge is as wide as the spray was on the real thing.',
                    product: $paint,
                    coats: $coats,
                    extent: $extent,
                );
            }
        }
    }

    /**
     * A white that wears off needs something below it that lets go.
     *
     * @param  list<string>  $zones
     */
    private function winter(array $zones): void
    {
        $months = $this->brief->build->serviceMonths ?? Population::USUAL_MONTHS;
        $isWorn = $this->brief->isAtLeast(Ambition::Weeks) && $months > 1;
        $worn = $isWorn ? array_values(array_intersect($zones, $this->brief->trodden())) : [];
        Marking::belowWhite($this->laying, $this->brief, $worn);
        $this->laying->add('chipping-fluid', $worn, 'Lets the white wear as it did: off edges, with water.');
        $white = $this->laying->need('winter-wash')->inFamilies(BinderFamily::WaterborneAcrylic);
        $this->laying->add(
            'winter-wash',
            $zones,
            $this->brief->story->hasMarkings
                ? 'Two thin, uneven coats, as it was slapped on; the crew painted round the markings, which stay bare.'
                : 'Two thin, uneven coats, as it was slapped on; of a kind that water gets through.',
            product: $this->laying->find($white),
            coats: 2,
        );
        if ($worn !== []) {
            $this->lift($worn, 'Worn where crews climb and rain runs.');
        }
    }

    /** @param  list<string>  $zones */
    private function lift(array $zones, string $why): void
    {
        if ($zones === []) {
            return;
        }
        [$worn, $count, $least, $most] = $this->brief->mostChipped($zones);
        $enough = $count < 1
            ? ''
            : " Enough is about {$count} on {$worn->name}, of {$least} to {$most} mm; fewer elsewhere.";
        $this->laying->add('lift-off', $zones, $why.$enough);
    }

    /** Parts of other materials, after the vehicle's colours and told apart from them. */
    public static function layParts(Laying $laying, Brief $brief): void
    {
        $tracks = $brief->ofKind(ZoneKind::Tracks, ZoneKind::SpareLinks);
        $isRubber = $brief->ofMaterial(DepictedMaterial::Rubber);
        $laying->add('paint-rubber', $isRubber, 'Rubber is a dull dark grey, never black.');
        $wooden = $brief->ofMaterial(DepictedMaterial::Wood);
        $isGrey = $brief->scenery->bleaches() > self::FADES_WOOD;
        $laying->add(
            'paint-wood',
            $wooden,
            $isGrey ? 'Wood turns grey where it lies in the open.' : 'Handles are wood, and read as wood.',
            $isGrey ? $laying->tone('paint-wood', new Tone(Lab::fromHex('#8b8378'), 'Weathered wood')) : null,
        );
        $laying->add(
            'metal-paint',
            array_values(array_intersect($wooden, $brief->ofKind(ZoneKind::Tools))),
            'Heads and blades are steel, worn bright where they work.',
            extent: new Extent(35, [Place::RaisedDetail]),
        );
        $laying->add(
            'paint-canvas',
            [...$brief->ofMaterial(DepictedMaterial::Canvas), ...array_diff(
                $brief->ofKind(ZoneKind::Stowage),
                $brief->ofMaterial(DepictedMaterial::Canvas),
            )],
            'Cloth apart from the hull in colour, or it disappears.',
            product: self::canvas($laying, $brief),
        );
        self::folds($laying, $brief);
        self::exhaust($laying, $brief);
        $laying->add(
            $brief->answers('tracks', 'rust') ? 'track-rust-base' : 'track-base',
            array_values(array_diff($tracks, $isRubber)),
            'Tracks are a world of their own: steel that is never painted.',
        );
    }

    /** Burnt where it ran, rusted where it has long been cold, and in whole paint where it is new. */
    private static function exhaust(Laying $laying, Brief $brief): void
    {
        $exhausts = $brief->ofKind(ZoneKind::Exhaust);
        $hot = $brief->with(Trace::Heat, $exhausts);
        $cold = array_values(array_diff($exhausts, $hot));
        $rusted = $brief->with(Trace::Rust, $cold);
        $laying->add(
            'exhaust-heat',
            $hot,
            'Heat has burned the paint off, to a pale grey under the rust that comes.',
            product: $laying->tone('exhaust-heat', new Tone(Lab::fromHex('#8c867b'), 'Burnt grey')),
        );
        $laying->add(
            'brush-colour',
            $rusted,
            'Its paint has gone long ago, and what is left is rusted steel.',
            product: $laying->tone('brush-colour', new Tone(Lab::fromHex('#5e4535'), 'Rusted steel')),
        );
        $laying->add(
            'brush-colour',
            array_values(array_diff($cold, $rusted)),
            'Heat paint that is still whole: dull and dark.',
            product: $laying->tone('brush-colour', new Tone(Lab::fromHex('#4d4a47'), 'Heat paint')),
        );
    }

    /** The light on the folds of cloth, where there are hours for it. */
    private static function folds(Laying $laying, Brief $brief): void
    {
        $steps = $laying->plan->steps;
        $last = $steps === [] ? null : $steps[count($steps) - 1];
        $cloth = $last === null ? null : $laying->plan->productOf($last)?->material->colour;
        if ($last?->technique !== 'paint-canvas' || $cloth === null || ! $brief->isAtLeast(Ambition::Weeks)) {
            return;
        }
        $light = new Lab(min(92.0, $cloth->l + self::LIGHTER), 0.9 * $cloth->a, 0.9 * $cloth->b);
        $laying->add(
            'dry-brush',
            $last->zones,
            'Folds catch the light; hollows keep the colour of the cloth.',
            product: $laying->paint($light, 'Light canvas'),
        );
    }

    /** A cloth that keeps apart from the hull, whatever that is. */
    private static function canvas(Laying $laying, Brief $brief): ?Product
    {
        $hull = [$brief->story->base, ...$brief->story->more];
        foreach (self::CLOTHS as $name => $hex) {
            $cloth = Lab::fromHex($hex);
            $isApart = array_filter($hull, static fn (Lab $of) => $of->differenceTo($cloth) < self::APART) === [];
            if ($isApart) {
                return $laying->tone('paint-canvas', new Tone($cloth, $name));
            }
        }

        return $laying->find($laying->need('paint-canvas'));
    }
}
