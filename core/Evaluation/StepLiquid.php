<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

use Ulvrach\Chemistry\AttackTable;
use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Contact;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Chemistry\Liquid;
use Ulvrach\Technique\TechniqueKind;

/** A liquid of a step meets a layer: the attack table, read with the habits of the bench. */
final class StepLiquid
{
    private const LATER = [CureState::TouchDry, CureState::Recoatable, CureState::SolventProof];

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
        public readonly TechniqueKind $kind,
        public readonly bool $isCleanUp,
        public readonly bool $wetInWet = false,
    ) {
    }

    /**
     * The harm if the layer is in that state.
     *
     * A fact of the table at level 2 or 3 is damage. Level 1 is damage only where it is rubbed, and not on a clear
     * coat, which is there for that. A mist at level 2 can be laid so dry that it holds, so it may fail. A hot carrier
     * may craze a film even at level 1, and does so surely at level 2, unless it is misted on a film that is
     * solvent-proof.
     */
    public function harmTo(Layer $layer, CureState $state): Harm
    {
        return $this->harms[$layer->film->value][$layer->kind->value][$state->value] ??= $this->readHarm(
            $layer,
            $state,
        );
    }

    /** The earliest state in which this layer takes the least harm that it can take from this liquid. */
    public function stateToWaitFor(Layer $layer): CureState
    {
        return $this->waits[$layer->film->value][$layer->kind->value][
            $layer->solventProofAt === null ? 0 : 1
        ] ??= $this->leastHarmfulState($layer);
    }

    private function readHarm(Layer $layer, CureState $state): Harm
    {
        if ($this->isIntendedOn($layer, $state)) {
            return Harm::None;
        }
        $level = AttackTable::onFilm($layer->film, $this->liquid->carrier, $state);
        if ($level === null) {
            return Harm::Unknown;
        }
        $level = AttackTable::afterContact($level, $this->liquid->contact);

        return match (true) {
            $level === 0 => Harm::None,
            $level === 3 => Harm::WillFail,
            $this->liquid->carrier->isHot() => $level === 2 &&
            ($state !== CureState::SolventProof || $this->liquid->contact !== Contact::Mist)
                ? Harm::WillFail
                : Harm::MayFail,
            $layer->isBarrier() => $level === 2 ? Harm::MayFail : Harm::None,
            $level === 2 => $this->liquid->contact === Contact::Mist ? Harm::MayFail : Harm::WillFail,
            default => $this->liquid->contact->rubs() ? Harm::MayFail : Harm::None,
        };
    }

    private function leastHarmfulState(Layer $layer): CureState
    {
        $best = CureState::Wet;
        $least = $this->harmTo($layer, CureState::Wet);
        foreach (self::LATER as $state) {
            if ($least === Harm::None) {
                break;
            }
            if ($layer->reaches($state) === null) {
                continue;
            }
            $harm = $this->harmTo($layer, $state);
            if ($harm->value < $least->value) {
                $least = $harm;
                $best = $state;
            }
        }

        return $best;
    }

    /**
     * Recoating a film by airbrush with its own family, coating a release film, and setting pigment are the work
     * itself.
     */
    private function isIntendedOn(Layer $layer, CureState $state): bool
    {
        $misted = $this->liquid->contact === Contact::Mist;

        return match (true) {
            $misted && $this->liquid->brings === $layer->film => $state->value >= CureState::Recoatable->value,
            $misted && $layer->kind === TechniqueKind::ReleaseFilm => $this->liquid->carrier->isWater(),
            $this->wetInWet && $layer->film->oxidises() => $state->value <= CureState::TouchDry->value,
            $layer->film === BinderFamily::DryPigment => $this->kind === TechniqueKind::FixPigment,
            default => false,
        };
    }
}
