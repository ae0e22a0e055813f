<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Before the first colour: trials, stowage made from scratch, primer. */
final class GroundWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique('test-patch', 'Test patch', TechniqueKind::TestPatch, Stage::Ground, BinderFamily::cases(), Application::Brush, Coverage::Partial,
                'Tries a risky combination on the underside or a scrap before it reaches the model.',
                new Practice(['no colour on the paper after ten rubs', 'no ring, no wrinkle, no change of sheen when dry'],
                    ['scrap card with the same layers', 'cotton bud', 'the very thinner that will be used'],
                    'It need not be taken back: it is where nobody looks.', ['Wait as long as the real step will wait before judging.'],
                    because: 'ten minutes to lay it, rub it and look at it'),
                setUpMinutes: 10, applyMinutes: 0.0, needs: CureState::Wet),
            new Technique('stowage-paper', 'Stowage from soaked paper', TechniqueKind::Sculpt, Stage::Ground, [BinderFamily::WhiteGlue], Application::Brush, Coverage::Partial,
                'Tarpaulins and bed rolls from thin paper soaked in thinned white glue, draped where they will lie.',
                new Practice(['the folds stay when the brush is lifted', 'stiff and no longer cold to the touch when dry'],
                    ['thin paper', 'white glue, half water', 'old brush', 'tweezers'], 'Softens again in warm water for an hour or two.',
                    ['Paint it in place while its edges can still be lifted.'], ['stowage-gauze', 'stowage-putty'],
                    'a rolled sheet takes a quarter of an hour'),
                setUpMinutes: 10, applyMinutes: 40.0, needs: CureState::Wet),
            new Technique('stowage-gauze', 'Stowage from gauze', TechniqueKind::Sculpt, Stage::Ground, [BinderFamily::WhiteGlue], Application::Brush, Coverage::Partial,
                'Camouflage nets and sacking from gauze stiffened with white glue.',
                new Practice(['the weave is open, not clogged', 'stiff when dry'], ['gauze', 'white glue, half water', 'scissors'],
                    'Softens again in warm water.', [], ['stowage-paper'], 'draping and trimming a net'),
                setUpMinutes: 10, applyMinutes: 40.0, needs: CureState::Wet),
            new Technique('stowage-putty', 'Stowage from putty', TechniqueKind::Sculpt, Stage::Ground, [BinderFamily::EpoxyPutty], Application::Dry, Coverage::Partial,
                'Bags and rolls modelled in two-part putty; straps follow when the body is firm.',
                new Practice(['takes a print of the finger without sticking: model it', 'a nail leaves no mark: it is hard'],
                    ['two-part putty', 'talc or water against sticking', 'modelling tools'], 'Scraped off while soft; sanded when hard.',
                    ['Detail one to two hours after mixing, straps the next day: earlier it tears.'], ['stowage-paper'],
                    'mixing and shaping one bag'),
                setUpMinutes: 10, applyMinutes: 60.0, needs: CureState::Wet),
            new Technique('prime', 'Prime', TechniqueKind::Prime, Stage::Ground, Families::PAINTS, Application::Airbrush, Coverage::Whole,
                'One hard skin with grip over plastic, resin and metal alike, sprayed from several directions.',
                new Practice(['an even, dull skin with no bare edge when turned under the lamp', 'wet in the recess and dry beside it: too heavy'],
                    ['airbrush 0.3–0.5 mm', '1.2–1.5 bar', '10–15 cm away', 'handles for small parts'], 'Stripped with the part, hardly by itself.',
                    ['Both sides of every upright part, crosswise on flat ones.', 'Dust and grease go first; release agent is washed off.'], ['prime-repair'],
                    'two thin coats cover where one heavy one fills detail'),
                coats: 2, setUpMinutes: 15, role: ColourRole::Ground),
            new Technique('prime-repair', 'Repair the primer', TechniqueKind::Prime, Stage::Ground, Families::PAINTS, Application::Brush, Coverage::Partial,
                'Touches in rubbed edges, sanded seams and filled marks before colour goes on.',
                new Practice(['no step can be felt with the nail', 'the seam is gone in raking light'], ['fine abrasive', 'small brush'],
                    'Sanded flat when hard.', ['Fill and sand before, since every mark shows under paint.'], ['prime'], 'a handful of spots'),
                applyMinutes: 4.0, role: ColourRole::Ground),
        ];
    }
}
