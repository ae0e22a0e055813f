<?php

declare(strict_types=1);

namespace Ulvrach\Light\Colour;

/** A colour as the eye measures it: CIE L*a*b* under D65. */
final readonly class Lab
{
    /** The white of D65, xy (0.3127, 0.3290), at Y = 1. */
    public const WHITE_X = 0.3127 / 0.329;

    public const WHITE_Z = (1 - 0.3127 - 0.329) / 0.329;

    /** From XYZ to linear sRGB: the inverse of the CSS Color 4 matrix below. */
    private const TO_RGB = [
        [3.2409699419045226, -1.537383177570094, -0.4986107602930034],
        [-0.9692436362808796, 1.8759675015077202, 0.04155505740717559],
        [0.05563007969699366, -0.20397695888897652, 1.0569715142428786],
    ];

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    /** From "#rrggbb" by the CSS Color 4 matrix, white at xy (0.3127, 0.3290); docs/sources.md, "colour". */
    public static function fromHex(string $hex): self
    {
        /** @var array<string, self> $known a plan asks for the same few colours again and again */
        static $known = [];

        return $known[$hex] ??= self::convert($hex);
    }

    /** Tells it from all others; bytes, not for reading: numbers written out take ten times as long. */
    public function key(): string
    {
        return pack('d3', $this->l, $this->a, $this->b);
    }

    public function withLightness(float $l): self
    {
        return new self($l, $this->a, $this->b);
    }

    /** @param  float  $share  0: this colour; 1: the other */
    public function towards(self $other, float $share): self
    {
        return new self(
            $this->l + $share * ($other->l - $this->l),
            $this->a + $share * ($other->a - $this->a),
            $this->b + $share * ($other->b - $this->b),
        );
    }

    public function chroma(): float
    {
        return sqrt($this->a ** 2 + $this->b ** 2);
    }

    /** Degrees: 0 red, 90 yellow, 180 green, 270 blue. */
    public function hue(): float
    {
        $degrees = rad2deg(atan2($this->b, $this->a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    /** The CIEDE2000 difference; 1 is just seen, 10 is another colour. */
    public function differenceTo(self $other): float
    {
        return DeltaE2000::between($this, $other);
    }

    /** The plain distance in CIELAB of 1976, for where a measure has to grow evenly from one colour to the other. */
    public function distanceTo(self $other): float
    {
        return sqrt(($this->l - $other->l) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /** From CIE XYZ of the 1931 observer under D65, Y of the perfect white being 1. */
    public static function fromXyz(float $x, float $y, float $z): self
    {
        // The cube root of CIE 15, with its straight part near black.
        $root = static fn (float $t): float => $t > 216 / 24389 ? $t ** (1 / 3) : ((24389 / 27) * $t + 16) / 116;
        $fx = $root($x / self::WHITE_X);
        $fy = $root($y);
        $fz = $root($z / self::WHITE_Z);

        return new self(116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz));
    }

    /** @return array{float, float, float} CIE XYZ under D65, Y of the perfect white being 1 */
    public function toXyz(): array
    {
        $fy = ($this->l + 16) / 116;
        $cube = static fn (float $f): float => $f ** 3 > 216 / 24389 ? $f ** 3 : (116 * $f - 16) / (24389 / 27);

        return [
            $cube($fy + $this->a / 500) * self::WHITE_X,
            $cube($fy),
            $cube($fy - $this->b / 200) * self::WHITE_Z,
        ];
    }

    /** "#rrggbb", the nearest that a screen can show: what lies outside its range is cut off channel by channel. */
    public function toHex(): string
    {
        /** @var \WeakMap<self, string>|null $known a colour that lies in many places is written for each of them */
        static $known = null;
        $known ??= new \WeakMap();

        /** @var string|null $hex */
        $hex = $known[$this] ?? null;

        return $hex ?? $known[$this] = $this->written();
    }

    private function written(): string
    {
        [$x, $y, $z] = $this->toXyz();
        $hex = '#';
        foreach (self::TO_RGB as [$fromX, $fromY, $fromZ]) {
            $value = $fromX * $x + $fromY * $y + $fromZ * $z;
            $value = $value <= 0.0031308 ? 12.92 * $value : 1.055 * $value ** (1 / 2.4) - 0.055;
            $hex .= sprintf('%02x', (int) round(255 * max(0.0, min(1.0, $value))));
        }

        return $hex;
    }

    private static function convert(string $hex): self
    {
        [$red, $green, $blue] = array_map(static function (string $pair): float {
            $value = hexdec($pair) / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        }, str_split(substr($hex, 1), 2));
        $x = 0.41239079926595934 * $red + 0.357584339383878 * $green + 0.1804807884018343 * $blue;
        $y = 0.21263900587151027 * $red + 0.715168678767756 * $green + 0.07219231536073371 * $blue;
        $z = 0.01933081871559182 * $red + 0.11919477979462598 * $green + 0.9505321522496607 * $blue;

        return self::fromXyz($x, $y, $z);
    }
}
