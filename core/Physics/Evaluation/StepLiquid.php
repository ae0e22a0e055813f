<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Combination;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Liquid;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Nature;

/** A liquid of a step meets a layer: the attack table, read with the habits of the bench. */
final class StepLiquid
{
    private const STATES = [CureState::Wet, CureState::TouchDry, CureState::Recoatable, CureState::SolventProof];

    /**
     * @var array<string, array<string, array<int, Harm>>> by film, kind of work that laid it, and state: a plan asks
     *   the same again and again
     */
    private array $harms = [];

    /**
     * @var array<string, array<string, array<int, CureState>>> by film, kind of work that laid it, and whether it ever
     *   gets solvent-proof
     */
    private array $waits = [];

    public function __construct(
        public readonly Liquid $liquid,
        public readonly Kind $kind,
        public readonly bool $isCleanUp,
    ) {
    }

    /**
     * The harm if the layer is in that state: level 1 of the table is untidy where it is rubbed, 2 has to be done
     * again, 3 destroys.
     */
    public function harmTo(Layer $layer, CureState $state): Harm
    {
        return $this->harms[$layer->behavesAs->value][$layer->kind->value][$state->value] ??= $this->readHarm(
            $layer,
            $state,
        );
    }

    /** What a trial of it on this layer tries. */
    public function on(Layer $layer, CureState $state): Combination
    {
        return new Combination(
            $this->liquid->carrier,
            $this->liquid->contact,
            $layer->film,
            $state,
            $layer->isBarrier(),
        );
    }

    /** The earliest state in which this layer takes no harm worth waiting for, else the least that it can take. */
    public function stateToWaitFor(Layer $layer): CureState
    {
        return $this->waits[$layer->behavesAs->value][$layer->kind->value][
            $layer->solventProofAt === null ? 0 : 1
        ] ??= $this->leastHarmfulState($layer);
    }

    /** Spirits want a clear coat of acrylic older than its coats do: the age decides, not the state. */
    public function findsYoungVarnish(Layer $layer): bool
    {
        return $layer->isBarrier() &&
            ($layer->film === BinderFamily::WaterborneAcrylic || $layer->film === BinderFamily::AlcoholAcrylic) &&
            $this->liquid->carrier->isSpirit();
    }

    private function readHarm(Layer $layer, CureState $state): Harm
    {
        return $this->meantToBe($layer, $state) ?? $this->onOwnKind($layer, $state) ?? $this->byTable($layer, $state);
    }

    /** What is the purpose of the work, or has a rule of its own that says more; null: neither. */
    private function meantToBe(Layer $layer, CureState $state): ?Harm
    {
        $contact = $this->liquid->contact;

        return match (true) {
            // Its age is judged by a rule of its own; once it is through, hard rubbing is judged like any other.
            $this->findsYoungVarnish($layer) &&
            ($contact !== Contact::Scrub || $state !== CureState::SolventProof) => Harm::None,
            // What is sprayed over a release film is meant to be there; brushed, it wakes the film.
            $layer->kind->is(Nature::ReleaseFilm) && $contact->isSprayed() => Harm::None,
            $layer->kind->is(Nature::ReleaseFilm) &&
            $contact === Contact::Brush &&
            ! $this->liquid->carrier->isSpirit() => Harm::MayFail,
            $layer->film === BinderFamily::DryPigment => $this->onLoosePigment(),
            // Softener is there for it, and a sprayed clear of acrylic is its ordinary seal.
            $layer->film === BinderFamily::DecalFilm => match (true) {
                $this->kind->is(Nature::Soften), $this->kind->is(Nature::Decal) => Harm::None,
                $contact === Contact::Scrub => Harm::WillFail,
                $this->kind->is(Nature::ClearCoat) &&
                $contact->isSprayed() &&
                ! $this->liquid->carrier->isHot() => Harm::None,
                default => null,
            },
            // Sprayed thinly, a clear coat is its ordinary seal; a wet coat of paint may float some of it off.
            $layer->film === BinderFamily::ClayWash && $contact->isSprayed() => match (true) {
                $this->kind->is(Nature::ClearCoat) => Harm::None,
                default => $contact === Contact::Mist ? Harm::Slight : Harm::MayFail,
            },
            $layer->film === BinderFamily::ClayWash && $this->liquid->brings === BinderFamily::ClayWash => Harm::None,
            // Soaked paper is painted while it is firm and its edges still lift.
            $layer->film === BinderFamily::WhiteGlue && $state->value >= CureState::Recoatable->value => Harm::None,
            // It flashes off before its alcohol bites a film that is through.
            $this->liquid->brings === BinderFamily::Hairspray && $state === CureState::SolventProof => Harm::None,
            default => null,
        };
    }

    /** Wetted on purpose it darkens and sets; a brush that wipes over it takes it along. */
    private function onLoosePigment(): Harm
    {
        return match (true) {
            $this->kind->is(Nature::FixPigment), $this->liquid->contact->isSprayed() => Harm::None,
            $this->liquid->contact->rubs() => Harm::MayFail,
            $this->kind->is(Nature::Pigment),
            $this->kind->is(Nature::Mud),
            $this->kind->is(Nature::Gloss),
            $this->kind->is(Nature::Streak),
            $this->liquid->contact === Contact::Dab => Harm::Slight,
            default => Harm::MayFail,
        };
    }

    /** Paint on paint of its own kind, and spirit on enamel and oil; null: they are strangers. */
    private function onOwnKind(Layer $layer, CureState $state): ?Harm
    {
        $contact = $this->liquid->contact;
        if ($layer->behavesAs->oxidises() && $this->liquid->carrier->isSpirit()) {
            return $this->spiritOnItsKind($layer, $state);
        }
        $isOwn =
            $this->liquid->brings === $layer->film ||
            // Alcohol-borne acrylic in lacquer thinner, sprayed on hard lacquer, is recoating too.
            ($this->liquid->brings === BinderFamily::AlcoholAcrylic &&
                $layer->film === BinderFamily::Lacquer &&
                $contact->isSprayed());
        if (! $isOwn || ! in_array($layer->film, BinderFamily::paints(), true)) {
            return null;
        }

        return match (true) {
            $contact->isSprayed() && $state->value >= CureState::Recoatable->value => Harm::None,
            $contact === Contact::Mist && $state === CureState::TouchDry => Harm::None,
            $contact === Contact::Coat && $state === CureState::TouchDry => Harm::MayFail,
            $contact === Contact::Brush && $state->value >= CureState::Recoatable->value => $this->bites($layer)
                ? Harm::MayFail
                : null,
            default => null,
        };
    }

    /** Whether the liquid moves even the hard film. */
    private function bites(Layer $layer): bool
    {
        $level = AttackTable::onFilm($layer->behavesAs, $this->liquid->carrier, CureState::SolventProof);

        return $level !== null && $level >= AttackTable::MOVES;
    }

    /** Craft of the bench: solvent-proof means quiet, recoatable means again, younger means gone. */
    private function spiritOnItsKind(Layer $layer, CureState $state): Harm
    {
        $contact = $this->liquid->contact;
        $isWhite = $this->liquid->carrier === Carrier::WhiteSpirit;
        $film = FilmType::of($layer->film, $layer->kind);
        $isPaint = $film === FilmType::Paint;
        // A touch of spirit drags an enamel effect that has dulled, and moves it a little until it is hard.
        $isEffect = $film === FilmType::Effect;

        return match ($state) {
            CureState::SolventProof => match ($contact) {
                Contact::Dab, Contact::Mist, Contact::Coat, Contact::Brush => Harm::None,
                Contact::Flood => Harm::Slight,
                Contact::Wipe => $isWhite ? Harm::MayFail : Harm::Slight,
                Contact::Scrub => $isWhite ? Harm::WillFail : Harm::MayFail,
            },
            CureState::Recoatable => match ($contact) {
                Contact::Dab => $isEffect ? Harm::Slight : Harm::None,
                Contact::Mist => Harm::None,
                Contact::Coat => $this->liquid->brings === $layer->film ? Harm::None : Harm::Slight,
                Contact::Brush, Contact::Wipe, Contact::Flood => Harm::MayFail,
                Contact::Scrub => Harm::WillFail,
            },
            CureState::TouchDry, CureState::Wet => match ($contact) {
                Contact::Dab => $isEffect ? Harm::MayFail : Harm::Slight,
                Contact::Mist => Harm::Slight,
                Contact::Coat, Contact::Brush, Contact::Wipe => $isPaint ? Harm::WillFail : Harm::MayFail,
                Contact::Flood, Contact::Scrub => Harm::WillFail,
            },
        };
    }

    private function byTable(Layer $layer, CureState $state): Harm
    {
        $carrier = $this->liquid->carrier;
        $contact = $this->liquid->contact;
        $level = AttackTable::onFilm($layer->behavesAs, $carrier, $state);
        if ($level === null) {
            return Harm::Unknown;
        }
        if ($carrier->isHot() && $contact->rubs() && $level > 0) {
            return Harm::WillFail;
        }
        if ($carrier->isHot() && $contact === Contact::Coat && $layer->behavesAs->oxidises()) {
            return Harm::WillFail;
        }
        $isHardAcrylic =
            $state === CureState::SolventProof &&
            ($layer->film === BinderFamily::WaterborneAcrylic || $layer->film === BinderFamily::AlcoholAcrylic);
        if ($carrier->isHot() && $contact === Contact::Coat) {
            return $isHardAcrylic ? Harm::MayFail : $this->harmOf(AttackTable::afterContact($level, $contact, $state));
        }
        $level = AttackTable::afterContact($level, $contact, $state);

        return $layer->isBarrier() && $level < 3
            ? ($level === 2 && $contact->rubs() ? Harm::MayFail : ($level === 2 ? Harm::Slight : Harm::None))
            : $this->harmOf($level);
    }

    private function harmOf(int $level): Harm
    {
        return match ($level) {
            0 => Harm::None,
            1 => $this->liquid->contact->rubs() ? Harm::Slight : Harm::None,
            2 => Harm::MayFail,
            default => Harm::WillFail,
        };
    }

    private function leastHarmfulState(Layer $layer): CureState
    {
        if ($layer->solventProofAt !== null && $this->findsYoungVarnish($layer)) {
            return CureState::SolventProof;
        }
        $best = CureState::Wet;
        $least = null;
        foreach (self::STATES as $state) {
            if ($layer->reaches($state) === null) {
                continue;
            }
            $harm = $this->harmTo($layer, $state);
            if ($least === null || $harm->value < $least->value) {
                $least = $harm;
                $best = $state;
            }
            // Nobody waits a day so that nothing at all is moved.
            if ($harm === Harm::None || ($harm === Harm::Slight && $state === CureState::Recoatable)) {
                break;
            }
        }

        return $best;
    }
}
