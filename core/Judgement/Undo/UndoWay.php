<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Undo;

use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;

/** How a layer can be taken back while it is in one state of cure, and what that costs below. */
final readonly class UndoWay
{
    /**
     * @param  int  $from  minute on the plan's clock
     * @param  int|null  $until  null: for good
     * @param  Carrier|null  $carrier  the gentlest that moves the film; null: none does
     * @param  Harm  $harm  to the layers below, the worst of the zones
     * @param  Layer|null  $hurt  the layer that takes it
     */
    public function __construct(
        public CureState $state,
        public int $from,
        public ?int $until,
        public ?Carrier $carrier,
        public Contact $contact,
        public Harm $harm,
        public ?Layer $hurt,
    ) {
    }

    /** Wiping back is refused where it would take the paint along. */
    public function isOpen(): bool
    {
        return $this->carrier !== null && $this->harm !== Harm::WillFail;
    }

    public function sentence(): string
    {
        $number = ($this->hurt->stepIndex ?? 0) + 1;
        $how = $this->carrier === null ? '' : ucfirst($this->carrier->label()).', '.$this->contact->verb().',';

        return match (true) {
            $this->carrier === null => 'No liquid takes it off any more; only abrasive does.',
            $this->harm === Harm::None => "{$how} takes it off and leaves what is below alone.",
            $this->harm === Harm::Unknown => "{$how} takes it off; what it does to step {$number} is not in the "
                .'tables: test it.',
            $this->harm === Harm::MayFail => "{$how} takes it off, but may mark step {$number}: gently, and after a "
                .'trial.',
            default => "Do not wipe: whatever takes it off takes step {$number} along.",
        };
    }
}
