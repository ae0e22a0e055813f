<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Drying;

use Ulvrach\Stuff\Chemistry\Load;

/**
 * Minutes from laying a thin coat to each cure state at 20 °C and 50 % relative humidity, each as [from, to]. A plan
 * counts with the later end: who starts at the earlier one relies on luck. Solvent-proof is null for films that their
 * own carrier wakes for ever.
 */
final readonly class CureTimes
{
    /** Minutes from a dab, drying table, "dab": hardly any liquid has to leave; oil and enamel take a while longer. */
    private const DAB_TOUCH_DRY = [1, 3];

    private const DAB_RECOATABLE = [3, 10];

    private const DAB_OF_OIL_RECOATABLE = [20, 40];

    private const DAB_SOLVENT_PROOF = [1440, 1440];

    /**
     * @param  array{int, int}  $touchDry
     * @param  array{int, int}  $recoatable
     * @param  array{int, int}|null  $solventProof
     * @param  array{DryingLaw, DryingLaw, DryingLaw}  $laws  what has to happen for each of the three
     */
    public function __construct(
        public string $name,
        public array $touchDry,
        public array $recoatable,
        public ?array $solventProof,
        public string $reason,
        public array $laws,
    ) {
    }

    /** With what somebody knows better of one product. */
    public function withOwn(OwnTimes $own): self
    {
        return new self(
            name: $this->name,
            touchDry: $own->touchDry ?? $this->touchDry,
            recoatable: $own->recoatable ?? $this->recoatable,
            solventProof: $own->solventProof ?? $this->solventProof,
            reason: $own->source,
            laws: $this->laws,
        );
    }

    /**
     * The same for how much liquid there is: a dab is dry in minutes, a mist at the early end, a flood at the late one.
     */
    public function loaded(Load $load, bool $oxidises): self
    {
        return match ($load) {
            Load::Dab => new self(
                name: $this->name,
                touchDry: self::atMost($this->touchDry, self::DAB_TOUCH_DRY),
                recoatable: self::atMost(
                    $this->recoatable,
                    $oxidises ? self::DAB_OF_OIL_RECOATABLE : self::DAB_RECOATABLE,
                ),
                solventProof: $this->solventProof === null
                    ? null
                    : self::atMost($this->solventProof, self::DAB_SOLVENT_PROOF),
                reason: $this->reason,
                laws: $this->laws,
            ),
            Load::Mist => $this->pinned(0),
            Load::Flood => $this->pinned(1),
            Load::Coat, Load::Brushed => $this,
        };
    }

    /** Both ends at one of them. */
    private function pinned(int $end): self
    {
        return new self(
            name: $this->name,
            touchDry: [$this->touchDry[$end], $this->touchDry[$end]],
            recoatable: [$this->recoatable[$end], $this->recoatable[$end]],
            solventProof: $this->solventProof === null
                ? null
                : [$this->solventProof[$end], $this->solventProof[$end]],
            reason: $this->reason,
            laws: $this->laws,
        );
    }

    /**
     * @param  array{int, int}  $times
     * @param  array{int, int}  $most
     * @return array{int, int}
     */
    private static function atMost(array $times, array $most): array
    {
        return [min($times[0], $most[0]), min($times[1], $most[1])];
    }

    /**
     * The same at this bench. Thickness counts for the last state only: a next coat goes on when the one before has
     * skinned.
     *
     * @param  float  $thickness  relative to the usual number of coats
     */
    public function at(Air $air, float $thickness = 1.0, bool $retarded = false): self
    {
        $touchDry = self::scaled($this->touchDry, $this->laws[0], $air, 1.0, $retarded);
        $recoatable = self::scaled($this->recoatable, $this->laws[1], $air, 1.0, $retarded);
        $solventProof =
            $this->solventProof === null
                ? null
                : self::scaled($this->solventProof, $this->laws[2], $air, $thickness, $retarded);

        // A later state is never reached before an earlier one, though their laws differ.
        $recoatable = [max($recoatable[0], $touchDry[0]), max($recoatable[1], $touchDry[1])];

        return new self(
            name: $this->name,
            touchDry: $touchDry,
            recoatable: $recoatable,
            solventProof: $solventProof === null
                ? null
                : [max($solventProof[0], $recoatable[0]), max($solventProof[1], $recoatable[1])],
            reason: $this->reason,
            laws: $this->laws,
        );
    }

    /**
     * @param  array{int, int}  $times
     * @return array{int, int}
     */
    private static function scaled(array $times, DryingLaw $law, Air $air, float $thickness, bool $retarded): array
    {
        $factor = DryingModel::thickness($law, $thickness) * ($retarded ? DryingModel::retarded($law) : 1.0);

        return [
            DryingModel::through($law, $times[0] * $factor, [[null, $air]]),
            DryingModel::through($law, $times[1] * $factor, [[null, $air]]),
        ];
    }
}
