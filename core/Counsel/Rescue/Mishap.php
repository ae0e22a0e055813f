<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Judgement\Rules\FaultLook;
use Ulvrach\Stuff\Technique\Nature;

/** Something that goes wrong at the bench, as it is seen there, with the ways that may lead out of it. */
final readonly class Mishap
{
    /**
     * @param  string  $seen  what is seen, in the words of whoever sees it
     * @param  list<Nature>  $about  whose film it happens to, the topmost that lies open; empty: any
     * @param  list<Way>  $ways  those that can be taken back first
     */
    public function __construct(public string $code, public string $seen, public array $about, public array $ways)
    {
    }

    /** What it looks like; null: nobody has drawn that. */
    public function look(): ?FaultLook
    {
        return match ($this->code) {
            'wiped-too-much' => FaultLook::WipedOut,
            'wash-too-strong', 'wash-wont-move' => FaultLook::Uncleaned,
            'tide-mark', 'fixer-ring' => FaultLook::TideMarks,
            'streak-astray' => FaultLook::NoSource,
            'rubbed-to-plastic' => FaultLook::BarePart,
            'sheet-not-chips' => FaultLook::Sheets,
            'chips-too-many' => FaultLook::OutOfScale,
            'paint-pulled' => FaultLook::TornOff,
            'fingerprint' => FaultLook::Tacky,
            'paint-beads' => FaultLook::Beaded,
            'varnish-frosted' => FaultLook::Blushed,
            'varnish-crazed' => FaultLook::Crazed,
            'glue-shine' => FaultLook::GlueLine,
            'decal-silvered' => FaultLook::Silvered,
            'marking-stained' => FaultLook::StainedMarking,
            'pigment-gone' => FaultLook::Swallowed,
            'nothing-lifts' => FaultLook::Stuck,
            'bled-under-mask', 'ridge-at-mask' => FaultLook::Ridge,
            'dusty-spray' => FaultLook::Dusty,
            'flakes-in-paint' => FaultLook::FlakesAdrift,
            'links-apart' => FaultLook::Parted,
            default => null,
        };
    }
}
