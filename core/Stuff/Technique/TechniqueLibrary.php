<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** Every technique that a step can name; the data stand in Library/, one file a part of the work. */
final class TechniqueLibrary
{
    /** @var array<string, Technique>|null */
    private static ?array $byCode = null;

    /** @throws UnknownTechnique */
    public static function get(string $code): Technique
    {
        return self::all()[$code] ?? throw UnknownTechnique::code($code);
    }

    public static function has(string $code): bool
    {
        return isset(self::all()[$code]);
    }

    /** @return array<string, Technique> in the usual order of work */
    public static function all(): array
    {
        if (self::$byCode !== null) {
            return self::$byCode;
        }
        $all = [
            ...Library\GroundWork::techniques(),
            ...Library\ColourWork::techniques(),
            ...Library\ChippingWork::techniques(),
            ...Library\DetailWork::techniques(),
            ...Library\MarkingWork::techniques(),
            ...Library\TintWork::techniques(),
            ...Library\CareWork::techniques(),
            ...Library\WearWork::techniques(),
            ...Library\TrackWork::techniques(),
            ...Library\DustWork::techniques(),
            ...Library\SealWork::techniques(),
            ...Library\AssemblyWork::techniques(),
        ];
        $stages = array_flip(array_column(Stage::cases(), 'value'));
        usort(
            $all,
            static fn (Technique $one, Technique $other) => $stages[$one->stage->value] <=>
                $stages[$other->stage->value],
        );

        return self::$byCode = array_column($all, null, 'code');
    }
}
