<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

/** Before the first colour: trials, stowage made from scratch, primer. */
final class GroundWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique(
                code: 'test-patch',
                name: 'Test patch',
                kind: TechniqueKind::TestPatch,
                stage: Stage::Assembly,
                families: BinderFamily::cases(),
                wants: new Want(family: BinderFamily::Enamel, colour: '#3b2f24', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Tries a risky combination on the underside or a scrap before it reaches the model.',
                practice: new Practice(
                    signs: [
                        'no colour on the paper after ten rubs',
                        'no ring, no wrinkle, no change of sheen when dry',
                    ],
                    tools: ['scrap card with the same layers', 'cotton bud', 'the very thinner that will be used'],
                    undo: 'It need not be taken back: it is where nobody looks.',
                    cautions: ['Wait as long as the real step will wait before judging.'],
                    because: 'ten minutes to lay it, rub it and look at it',
                ),
                setUpMinutes: 10,
                applyMinutes: 0.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'stowage-paper',
                name: 'Stowage from soaked paper',
                kind: TechniqueKind::Sculpt,
                stage: Stage::Ground,
                families: [BinderFamily::WhiteGlue],
                wants: new Want(family: BinderFamily::WhiteGlue, sheen: Sheen::Satin),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Tarpaulins and bed rolls from thin paper soaked in thinned white glue, draped where they '
                    .'will lie.',
                practice: new Practice(
                    signs: [
                        'the folds stay when the brush is lifted',
                        'stiff and no longer cold to the touch when dry',
                    ],
                    tools: ['thin paper', 'white glue, half water', 'old brush', 'tweezers'],
                    undo: 'Softens again in warm water for an hour or two.',
                    cautions: ['Paint it in place while its edges can still be lifted.'],
                    alternatives: ['stowage-gauze', 'stowage-putty'],
                    because: 'a rolled sheet takes a quarter of an hour',
                ),
                setUpMinutes: 10,
                applyMinutes: 40.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'stowage-gauze',
                name: 'Stowage from gauze',
                kind: TechniqueKind::Sculpt,
                stage: Stage::Ground,
                families: [BinderFamily::WhiteGlue],
                wants: new Want(family: BinderFamily::WhiteGlue, sheen: Sheen::Satin),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Camouflage nets and sacking from gauze stiffened with white glue.',
                practice: new Practice(
                    signs: ['the weave is open, not clogged', 'stiff when dry'],
                    tools: ['gauze', 'white glue, half water', 'scissors'],
                    undo: 'Softens again in warm water.',
                    alternatives: ['stowage-paper'],
                    because: 'draping and trimming a net',
                ),
                setUpMinutes: 10,
                applyMinutes: 40.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'stowage-putty',
                name: 'Stowage from putty',
                kind: TechniqueKind::Sculpt,
                stage: Stage::Ground,
                families: [BinderFamily::EpoxyPutty],
                wants: new Want(family: BinderFamily::EpoxyPutty, sheen: Sheen::Matte),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Bags and rolls modelled in two-part putty; straps follow when the body is firm.',
                practice: new Practice(
                    signs: [
                        'takes a print of the finger without sticking: model it',
                        'a nail leaves no mark: it is hard',
                    ],
                    tools: ['two-part putty', 'talc or water against sticking', 'modelling tools'],
                    undo: 'Scraped off while soft; sanded when hard.',
                    cautions: ['Detail one to two hours after mixing, straps the next day: earlier it tears.'],
                    alternatives: ['stowage-paper'],
                    because: 'mixing and shaping one bag',
                ),
                setUpMinutes: 10,
                applyMinutes: 60.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'prime',
                name: 'Prime',
                kind: TechniqueKind::Prime,
                stage: Stage::Ground,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::Lacquer, colour: '#7d7d7a', anyColour: true),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'One hard skin with grip over plastic, resin and metal alike, sprayed from several '
                    .'directions.',
                practice: new Practice(
                    signs: [
                        'an even, dull skin with no bare edge when turned under the lamp',
                        'wet in the recess and dry beside it: too heavy',
                    ],
                    tools: ['airbrush 0.3–0.5 mm', '1.2–1.5 bar', '10–15 cm away', 'handles for small parts'],
                    undo: 'Stripped with the part, hardly by itself.',
                    cautions: [
                        'Both sides of every upright part, crosswise on flat ones.',
                        'Dust and grease go first; release agent is washed off.',
                    ],
                    alternatives: ['prime-repair'],
                    because: 'two thin coats cover where one heavy one fills detail',
                ),
                coats: 2,
                setUpMinutes: 15,
                role: ColourRole::Ground,
            ),
            new Technique(
                code: 'prime-repair',
                name: 'Repair the primer',
                kind: TechniqueKind::Prime,
                stage: Stage::Ground,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::Lacquer, colour: '#7d7d7a', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Touches in rubbed edges, sanded seams and filled marks before colour goes on.',
                practice: new Practice(
                    signs: ['no step can be felt with the nail', 'the seam is gone in raking light'],
                    tools: ['fine abrasive', 'small brush'],
                    undo: 'Sanded flat when hard.',
                    cautions: ['Fill and sand before, since every mark shows under paint.'],
                    alternatives: ['prime'],
                    because: 'a handful of spots',
                ),
                applyMinutes: 4.0,
                role: ColourRole::Ground,
            ),
        ];
    }
}
