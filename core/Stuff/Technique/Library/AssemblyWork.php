<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;

/** Looking, and putting together. */
final class AssemblyWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique(
                code: 'look-over',
                name: 'Look it over',
                kind: TechniqueKind::Look,
                stage: Stage::Assembly,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'A break, then a look in other light and from other sides, dry, before something is locked '
                    .'in.',
                practice: new Practice(
                    signs: ['half an hour away from it', 'daylight, then a side lamp, then a photograph'],
                    tools: ['magnifier', 'second lamp', 'camera'],
                    undo: 'Nothing was done.',
                    because: 'a look, not a job',
                ),
                setUpMinutes: 5,
                applyMinutes: 1.0,
                needs: CureState::TouchDry,
                pauseMinutes: 30,
            ),
            new Technique(
                code: 'dry-fit',
                name: 'Fit it dry and measure',
                kind: TechniqueKind::Look,
                stage: Stage::Assembly,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Neighbouring parts held in place: where markings go, what covers what, which way the track '
                    .'runs.',
                practice: new Practice(
                    signs: ['nothing has to be forced'],
                    tools: ['reusable putty', 'dividers', 'low-tack tape'],
                    undo: 'Nothing is changed by it.',
                    cautions: ['Before markings, and before anything is closed in.'],
                    alternatives: ['look-over'],
                    because: 'holding, looking, taking apart',
                ),
                setUpMinutes: 5,
                applyMinutes: 0.0,
            ),
            new Technique(
                code: 'join',
                name: 'Join sub-assemblies',
                kind: TechniqueKind::Join,
                stage: Stage::Assembly,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Glues finished parts on: wheels, tracks, turret, tools, hatches.',
                practice: new Practice(
                    signs: ['tracks run the right way round', 'all of one side touch the ground'],
                    tools: ['tiny amounts of glue', 'tweezers'],
                    undo: 'Broken off, with luck.',
                    cautions: [
                        'Glue on a matte finish leaves a shining line.',
                        'Look at both sides before the glue.',
                    ],
                    alternatives: ['close-in'],
                    because: 'part after part',
                ),
                setUpMinutes: 10,
                applyMinutes: 4.0,
            ),
            new Technique(
                code: 'close-in',
                name: 'Close in',
                kind: TechniqueKind::Join,
                stage: Stage::Assembly,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Closes off zones that no brush and no spray can reach afterwards: interior, behind wheels '
                    .'and skirts.',
                practice: new Practice(
                    signs: ['everything inside is finished, seen with a lamp'],
                    tools: ['tiny amounts of glue', 'tape until it holds'],
                    undo: 'None.',
                    cautions: ['Mask openings before the outside is sprayed.'],
                    alternatives: ['join'],
                    because: 'dry-fit first',
                ),
                setUpMinutes: 10,
                applyMinutes: 2.0,
                closesOff: true,
            ),
        ];
    }
}
