<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Plan\SchoolChoice;

/**
 * A tradition: a consistent set of answers to the questions on which practitioners disagree, and with them how strictly
 * each custom is held. Facts are beyond its reach.
 */
final readonly class School
{
    /** @var array<string, Severity|null> by rule code; null: this school has no objection */
    public array $severities;

    /**
     * @param  array<string, string>  $answers  question => option
     * @param  array<string, Severity|null>  $severities  beyond what the answers say
     */
    private function __construct(
        public string $code,
        public string $name,
        public string $creed,
        public array $answers,
        array $severities = [],
    ) {
        $all = [];
        foreach (SchoolQuestion::all() as $question) {
            $option = $question->options[$answers[$question->code] ?? ''] ?? null;
            $all = [...$all, ...$option === null ? [] : $option[1]];
        }
        $this->severities = [...$all, ...$severities];
    }

    /**
     * The school that a plan chose; what its copy does not change is as in the original. Unknown words are passed over.
     */
    public static function of(SchoolChoice $choice): self
    {
        $from = self::all()[$choice->from] ?? self::all()['sealed-steps'];
        if (! $choice->isOwn()) {
            return $from;
        }
        $severities = array_map(
            static fn (?string $severity) => $severity === null ? null : Severity::tryFrom($severity),
            $choice->severities,
        );

        return new self(
            code: 'own',
            name: (string) $choice->name,
            creed: "A copy of “{$from->name}” with answers of its own.",
            answers: [...$from->answers, ...$choice->answers],
            severities: $severities,
        );
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= array_column(
            [
                new self(
                    code: 'sealed-steps',
                    name: 'Sealed steps',
                    creed: 'Gloss for decals and washes, satin for filters, a seal between solvent steps.',
                    answers: [
                        'clear-before-solvents' => 'always',
                        'sheen-under-washes' => 'gloss',
                        'filter-or-wash' => 'wash',
                        'basing' => 'pre-shade',
                        'chips' => 'lifted',
                        'decals' => 'early',
                        'dust' => 'pigments',
                        'pigments' => 'fixed',
                        'tracks' => 'dark',
                        'solvents' => 'all',
                        'wear' => 'expressive',
                    ],
                ),
                new self(
                    code: 'one-satin',
                    name: 'One satin coat',
                    creed: 'A single satin coat carries decals, filters and washes alike.',
                    answers: [
                        'clear-before-solvents' => 'once',
                        'sheen-under-washes' => 'satin',
                        'filter-or-wash' => 'filter',
                        'basing' => 'three-tone',
                        'chips' => 'applied',
                        'decals' => 'early',
                        'dust' => 'blended',
                        'pigments' => 'fixed',
                        'tracks' => 'dark',
                        'solvents' => 'all',
                        'wear' => 'expressive',
                    ],
                ),
                new self(
                    code: 'bare-matte',
                    name: 'Bare matte',
                    creed: 'Straight onto matte paint, gently and after a trial: tide marks look dirty, and that is '
                        .'wanted.',
                    answers: [
                        'clear-before-solvents' => 'never',
                        'sheen-under-washes' => 'matte',
                        'filter-or-wash' => 'filter',
                        'basing' => 'plain',
                        'chips' => 'applied',
                        'decals' => 'early',
                        'dust' => 'pigments',
                        'pigments' => 'loose',
                        'tracks' => 'rust',
                        'solvents' => 'all',
                        'wear' => 'expressive',
                    ],
                    severities: ['no-look-before-seal' => null],
                ),
                new self(
                    code: 'clean-air',
                    name: 'Clean air',
                    creed: 'Water only: no spirit, no lacquer, quick and without smell.',
                    answers: [
                        'clear-before-solvents' => 'once',
                        'sheen-under-washes' => 'satin',
                        'filter-or-wash' => 'filter',
                        'basing' => 'black',
                        'chips' => 'lifted',
                        'decals' => 'late',
                        'dust' => 'sprayed',
                        'pigments' => 'sealed',
                        'tracks' => 'dark',
                        'solvents' => 'water',
                        'wear' => 'expressive',
                    ],
                ),
                new self(
                    code: 'field-photographs',
                    name: 'Field photographs',
                    creed: 'Restrained: only what a photograph of the time shows, and every mark with its cause.',
                    answers: [
                        'clear-before-solvents' => 'always',
                        'sheen-under-washes' => 'gloss',
                        'filter-or-wash' => 'wash',
                        'basing' => 'plain',
                        'chips' => 'applied',
                        'decals' => 'late',
                        'dust' => 'sprayed',
                        'pigments' => 'fixed',
                        'tracks' => 'dark',
                        'solvents' => 'all',
                        'wear' => 'restrained',
                    ],
                    severities: ['streak-without-source' => Severity::Stop, 'marks-out-of-scale' => Severity::Stop],
                ),
                new self(
                    code: 'show-table',
                    name: 'Show table',
                    creed: 'Strong contrasts that read across a room; every part told apart.',
                    answers: [
                        'clear-before-solvents' => 'always',
                        'sheen-under-washes' => 'satin',
                        'filter-or-wash' => 'filter',
                        'basing' => 'three-tone',
                        'chips' => 'mixed',
                        'decals' => 'early',
                        'dust' => 'blended',
                        'pigments' => 'fixed',
                        'tracks' => 'dark',
                        'solvents' => 'all',
                        'wear' => 'expressive',
                    ],
                    severities: ['wash-too-faint' => Severity::Risk, 'material-not-told-apart' => Severity::Risk],
                ),
            ],
            null,
            'code',
        );
    }

    /** Whether anything that the rule says would be heard. */
    public function minds(Rule $rule): bool
    {
        return $rule->kind() === RuleKind::Fact ||
            ! array_key_exists($rule->code(), $this->severities) ||
            $this->severities[$rule->code()] !== null;
    }

    /** @return list<string> codes of rules that are never heard, unless they state facts */
    public function silenced(): array
    {
        return array_keys($this->severities, null, true);
    }

    /** Null: the finding is dropped. */
    public function severityOf(Finding $finding, RuleKind $kind): ?Severity
    {
        return $kind === RuleKind::Fact || ! array_key_exists($finding->code, $this->severities)
            ? $finding->severity
            : $this->severities[$finding->code];
    }
}
