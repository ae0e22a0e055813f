<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** How a technique is done well: for the eyes and hands at the bench, not for the checks. */
final readonly class Practice
{
    /**
     * @param  list<string>  $signs  what to look for: ready, going wrong, done
     * @param  list<string>  $tools
     * @param  string  $undo  how it is taken back, in words; Undo\UndoAdvisor computes the rest
     * @param  list<string>  $cautions  beyond those of the product (Safety\Safety)
     * @param  list<string>  $alternatives  codes of techniques
     * @param  string  $because  the reason behind the minutes, coats and marks given
     */
    public function __construct(
        public array $signs,
        public array $tools,
        public string $undo,
        public array $cautions = [],
        public array $alternatives = [],
        public string $because = 'one practised pair of hands on a 1:35 model',
    ) {
    }

    /** @return list<string> how an airbrush is set for it: its nozzle, the pressure, how far away */
    public function settings(): array
    {
        return array_values(array_filter($this->tools, self::isSetting(...)));
    }

    /** @return list<string> what has to lie at hand: the tools without their settings */
    public function things(): array
    {
        $isSprayed = array_filter($this->settings(), static fn (string $one) => str_starts_with($one, 'airbrush'));
        $others = array_filter($this->tools, static fn (string $one) => ! self::isSetting($one));

        return [...($isSprayed === [] ? [] : ['airbrush']), ...array_values($others)];
    }

    private static function isSetting(string $tool): bool
    {
        return preg_match('/^airbrush \d| bar$| cm away$/u', $tool) === 1;
    }
}
