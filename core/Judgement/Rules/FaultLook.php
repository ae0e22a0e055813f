<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

/** What a finding would look like on the model, where it would be seen at all. How it is drawn is for who draws. */
enum FaultLook: string
{
    /** Blistered, and gone in flakes to what lies below. */
    case Lifted = 'lifted';
    /** Drawn along by the brush: lines become smears. */
    case Smeared = 'smeared';
    case Wrinkled = 'wrinkled';
    /** A net of fine cracks. */
    case Crazed = 'crazed';
    /** Broken into plates, as mud dries. */
    case Cracked = 'cracked';
    /** Lumps and threads in the coat. */
    case Curdled = 'curdled';
    /** Left over everything, on faces as in lines. */
    case Uncleaned = 'uncleaned';
    /** Scrubbed through to what lies below, the way the brush went. */
    case Scrubbed = 'scrubbed';
    /** Stained with dark rims. */
    case TideMarks = 'tide-marks';
    /** Stained through where the coat has gaps. */
    case Pinholes = 'pinholes';
    /** Gone with the tape, in a torn edge. */
    case TornOff = 'torn-off';
    /** A step of paint, and paint that crept below. */
    case Ridge = 'ridge';
    /** A border where one part had set before the next came. */
    case LapMark = 'lap-mark';
    /** Rubbed and hazy, and nothing came off. */
    case Stuck = 'stuck';
    /** Comes off in sheets. */
    case Sheets = 'sheets';
    /** Gone from the lines as well. */
    case WipedOut = 'wiped-out';
    /** Milky. */
    case Blushed = 'blushed';
    /** Rough, with grains that stand up. */
    case Dusty = 'dusty';
    /** A shining ring of oil round each dot. */
    case OilRings = 'oil-rings';
    /** Down to the bare part at edges. */
    case BarePart = 'bare-part';
    /** The print of a finger in it. */
    case Tacky = 'tacky';
    /** Rust where none can be. */
    case FalseRust = 'false-rust';
    /** Marks as large as a plate. */
    case OutOfScale = 'out-of-scale';
    /** Cracked across where it was bent. */
    case Flaked = 'flaked';
    /** Air below the film, which shines like silver. */
    case Silvered = 'silvered';
    /** Yellow and brown where it was white. */
    case StainedMarking = 'stained-marking';
    /** What shone is grey. */
    case Dulled = 'dulled';
    /** Flakes that have floated over the paint. */
    case FlakesAdrift = 'flakes-adrift';
    /** The line of the wash is painted over. */
    case LineLost = 'line-lost';
    /** A shining bead along the joint. */
    case GlueLine = 'glue-line';
    /** A run that begins nowhere. */
    case NoSource = 'no-source';
    /** Drawn together in beads. */
    case Beaded = 'beaded';
    /** Slid off, left only in lines. */
    case SlidOff = 'slid-off';
    /** Dark and flat: most of it is gone from sight. */
    case Swallowed = 'swallowed';
    /** Dark as the mud that drank it. */
    case Drowned = 'drowned';
    /** Touched, and gone where it was touched. */
    case RubbedOff = 'rubbed-off';
    /** A tint as strong as paint. */
    case Flooded = 'flooded';
    /** Loose at its glued joints. */
    case Parted = 'parted';

    /** @return self|null null: there is nothing to be seen, or the picture of the plan shows it as it is */
    public static function of(string $rule): ?self
    {
        return match ($rule) {
            'carrier-attacks-film', 'failed-on-trial', 'not-in-the-tables' => self::Lifted,
            'wakes-layer-below', 'spirit-on-young-varnish', 'filter-over-unsealed-wash' => self::Smeared,
            'hot-solvent-over-soft-film', 'too-early' => self::Wrinkled,
            'carrier-attacks-bare-part' => self::Crazed,
            'cold-acrylic' => self::Cracked,
            'strangers-thinner' => self::Curdled,
            'clean-up-does-nothing', 'wash-never-cleaned' => self::Uncleaned,
            'lift-off-layer-over-weathering', 'decals-scrubbed' => self::Scrubbed,
            'wash-on-matte' => self::TideMarks,
            'barrier-too-thin' => self::Pinholes,
            'mask-on-soft-paint', 'mask-on-what-holds-weakly' => self::TornOff,
            'mask-left-on' => self::Ridge,
            'no-longer-merges', 'section-larger-than-window' => self::LapMark,
            'lift-off-window-missed', 'lift-off-coat-too-tough', 'lift-off-layer-sealed-in', 'nothing-to-lift',
            'lift-off-layer-after-colour', 'nothing-to-clean' => self::Stuck,
            'lifted-chips-unsealed' => self::Sheets,
            'cleaned-outside-window' => self::WipedOut,
            'damp-air' => self::Blushed,
            'spray-dries-in-the-air' => self::Dusty,
            'oil-not-drained' => self::OilRings,
            'abraded-to-plastic', 'bare-part-unprimed' => self::BarePart,
            'enamel-on-vinyl' => self::Tacky,
            'rust-on-what-cannot-rust' => self::FalseRust,
            'marks-out-of-scale', 'too-much-wear', 'wear-beyond-service' => self::OutOfScale,
            'painted-before-it-is-bent' => self::Flaked,
            'decal-on-matte', 'decal-without-softener' => self::Silvered,
            'markings-stained', 'markings-yellowed', 'tint-over-sealed-markings' => self::StainedMarking,
            'metal-under-matte-coat', 'shine-lost-under-matte' => self::Dulled,
            'wash-over-metal' => self::FlakesAdrift,
            'metal-over-wash' => self::LineLost,
            'glue-on-matte' => self::GlueLine,
            'streak-without-source' => self::NoSource,
            'filter-on-gloss', 'oil-on-gloss' => self::Beaded,
            'pigment-on-gloss' => self::SlidOff,
            'dust-under-varnish' => self::Swallowed,
            'pigment-into-wet-mud' => self::Drowned,
            'pigment-left-loose' => self::RubbedOff,
            'tint-floods' => self::Flooded,
            'spirit-floods-glued-links' => self::Parted,
            default => null,
        };
    }

    /** What is seen, as half a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Lifted => 'the paint blisters and comes off in flakes',
            self::Smeared => 'the lines below are dragged into smears',
            self::Wrinkled => 'the skin wrinkles',
            self::Crazed => 'a net of fine cracks runs through it',
            self::Cracked => 'the coat breaks into plates',
            self::Curdled => 'lumps and threads stand in the coat',
            self::Uncleaned => 'it lies over the faces as over the lines',
            self::Scrubbed => 'the brush has scrubbed through what lay below',
            self::TideMarks => 'stains with dark rims stand on the faces',
            self::Pinholes => 'it stains through the gaps of the coat',
            self::TornOff => 'paint has gone with the tape, in a torn edge',
            self::Ridge => 'a step of paint stands at the edge, and paint crept below it',
            self::LapMark => 'a hard border shows where one part had set before the next',
            self::Stuck => 'the paint is rubbed and hazy, and nothing came off',
            self::Sheets => 'the paint comes off in sheets',
            self::WipedOut => 'the lines are wiped out as well',
            self::Blushed => 'it has turned milky',
            self::Dusty => 'the coat is rough with dried droplets',
            self::OilRings => 'a shining ring of oil stands round each dot',
            self::BarePart => 'the bare part shows at edges',
            self::Tacky => 'the print of a finger is in it',
            self::FalseRust => 'rust stands where none can be',
            self::OutOfScale => 'the marks are as large as plates',
            self::Flaked => 'the paint has flaked where it was bent',
            self::Silvered => 'the film of the decal shines like silver',
            self::StainedMarking => 'the markings are stained brown',
            self::Dulled => 'what shone is dull',
            self::FlakesAdrift => 'flakes of metal have floated over the paint',
            self::LineLost => 'metal lies over the lines',
            self::GlueLine => 'a shining bead of glue stands along the joint',
            self::NoSource => 'the runs begin in the middle of nothing',
            self::Beaded => 'it has drawn together in beads',
            self::SlidOff => 'it has slid off the faces',
            self::Swallowed => 'most of the dust is gone from sight',
            self::Drowned => 'the pigment is as dark as the mud',
            self::RubbedOff => 'a finger has taken it off',
            self::Flooded => 'the tint covers like paint',
            self::Parted => 'the part has come loose at its joints',
        };
    }
}
