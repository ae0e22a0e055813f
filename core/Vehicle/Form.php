<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use LogicException;

/** The measures of one vehicle, each within its range. */
final readonly class Form
{
    /** @param  array<string, int>  $values  by the code of the parameter */
    private function __construct(private array $values)
    {
    }

    /**
     * What is not named is as usual; what the kind does not know, or cannot be built with, is brought to the nearest
     * that can, so that a form always makes a vehicle.
     *
     * @param  list<Parameter>  $parameters
     * @param  array<string, int>  $chosen
     */
    public static function of(array $parameters, array $chosen = []): self
    {
        $values = [];
        foreach ($parameters as $parameter) {
            $value = $chosen[$parameter->code] ?? $parameter->usual;
            $values[$parameter->code] = max($parameter->least, min($parameter->greatest, $value));
        }

        return new self($values);
    }

    /** Millimetres. */
    public function length(string $code): float
    {
        return (float) $this->value($code);
    }

    public function pieces(string $code): int
    {
        return $this->value($code);
    }

    public function has(string $option): bool
    {
        return $this->value($option) !== 0;
    }

    /** @return array<string, int> */
    public function values(): array
    {
        return $this->values;
    }

    private function value(string $code): int
    {
        return $this->values[$code] ?? throw new LogicException("This kind of vehicle has no “{$code}”.");
    }
}
