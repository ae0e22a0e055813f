<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;

/** A way out, before it is known whether it is open. */
final readonly class Way
{
    /**
     * @param  string  $says  what to do, in a sentence
     * @param  string  $tool  what is held, and with how much force
     * @param  list<Carrier>  $liquids  the gentlest first; the first that moves the film is taken
     * @param  CureState|null  $before  open until the film is that far; null: at any time
     * @param  CureState|null  $from  open once the film is that far; null: from the first moment
     * @param  int|null  $within  minutes from the last stroke within which it helps; null: for as long as the rest says
     * @param  string|null  $technique  of the step that it adds
     * @param  bool  $withPaint  whether that step is done with the paint that lies there
     */
    private function __construct(
        public WayKind $kind,
        public string $says,
        public string $tool = '',
        public array $liquids = [],
        public Contact $contact = Contact::Wipe,
        public ?CureState $before = null,
        public ?CureState $from = null,
        public ?string $technique = null,
        public bool $withPaint = false,
        public ?int $within = null,
    ) {
    }

    /**
     * Nothing, or waiting: an answer for as long as waiting helps.
     *
     * @param  CureState|null  $before  how far the film is once there is nothing left to wait for; null: it never is
     * @param  int|null  $within  minutes from the last stroke within which it has to be done
     */
    public static function leave(string $says, ?CureState $before = null, ?int $within = null): self
    {
        return new self(WayKind::Leave, $says, before: $before, within: $within);
    }

    public static function wipe(string $says, string $tool, Carrier ...$liquids): self
    {
        return new self(WayKind::Liquid, $says, $tool, array_values($liquids));
    }

    public static function scrub(string $says, string $tool, Carrier ...$liquids): self
    {
        return new self(WayKind::Liquid, $says, $tool, array_values($liquids), Contact::Scrub);
    }

    /** While the film is still wet. */
    public static function whileWet(string $says, string $tool): self
    {
        return new self(WayKind::Dry, $says, $tool, before: CureState::TouchDry);
    }

    public static function byHand(string $says, string $tool, ?CureState $from = null): self
    {
        return new self(WayKind::Dry, $says, $tool, from: $from);
    }

    public static function mend(string $technique, string $says, bool $withPaint = false): self
    {
        return new self(WayKind::Mend, $says, technique: $technique, withPaint: $withPaint);
    }

    public static function weather(string $technique, string $says): self
    {
        return new self(WayKind::Weather, $says, technique: $technique);
    }
}
