<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/** What a trial tries: one liquid, brought on in one way, on one film that is so far through. */
final readonly class Combination
{
    /** Written behind the state of a clear coat. */
    private const CLEAR = 'clear';

    /** @param  bool  $isClear  a clear coat: paint of the same family is another film */
    public function __construct(
        public Carrier $carrier,
        public Contact $contact,
        public BinderFamily $film,
        public CureState $state,
        public bool $isClear = false,
    ) {
    }

    /** Null: it is none that we know. */
    public static function parse(string $written): ?self
    {
        $parts = explode(' ', $written);
        $carrier = Carrier::tryFrom($parts[0]);
        $film = BinderFamily::tryFrom($parts[2] ?? '');
        $state = is_numeric($parts[3] ?? null) ? CureState::tryFrom((int) $parts[3]) : null;
        foreach (Contact::cases() as $contact) {
            if ($contact->verb() === ($parts[1] ?? '') && $carrier !== null && $film !== null && $state !== null) {
                return new self($carrier, $contact, $film, $state, ($parts[4] ?? '') === self::CLEAR);
            }
        }

        return null;
    }

    /** "white-spirit wiped waterborne-acrylic 3" */
    public function written(): string
    {
        $film = "{$this->film->value} {$this->state->value}".($this->isClear ? ' '.self::CLEAR : '');

        return "{$this->carrier->value} {$this->contact->verb()} {$film}";
    }

    /** "white spirit wiped on cured lacquer" */
    public function inWords(): string
    {
        $film = $this->state->labelOf($this->film)." {$this->film->label()}".($this->isClear ? ' varnish' : '');

        return "{$this->carrier->label()} {$this->contact->verb()} on {$film}";
    }

    /**
     * Whether what came of this says what will come of the other: what held fierce work holds gentler work, and on an
     * older film; what failed under gentle work fails under fiercer, and on a younger film.
     */
    public function speaksOf(self $other, bool $held): bool
    {
        [$harder, $easier] = $held ? [$this, $other] : [$other, $this];

        return $this->carrier === $other->carrier &&
            $this->film === $other->film &&
            $this->isClear === $other->isClear &&
            $easier->state->value >= $harder->state->value &&
            ($easier->contact === $harder->contact || $easier->contact->isGentlerThan($harder->contact));
    }
}
