<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Driving;
use Ulvrach\Plan\Pose;
use Ulvrach\Plan\Scene;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Weather;
use Ulvrach\Stuff\Drying\Season;

/**
 * What a finish is to tell, as plan files write it.
 *
 * @phpstan-type BriefData array{
 *   base: string,
 *   scheme: string,
 *   more?: list<string>,
 *   season: string,
 *   weather: string,
 *   driving: string,
 *   hasMarkings?: bool,
 *   ambition: string,
 *   isExpressive?: bool|null,
 *   pose?: string,
 *   scenes?: list<string>,
 *   overrules?: list<array{zone: string, trace: string, amount: int|float}>,
 * }
 */
final class StoryCodec
{
    /** @param  BriefData  $data  as the schema has let it pass */
    public static function read(array $data): Story
    {
        $overrules = [];
        foreach ($data['overrules'] ?? [] as ['zone' => $zone, 'trace' => $trace, 'amount' => $amount]) {
            $overrules[$zone][$trace] = (float) $amount;
        }

        return new Story(
            base: Lab::fromHex($data['base']),
            scheme: Scheme::from($data['scheme']),
            more: array_map(Lab::fromHex(...), $data['more'] ?? []),
            season: Season::from($data['season']),
            weather: Weather::from($data['weather']),
            driving: Driving::from($data['driving']),
            hasMarkings: $data['hasMarkings'] ?? true,
            ambition: Ambition::from($data['ambition']),
            isExpressive: $data['isExpressive'] ?? null,
            overrules: $overrules,
            pose: Pose::from($data['pose'] ?? Pose::Level->value),
            scenes: array_map(Scene::from(...), $data['scenes'] ?? []),
        );
    }

    /** @return BriefData */
    public static function write(Story $story): array
    {
        $overrules = [];
        foreach ($story->overrules as $zone => $amounts) {
            foreach ($amounts as $trace => $amount) {
                $overrules[] = ['zone' => $zone, 'trace' => $trace, 'amount' => $amount];
            }
        }

        return [
            'base' => $story->base->toHex(),
            'scheme' => $story->scheme->value,
            'more' => array_map(static fn (Lab $colour) => $colour->toHex(), $story->more),
            'season' => $story->season->value,
            'weather' => $story->weather->value,
            'driving' => $story->driving->value,
            'hasMarkings' => $story->hasMarkings,
            'ambition' => $story->ambition->value,
            'isExpressive' => $story->isExpressive,
            'pose' => $story->pose->value,
            'scenes' => array_map(static fn (Scene $scene) => $scene->value, $story->scenes),
            'overrules' => $overrules,
        ];
    }
}
