<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Chemistry;

/**
 * What a carrier does to a film: 0 nothing, 1 softens it when rubbed, 2 stains, lifts or moves it, 3 dissolves, crazes
 * or wrinkles it. Bench experience in a normal room; see docs/sources.md, "attack table". A combination that is not
 * here is answered with null, and the plan says so: silence would read as safety.
 */
final class AttackTable
{
    /** The level at which a carrier takes a film off: "stains, lifts or moves". */
    public const MOVES = 2;

    /** @var array<string, array<string, array{int, int}>> film => carrier column => [solvent-proof, touch-dry] */
    public const FILMS = [
        'waterborne-acrylic' => [
            'water' => [0, 2],
            'alcohol' => [2, 3],
            'odourless' => [0, 1],
            'white' => [1, 2],
            'lacquer' => [2, 3],
        ],
        'alcohol-acrylic' => [
            'water' => [0, 1],
            'alcohol' => [3, 3],
            'odourless' => [0, 1],
            'white' => [1, 2],
            'lacquer' => [3, 3],
        ],
        'lacquer' => [
            'water' => [0, 0],
            'alcohol' => [1, 1],
            'odourless' => [0, 0],
            'white' => [0, 1],
            'lacquer' => [3, 3],
        ],
        'enamel' => [
            'water' => [0, 0],
            'alcohol' => [1, 1],
            'odourless' => [1, 3],
            'white' => [2, 3],
            'lacquer' => [3, 3],
        ],
        'artist-oil' => [
            'water' => [0, 0],
            'alcohol' => [1, 2],
            'odourless' => [1, 3],
            'white' => [2, 3],
            'lacquer' => [3, 3],
        ],
        'chipping-fluid' => [
            'water' => [3, 3],
            'alcohol' => [1, 2],
            'odourless' => [0, 0],
            'white' => [0, 0],
            'lacquer' => [1, 2],
        ],
        'hairspray' => [
            'water' => [3, 3],
            'alcohol' => [3, 3],
            'odourless' => [0, 0],
            'white' => [0, 0],
            'lacquer' => [2, 3],
        ],
        'clay-wash' => [
            'water' => [3, 3],
            'alcohol' => [2, 2],
            'odourless' => [0, 0],
            'white' => [0, 0],
            'lacquer' => [1, 1],
        ],
        'dry-pigment' => [
            'water' => [2, 2],
            'alcohol' => [2, 2],
            'odourless' => [2, 2],
            'white' => [2, 2],
            'lacquer' => [2, 2],
        ],
        // Bound pigment and mud are made with acrylic medium or enamel: the weaker of the two counts.
        'bound-pigment' => [
            'water' => [0, 2],
            'alcohol' => [2, 3],
            'odourless' => [1, 3],
            'white' => [2, 3],
            'lacquer' => [3, 3],
        ],
        'mud-paste' => [
            'water' => [0, 2],
            'alcohol' => [2, 3],
            'odourless' => [1, 3],
            'white' => [2, 3],
            'lacquer' => [3, 3],
        ],
        'salt' => [
            'water' => [3, 3],
            'alcohol' => [1, 1],
            'odourless' => [0, 0],
            'white' => [0, 0],
            'lacquer' => [0, 0],
        ],
        'white-glue' => [
            'water' => [1, 3],
            'alcohol' => [1, 2],
            'odourless' => [0, 0],
            'white' => [0, 0],
            'lacquer' => [1, 2],
        ],
        'epoxy-putty' => [
            'water' => [0, 1],
            'alcohol' => [0, 1],
            'odourless' => [0, 0],
            'white' => [0, 0],
            'lacquer' => [0, 1],
        ],
        // Graphite and wax: no clear coat harms them, spirit and rubbing smear them.
        'metal-pencil' => [
            'water' => [0, 0],
            'alcohol' => [0, 0],
            'odourless' => [1, 1],
            'white' => [1, 1],
            'lacquer' => [1, 1],
        ],
        'decal-film' => [
            'water' => [0, 1],
            'alcohol' => [2, 3],
            'odourless' => [0, 1],
            'white' => [1, 2],
            'lacquer' => [3, 3],
        ],
    ];

    /**
     * @var array<string, array<string, int>> Only polystyrene is known; white spirit lets its stressed glue joints go.
     */
    public const BARE_PARTS = [
        'polystyrene' => ['water' => 0, 'alcohol' => 0, 'odourless' => 0, 'white' => 1, 'lacquer' => 2],
    ];

    /**
     * Level 0 to 3 for a liquid that lies still on the film, or null where nobody has written it down.
     *
     * Between touch-dry and solvent-proof a recoatable film stands one level better than when young, but never better
     * than when proof; a hot carrier gets no such credit, since it goes through the skin.
     */
    public static function onFilm(BinderFamily $film, Carrier $carrier, CureState $state): ?int
    {
        $row = self::FILMS[$film->value] ?? null;
        if ($row === null) {
            return null;
        }
        [$proof, $young] = $row[self::column($carrier)];
        $level = match (true) {
            $state === CureState::SolventProof => $proof,
            $state === CureState::Recoatable && ! $carrier->isHot() => max($proof, $young - 1),
            default => $young,
        };

        return $carrier === Carrier::Acetone ? self::asAcetone($level) : $level;
    }

    /** The same for the bare part; stressed joints are judged by the joint, so there is no cure state. */
    public static function onBarePart(Substrate $part, Carrier $carrier): ?int
    {
        // Water harms no bare part.
        $level = $carrier->isWater() ? 0 : self::BARE_PARTS[$part->value][self::column($carrier)] ?? null;

        return $carrier === Carrier::Acetone ? self::asAcetone($level) : $level;
    }

    /** The level after contact. What a liquid does not touch at all (0) no rubbing makes it touch. */
    public static function afterContact(int $level, Contact $contact, CureState $state): int
    {
        return $level === 0 ? 0 : max(0, min(3, $level + $contact->shift($state)));
    }

    /**
     * Acetone is fiercer than lacquer thinner: where that already moves a film, acetone dissolves it; the rest is
     * untested.
     */
    private static function asAcetone(?int $lacquerThinner): ?int
    {
        return $lacquerThinner !== null && $lacquerThinner >= 2 ? 3 : null;
    }

    private static function column(Carrier $carrier): string
    {
        return match ($carrier) {
            Carrier::Water, Carrier::WettedWater => 'water',
            Carrier::AlcoholBlend => 'alcohol',
            Carrier::OdourlessSpirit => 'odourless',
            Carrier::WhiteSpirit => 'white',
            Carrier::LacquerThinner, Carrier::Acetone => 'lacquer',
        };
    }
}
