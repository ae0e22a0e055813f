<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Scene;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Product;

/** Lines and tints: filter and wash in the order of the school, each on the ground that it needs. */
final readonly class Tinting
{
    /** Per cent of their zones that oils go on, in the order in which they are laid. */
    private const OILED = [30, 30, 15, 20];

    /** L* that paint has lost from which on it is chalk. */
    private const CHALKY = 8.0;

    /** Where lines are seen least, since earth or shade lies on them. */
    private const HIDDEN = [
        ZoneKind::RunningGear,
        ZoneKind::Chassis,
        ZoneKind::Wheels,
        ZoneKind::Interior,
        ZoneKind::Tools,
    ];

    private function __construct(private Laying $laying, private Brief $brief)
    {
    }

    public static function lay(Laying $laying, Brief $brief): void
    {
        $tinting = new self($laying, $brief);
        $tinting->tryOut();
        $hasFilter = $brief->isAtLeast(Ambition::Weeks);
        $isFirst = $brief->answers('filter-or-wash', 'filter');
        if ($hasFilter && $isFirst) {
            $tinting->filter();
        }
        $tinting->wash();
        if ($hasFilter && ! $isFirst) {
            $tinting->between(Sheen::Satin, 'The wash is locked in, and what is tinted next would bead on gloss.');
            $tinting->filter();
        }
        $isBleached = in_array(Scene::Abandoned, $brief->story->scenes, true);
        if ($brief->liftsChips() && ! $brief->isWaterOnly() && ! $isBleached) {
            $tinting->inParts(
                'oil-shading',
                $brief->painted(),
                'Depth that could not be sprayed: below a colour that is to be chipped there must be nothing.',
            );
        } elseif ($brief->isAtLeast(Ambition::Weeks) && ! $brief->isWaterOnly()) {
            $tinting->oils();
        }
    }

    /** Several oils in one sitting, each where it belongs. */
    private function oils(): void
    {
        $oils = $this->brief->colours->oils();
        if (count($oils) > 1 && $this->laying->saves(Thrift::MoreOils)) {
            $oils = array_slice($oils, 0, 1);
        }
        $places = count($oils) === 1
            ? [[Place::LowerThird]]
            : [[Place::UpperThird], [Place::LowerThird], [], [Place::Recesses]];
        $isMatte = Marking::sheen($this->brief) === Sheen::Matte;
        $limit = $isMatte ? Brief::IN_ONE_GO_ON_MATTE : Brief::IN_ONE_GO;
        foreach ($this->brief->byGroup($this->brief->painted(), $limit) as $part) {
            foreach ($oils as $nth => $oil) {
                $jar = $this->laying->tone('oil-dots', $oil);
                if ($jar === null || ($nth > 0 && ! $this->laying->isOwn($jar))) {
                    $this->laying->leftOut("{$oil->name}: it is not on the shelf; the oils that are there do.");

                    continue;
                }
                $this->laying->add(
                    'oil-dots',
                    $part,
                    $oil->why,
                    $jar,
                    extent: new Extent(self::OILED[$nth], $places[$nth]),
                );
            }
        }
    }

    /** Spirit that meets bare paint, or work that may take long, is tried where nobody looks. */
    private function tryOut(): void
    {
        $isBare = $this->brief->answers('clear-before-solvents', 'never') && $this->brief->isAtLeast(Ambition::Weeks);
        if ($this->brief->isWaterOnly() || ! ($isBare || $this->brief->isAtLeast(Ambition::Exhibition))) {
            return;
        }
        $this->laying->add(
            'test-patch',
            $this->brief->hidden($this->brief->painted()),
            $isBare
                ? 'Nothing keeps spirit off this paint: rub a spot where nobody looks before the whole is washed.'
                : 'The very wash with its spirit, on this very paint: ten rubs, and no colour on the paper.',
            product: $this->laying->find($this->laying->need('pin-wash'), isThin: true),
        );
    }

    private function filter(): void
    {
        if ($this->brief->scenery->bleaches() >= self::CHALKY) {
            $this->laying->leftOut('Filter: it would give bleached paint its colour back.');

            return;
        }
        $tone = $this->brief->colours->filter();
        if ($tone === null) {
            $this->laying->leftOut('Filter: any tint over white turns it into another colour.');

            return;
        }
        $code = $this->brief->isWaterOnly() ? 'air-filter' : 'filter';
        $this->laying->add($code, $this->brief->painted(), $tone->why, $this->laying->tone($code, $tone));
    }

    private function wash(): void
    {
        $zones = array_values(array_unique([
            ...$this->brief->painted(),
            ...$this->brief->ofKind(ZoneKind::Tools, ZoneKind::Stowage),
        ]));
        $hidden = $this->brief->ofKind(...self::HIDDEN);
        if (array_intersect($zones, $hidden) !== [] && $this->laying->saves(Thrift::HiddenLines)) {
            $zones = array_values(array_diff($zones, $hidden));
        }
        $line = $this->brief->colours->line();
        $code = $this->brief->avoidsSpirit() ? 'acrylic-wash' : 'pin-wash';
        $this->inParts($code, $zones, $line->why, $this->laying->tone($code, $line));
        if ($this->brief->isAtLeast(Ambition::Evenings) && ! $this->brief->answers('clear-before-solvents', 'never')) {
            $this->laying->add('look-over', $zones, 'Dry, in other light: what is locked in now stays.');
        }
    }

    /**
     * What is cleaned or blended has to be reached while it is open: a large vehicle is done part by part.
     *
     * @param  list<string>  $zones
     */
    private function inParts(string $code, array $zones, string $why, ?Product $product = null): void
    {
        $isMatte = Marking::sheen($this->brief) === Sheen::Matte;
        $limit = $isMatte ? Brief::IN_ONE_GO_ON_MATTE : Brief::IN_ONE_GO;
        foreach ($this->brief->byGroup($zones, $limit) as $part) {
            $this->laying->add($code, $part, $why, product: $product);
        }
    }

    /** Another clear coat, where the school seals between steps. */
    private function between(Sheen $sheen, string $why): void
    {
        if ($this->brief->answers('clear-before-solvents', 'always')) {
            $this->laying->add('clear-coat', Marking::sealed($this->brief), $why, sheen: $sheen);
        }
    }
}
