<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

/** A question on which practitioners disagree, with the answers they give and what each means for the rules. */
final readonly class SchoolQuestion
{
    /**
     * @param  array<string, array{string, array<string, Severity|null>}>  $options  code => [words, severities by rule
     *   code]
     */
    private function __construct(public string $code, public string $text, public array $options)
    {
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= array_column(
            [
                new self(
                    code: 'clear-before-solvents',
                    text: 'A clear coat before solvent work?',
                    options: [
                        'always' => [
                            'Always, and again between solvent steps',
                            ['barrier-too-thin' => Severity::Risk, 'filter-over-unsealed-wash' => Severity::Note],
                        ],
                        'once' => [
                            'One satin coat for everything',
                            ['barrier-too-thin' => Severity::Note, 'filter-over-unsealed-wash' => null],
                        ],
                        'never' => [
                            'None: gently, and after a trial',
                            [
                                'wash-on-matte' => Severity::Note,
                                'barrier-too-thin' => null,
                                'filter-over-unsealed-wash' => null,
                            ],
                        ],
                    ],
                ),
                new self(
                    code: 'sheen-under-washes',
                    text: 'What lies under washes and oils?',
                    options: [
                        'gloss' => ['Gloss: runs and cleans best', []],
                        'satin' => ['Satin: the compromise', []],
                        'matte' => [
                            'Matte: darkens and grips, and that is wanted',
                            ['wash-on-matte' => Severity::Note, 'filter-on-gloss' => Severity::Risk],
                        ],
                    ],
                ),
                new self(
                    code: 'filter-or-wash',
                    text: 'Filter or wash first?',
                    options: [
                        'filter' => [
                            'Filter first, so that lines stay crisp',
                            ['filter-after-wash' => Severity::Note],
                        ],
                        'wash' => [
                            'Wash first, sealed; then the filter levels everything',
                            ['filter-after-wash' => null],
                        ],
                    ],
                ),
                new self(
                    code: 'basing',
                    text: 'How is the base toned?',
                    options: [
                        'black' => ['Black base and mottled coats', ['weak-colour-on-dark' => Severity::Risk]],
                        'pre-shade' => ['Pre-shade of recesses', []],
                        'three-tone' => ['Three values from deep to light', []],
                        'post-shade' => ['Post-shade along edges', ['post-shade-before-decals' => Severity::Risk]],
                        'plain' => ['Plain', []],
                    ],
                ),
                new self(
                    code: 'chips',
                    text: 'How are chips made?',
                    options: [
                        'lifted' => ['Lifted off with water', ['one-kind-of-chips' => null]],
                        'applied' => ['Applied with sponge, brush or pencil', ['one-kind-of-chips' => null]],
                        'mixed' => ['Mixed by size', ['one-kind-of-chips' => Severity::Note]],
                    ],
                ),
                new self(
                    code: 'decals',
                    text: 'When do decals go on?',
                    options: [
                        'early' => [
                            'Early, weathered with the rest',
                            ['markings-stained' => Severity::Note, 'markings-factory-fresh' => Severity::Note],
                        ],
                        'late' => [
                            'Late, kept clean',
                            ['markings-stained' => Severity::Risk, 'markings-factory-fresh' => null],
                        ],
                    ],
                ),
                new self(
                    code: 'dust',
                    text: 'What is dust made of?',
                    options: [
                        'sprayed' => ['A sprayed veil', []],
                        'pigments' => ['Pigments', []],
                        'blended' => ['Oils or enamels', []],
                        'lifted' => ['Paint over chipping fluid', []],
                    ],
                ),
                new self(
                    code: 'pigments',
                    text: 'What holds pigments?',
                    options: [
                        'sealed' => [
                            'Varnish',
                            ['pigment-left-loose' => Severity::Risk, 'dust-under-varnish' => null],
                        ],
                        'fixed' => [
                            'Spirit, fixer or medium',
                            ['pigment-left-loose' => Severity::Note, 'dust-under-varnish' => Severity::Note],
                        ],
                        'loose' => [
                            'Nothing: they are left alone',
                            ['pigment-left-loose' => null, 'dust-under-varnish' => Severity::Risk],
                        ],
                    ],
                ),
                new self(
                    code: 'tracks',
                    text: 'What is the ground of tracks?',
                    options: [
                        'dark' => ['Dark grey; earth and metal on top', ['track-faces-unpolished' => Severity::Note]],
                        'rust' => ['Rust; steel brought back', ['track-faces-unpolished' => Severity::Risk]],
                    ],
                ),
                new self(
                    code: 'solvents',
                    text: 'Which solvents are in the shop?',
                    options: [
                        'all' => ['Enamels and oils, for their blending time', ['spirit-in-clean-air' => null]],
                        'water' => [
                            'Water only, for smell, health and speed',
                            ['spirit-in-clean-air' => Severity::Risk],
                        ],
                    ],
                ),
                new self(
                    code: 'wear',
                    text: 'How much wear?',
                    options: [
                        'restrained' => [
                            'What photographs show',
                            [
                                'wear-beyond-service' => Severity::Risk,
                                'wear-without-traffic' => Severity::Risk,
                                'wash-too-strong' => Severity::Risk,
                            ],
                        ],
                        'expressive' => [
                            'What reads on the shelf',
                            [
                                'wear-beyond-service' => Severity::Note,
                                'wear-without-traffic' => Severity::Note,
                                'wash-too-strong' => null,
                            ],
                        ],
                    ],
                ),
            ],
            null,
            'code',
        );
    }
}
