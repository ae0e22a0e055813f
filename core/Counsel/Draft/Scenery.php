<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft;

use Ulvrach\Plan\Scene;
use Ulvrach\Stuff\Chemistry\Sheen;

/**
 * What scenes bring and forbid, one after the other: a tank cleaned for a parade that then stands in the rain for days
 * has mud again, and no dust. A new scene is a case of Scene, its words, and one entry here.
 */
final readonly class Scenery
{
    private const ALL = ['chips', 'rubbing', 'rust', 'streaks', 'dust', 'mud', 'oil', 'soot', 'heat'];

    private const TRACES_OF_RUNNING = ['track-polish', 'track-wash', 'exhaust-soot', 'mud-splash', 'wet-mud'];

    /**
     * By scene. "forbids": traces that are gone. "brings": times what the story alone would leave, and the least of it
     * wherever it can be at all. "times": more or less of what is there. "without", "again": techniques that have no
     * place, and that have it again. "sheen": of the last coat. "bleaches": L* that paint towards the sky has become
     * paler by. "slush": thrown up by its streets.
     */
    private const SCENES = [
        'factory-fresh' => [
            'forbids' => self::ALL,
            'without' => [...self::TRACES_OF_RUNNING, 'filter', 'air-filter', 'oil-dots', 'oil-shading'],
            'bleaches' => 0.0,
            'because' => 'it comes from the works',
        ],
        'parade' => [
            'forbids' => self::ALL,
            'without' => self::TRACES_OF_RUNNING,
            'sheen' => Sheen::Satin,
            'bleaches' => 0.0,
            'because' => 'it was cleaned for the parade',
        ],
        'museum' => [
            'forbids' => ['mud', 'soot', 'rubbing', 'streaks'],
            'times' => ['chips' => 0.2, 'rust' => 0.2, 'dust' => 0.35, 'heat' => 0.3],
            'without' => ['track-polish', 'exhaust-soot', 'mud-splash', 'wet-mud', 'track-wash'],
            'sheen' => Sheen::Satin,
            'bleaches' => 0.0,
            'because' => 'it is kept in a museum',
        ],
        'abandoned' => [
            'forbids' => ['soot', 'heat', 'mud'],
            'brings' => ['rust' => [2.0, 0.45], 'streaks' => [1.6, 0.4], 'chips' => [1.4, 0.0]],
            'times' => ['dust' => 0.5],
            'without' => ['track-polish', 'exhaust-soot', 'mud-splash', 'wet-mud', 'metal-paint'],
            'bleaches' => 10.0,
            'because' => 'it has stood for years',
        ],
        'desert' => [
            'forbids' => ['mud'],
            'brings' => ['dust' => [1.2, 0.45], 'chips' => [1.1, 0.0]],
            'times' => ['rust' => 0.3],
            'without' => ['wet-mud', 'mud-splash'],
            'bleaches' => 5.0,
            'because' => 'nothing is wet in the desert',
        ],
        'town-winter' => [
            'brings' => ['streaks' => [1.4, 0.35]],
            'times' => ['dust' => 0.3, 'mud' => 0.35],
            'slush' => true,
            'because' => 'streets are salted, not muddy',
        ],
        'days-of-rain' => [
            'forbids' => ['dust'],
            'brings' => ['mud' => [1.3, 0.0], 'streaks' => [1.5, 0.35]],
            'again' => self::TRACES_OF_RUNNING,
            'without' => ['dry-pigment', 'dust-mist', 'oil-dust'],
            'because' => 'rain has washed it off',
        ],
    ];

    /** @param  list<Scene>  $scenes  in the order in which they came */
    public function __construct(private array $scenes)
    {
    }

    /**
     * @param  float  $amount  that the story alone would leave, 0 to 1
     * @return array{float, string|null} what is left of it, and why; null: the scenes say nothing of it
     */
    public function on(Trace $trace, float $amount): array
    {
        [$left, $because] = [$amount, null];
        foreach ($this->scenes as $scene) {
            $of = self::of($scene);
            [$times, $least] = $of['brings'][$trace->value] ?? [null, 0.0];
            $now = match (true) {
                in_array($trace->value, $of['forbids'], true) => 0.0,
                $times !== null => $amount > 0.0 ? max($left, $times * $amount, $least) : $left,
                default => $left * ($of['times'][$trace->value] ?? 1.0),
            };
            $because = $now === $left ? $because : $scene->label();
            $left = $now;
        }

        return [min(1.0, $left), $because];
    }

    /** @return string|null why a technique has no place; null: it has */
    public function without(string $technique): ?string
    {
        $because = null;
        foreach ($this->scenes as $scene) {
            $of = self::of($scene);
            $because = in_array($technique, $of['again'], true) ? null : $because;
            $because = in_array($technique, $of['without'], true) ? $of['because'] : $because;
        }

        return $because;
    }

    /** Of the last coat; null: dull, as usual. */
    public function sheen(): ?Sheen
    {
        $sheen = null;
        foreach ($this->scenes as $scene) {
            $sheen = self::of($scene)['sheen'];
        }

        return $sheen;
    }

    /** Whether the streets of the last scene are salted. */
    public function hasSlush(): bool
    {
        $last = $this->scenes[count($this->scenes) - 1] ?? null;

        return $last !== null && self::of($last)['slush'];
    }

    /** L* by which paint that lies towards the sky has become paler; 0: it has not. Fresh paint ends it. */
    public function bleaches(): float
    {
        $by = 0.0;
        foreach ($this->scenes as $scene) {
            $by = self::of($scene)['bleaches'] ?? $by;
        }

        return $by;
    }

    /**
     * @return array{
     *   forbids: list<string>,
     *   brings: array<string, array{float, float}>,
     *   times: array<string, float>,
     *   without: list<string>,
     *   again: list<string>,
     *   sheen: Sheen|null,
     *   bleaches: float|null,
     *   slush: bool,
     *   because: string,
     * }
     */
    private static function of(Scene $scene): array
    {
        return self::SCENES[$scene->value] + [
            'forbids' => [],
            'brings' => [],
            'times' => [],
            'without' => [],
            'again' => [],
            'sheen' => null,
            'bleaches' => null,
            'slush' => false,
        ];
    }
}
