<?php

declare(strict_types=1);

namespace Ulvrach\Rules;

/** A tradition: how strictly each custom is held. Facts are beyond its reach. */
final readonly class School
{
    /** @param  array<string, Severity|null>  $severities by rule code; null: this school has no objection */
    private function __construct(
        public string $code,
        public string $name,
        public string $creed,
        private array $severities,
    ) {
    }

    public static function get(string $code): self
    {
        return self::all()[$code] ?? self::all()['sealed-steps'];
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= [
            'sealed-steps' => new self('sealed-steps', 'Sealed steps',
                'Gloss for decals and washes, satin for filters, a seal between solvent steps.', []),
            'one-satin' => new self('one-satin', 'One satin coat',
                'A single satin coat carries decals, filters and washes alike.', ['wash-on-matte' => Severity::Risk]),
            'bare-matte' => new self('bare-matte', 'Bare matte',
                'Straight onto matte paint, gently and after a trial: tide marks look dirty, and that is wanted.',
                ['wash-on-matte' => Severity::Note, 'filter-on-gloss' => Severity::Risk]),
        ];
    }

    /** Null: the finding is dropped. */
    public function severityOf(Finding $finding, RuleKind $kind): ?Severity
    {
        return $kind === RuleKind::Fact || ! array_key_exists($finding->code, $this->severities)
            ? $finding->severity
            : $this->severities[$finding->code];
    }
}
