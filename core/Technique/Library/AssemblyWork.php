<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\CureState;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Looking, and putting together. */
final class AssemblyWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique('look-over', 'Look it over', TechniqueKind::Look, Stage::Assembly, [], Application::Dry, Coverage::Partial,
                'A break, then a look in other light and from other sides, dry, before something is locked in.',
                new Practice(['half an hour away from it', 'daylight, then a side lamp, then a photograph'], ['magnifier', 'second lamp', 'camera'], 'Nothing was done.', [], [], 'a look, not a job'),
                setUpMinutes: 5, applyMinutes: 1.0, needs: CureState::TouchDry),
            new Technique('join', 'Join sub-assemblies', TechniqueKind::Join, Stage::Assembly, [], Application::Dry, Coverage::Partial,
                'Glues finished parts on: wheels, tracks, turret, tools, hatches.',
                new Practice(['tracks run the right way round', 'all of one side touch the ground'], ['tiny amounts of glue', 'tweezers'], 'Broken off, with luck.',
                    ['Glue on a matte finish leaves a shining line.', 'Look at both sides before the glue.'], ['close-in'], 'part after part'),
                setUpMinutes: 10, applyMinutes: 4.0),
            new Technique('close-in', 'Close in', TechniqueKind::Join, Stage::Assembly, [], Application::Dry, Coverage::Partial,
                'Closes off zones that no brush and no spray can reach afterwards: interior, behind wheels and skirts.',
                new Practice(['everything inside is finished, seen with a lamp'], ['tiny amounts of glue', 'tape until it holds'], 'None.', ['Mask openings before the outside is sprayed.'], ['join'], 'dry-fit first'),
                setUpMinutes: 10, applyMinutes: 2.0, closesOff: true),
        ];
    }
}
