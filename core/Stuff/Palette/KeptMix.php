<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Stuff\Material\Product;

/** A mix that somebody has kept under a name, to be made again, or poured into another cup as if it were a jar. */
final readonly class KeptMix
{
    /** Stands before the id of a mix where a jar is asked for. */
    private const JAR = 'mix-';

    /** @param  string  $id  a UUID */
    public function __construct(public string $id, public string $name, public Cup $cup, public string $note = '')
    {
    }

    /** The id of the jar that it is filled into. */
    public function jarId(): string
    {
        return self::JAR.$this->id;
    }

    /** @return string|null the id of the mix that a jar holds; null: none that is kept */
    public static function idIn(string $jar): ?string
    {
        $id = substr($jar, strlen(self::JAR));

        return str_starts_with($jar, self::JAR) && strlen($id) === 36 ? $id : null;
    }

    public function product(): Product
    {
        return $this->cup->product($this->jarId(), $this->name);
    }
}
