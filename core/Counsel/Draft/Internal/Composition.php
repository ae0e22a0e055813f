<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Weather;
use Ulvrach\Stuff\Drying\Season;

/**
 * Which colours go together: tints, lines and streaks follow the face that they lie on, and all that is earth comes
 * from one ground. How: docs/drafting.md, "colours follow the ground".
 */
final readonly class Composition
{
    /** The white that a winter coat comes to. */
    private const WHITEWASH = '#dfded7';

    /** CIELAB: nearly without a hue; so light that it counts as white; so dark that dark is lost on it. */
    private const GREY = 8.0;

    private const WHITE = 78.0;

    private const DARK = 27.0;

    /** L* up to which a green is dark, and from which on a brown is sand. */
    private const DEEP = 42.0;

    private const SANDY = 55.0;

    /** Degrees of hue between which a face is brown or ochre, and green. */
    private const RED_BROWN = 68.0;

    private const OCHRE = 96.0;

    private const GREEN = 170.0;

    private Lab $face;

    public function __construct(private Brief $brief)
    {
        $this->face = $brief->story->scheme === Scheme::Winter
            ? Lab::fromHex(self::WHITEWASH)
            : $brief->story->base;
    }

    /** What pulls the colours of a face together, towards the next hue in its own half. Null: any would soil it. */
    public function filter(): ?Tone
    {
        return match ($this->kind()) {
            'white' => null,
            'dark' => self::tone('#7b8388', 'Grey filter', 'A cool grey lifts what is nearly black.'),
            'grey' => self::tone('#93a0a8', 'Pale blue-grey filter', 'Grey stays in its own cool half.'),
            'sand' => self::tone('#8b8453', 'Olive filter', 'A breath of olive takes the sweetness off sand.'),
            'brown' => self::tone('#b3935c', 'Sand filter', 'Sand warms brown without reddening it.'),
            'dark-green' => self::tone('#9a8f4f', 'Yellow-olive filter', 'Dark green is pulled towards olive.'),
            default => self::tone('#8a6a34', 'Ochre filter', 'Ochre turns green towards olive.'),
        };
    }

    /** What sits in lines: one to one and a half tones below the face, and of its family. */
    public function line(): Tone
    {
        return match ($this->kind()) {
            'white' => self::tone('#5d6558', 'Grey-green wash', 'On white a brown line shouts: grey-green shades it.'),
            'dark' => self::tone('#8a7a5c', 'Earth wash', 'On so dark a base a dark line is lost: earth does it.'),
            'grey' => $this->face->l > self::DEEP
                ? self::tone('#3a4145', 'Blue-grey wash', 'Grey is lined in a colder, darker grey, not in brown.')
                : self::tone('#22262a', 'Black-grey wash', 'Dark grey is lined in what is nearly black.'),
            'brown' => self::tone('#2b1f1a', 'Black-brown wash', 'Brown is lined in a brown that is nearly black.'),
            'dark-green' => self::tone('#231f1b', 'Black-brown wash', 'Dark green is lined in nearly black brown.'),
            default => self::tone('#3b2f24', 'Dark brown wash', 'Dark brown in the lines reads as shade.'),
        };
    }

    /** What rain draws down a face: what has settled on it, dark on light and light on dark. */
    public function streak(): Tone
    {
        $isDusty = $this->ground()->isDry() && $this->brief->story->weather === Weather::Dry;

        return match (true) {
            $this->kind() === 'white' => self::tone('#7f8078', 'Grey streak', 'Thaw has drawn grey down the white'),
            $isDusty || $this->kind() === 'dark' => new Tone(
                $this->earth(6.0),
                'Pale streaking wash',
                'Dew has drawn dust down the steep faces in pale runs',
            ),
            default => new Tone($this->earth(-26.0), 'Streaking grime', 'Rain has washed dirt down the steep faces'),
        };
    }

    public function dust(): Tone
    {
        return new Tone($this->earth(0.0), "{$this->groundName()} dust");
    }

    public function mud(): Tone
    {
        return new Tone($this->earth(-9.0), "{$this->groundName()} mud");
    }

    /** Fresher and darker than what has dried. */
    public function splash(): Tone
    {
        return new Tone($this->earth(-19.0), "{$this->groundName()} splashes");
    }

    /** As it comes from the jar: the water that stands in it does the rest. */
    public function wetMud(): Tone
    {
        return new Tone($this->earth(-12.0), "Wet {$this->groundName(true)}");
    }

    public function trackEarth(): Tone
    {
        return new Tone($this->earth(-24.0), "{$this->groundName()} wash for tracks");
    }

    /** @return array{Tone, Tone, Tone} old, middle and fresh: about six, three and one parts of what is seen */
    public function rust(): array
    {
        return [
            self::tone('#4a2c20', 'Old rust'),
            self::tone('#7a4a2a', 'Rust wash'),
            self::tone('#a5622c', 'Fresh rust'),
        ];
    }

    /** @return list<Tone> that are blended into faces, the lightest first: no panel quite like the next */
    public function oils(): array
    {
        if ($this->kind() === 'white') {
            return [self::tone('#8b8f8b', 'Slush-grey oil', 'Thaw has greyed the white low down and in corners.')];
        }
        $faded = new Lab(min(88.0, $this->face->l + 22.0), 0.7 * $this->face->a, 0.85 * $this->face->b + 3.0);
        $shade = new Lab(max(14.0, $this->face->l - 18.0), $this->face->a, 0.9 * $this->face->b);
        $oils = [
            new Tone(
                $faded,
                'Faded oil',
                $this->brief->scenery->sheen() === null
                    ? 'Bleached by the sun on what looks up.'
                    : 'Lighter where the light falls, so that no panel is quite like the next.',
            ),
            new Tone($shade, 'Shade oil', 'Darker low down and under what stands out.'),
        ];
        if ($this->brief->isAtLeast(Ambition::Exhibition)) {
            $oils[] = self::tone('#e9e4d6', 'White oil', 'Single panels paler than their neighbours.');
            $oils[] = new Tone($this->earth(-4.0), 'Earth oil', 'The ground it stands on, thinned to a memory.');
        }

        return $oils;
    }

    private function kind(): string
    {
        [$l, $hue] = [$this->face->l, $this->face->hue()];

        return match (true) {
            $l > self::WHITE => 'white',
            $l < self::DARK => 'dark',
            $this->face->chroma() < self::GREY, $hue > self::GREEN && $hue < 330.0 => 'grey',
            $hue < self::RED_BROWN || $hue >= 330.0 => 'brown',
            $hue < self::OCHRE => $l > self::SANDY ? 'sand' : 'brown',
            $l < self::DEEP => 'dark-green',
            default => 'green',
        };
    }

    private function ground(): Terrain
    {
        return $this->brief->build->terrain ?? Terrain::DryEarth;
    }

    /** The one earth of the story, so much lighter or darker; wet and cold seasons darken all of it. */
    private function earth(float $lighter): Lab
    {
        $dry = Lab::fromHex(match ($this->ground()) {
            Terrain::Sand => '#cdb78d',
            Terrain::DryEarth => '#b39b74',
            Terrain::WetClay => '#8a7355',
            Terrain::Snow => '#b9b4a8',
            Terrain::Town => '#a39e93',
        });
        [$shift, $strength] = match ($this->brief->story->season) {
            Season::Summer => [3.0, 1.0],
            Season::Spring => [0.0, 1.0],
            Season::Autumn => [-4.0, 1.05],
            Season::Winter => [-5.0, 0.8],
        };
        $l = max(16.0, min(86.0, $dry->l + $shift + $lighter));
        // Wet and shaded earth is not only darker, but somewhat stronger in colour until it is nearly black.
        $strength *= min(1.0, 0.55 + $l / 100.0);

        return new Lab($l, $strength * $dry->a, $strength * $dry->b);
    }

    private function groundName(bool $isInside = false): string
    {
        $name = match ($this->ground()) {
            Terrain::Sand => 'Desert sand',
            Terrain::DryEarth => 'Dry earth',
            Terrain::WetClay => 'Clay',
            Terrain::Snow => 'Thaw earth',
            Terrain::Town => 'Street',
        };

        return $isInside ? lcfirst($name) : $name;
    }

    private static function tone(string $hex, string $name, string $why = ''): Tone
    {
        return new Tone(Lab::fromHex($hex), $name, $why);
    }
}
