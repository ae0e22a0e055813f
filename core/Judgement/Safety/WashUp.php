<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Safety;

use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;

/**
 * What is washed up after a step, and with what, so that nothing spoils what comes next. Of several steps each is said
 * once, in the order of the places: what is sprayed with before it dries in, lids last.
 */
final class WashUp
{
    private const SPRAYED = 1;

    private const BRUSHED = 2;

    private const METAL = 3;

    private const SPONGED = 4;

    private const RAGS = 5;

    private const LIDS = 6;

    /** @return list<array{place: int, says: string}> */
    public static function after(Step $step, ?Product $product): array
    {
        $carrier = $product?->material->carrier;
        $isMetal = $product->material->metallic ?? false;
        $says = [
            ...self::tool($step->application, $carrier, $isMetal),
            self::LIDS => 'Lids: on, threads wiped, jars stood upside down once',
        ];
        if ($carrier?->isSpirit() === true) {
            $says[self::RAGS] = 'Rags and buds with spirit: spread out or under water, never in a heap';
        }
        ksort($says);

        return array_map(
            static fn (int $place, string $one): array => ['place' => $place, 'says' => $one],
            array_keys($says),
            $says,
        );
    }

    /** @return array<int, string> */
    private static function tool(Application $tool, ?Carrier $carrier, bool $isMetal): array
    {
        $with = $carrier?->label();
        $metal = [self::METAL => "The brush that had metal: rinsed in {$with} of its own, and kept for metal"];

        return match (true) {
            $tool === Application::Sponge && ! $isMetal => [self::SPONGED => 'Sponges: rinsed, or thrown away'],
            $with === null => [],
            $tool === Application::Airbrush => [
                self::SPRAYED => "Airbrush: sprayed through with {$with}, needle out, cup wiped",
            ],
            $tool === Application::Sponge => $metal,
            in_array($tool, [Application::Brush, Application::Scrub, Application::Dry], true) => $isMetal
                ? $metal
                : [
                    self::BRUSHED => "The brushes that had {$with}: rinsed in it, then soap, and the point made again",
                ],
            default => [],
        };
    }
}
