<?php

declare(strict_types=1);

namespace App\Shared;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * An attribute that is stored as text and read as an object of the core, which never changes: read once for each
 * model. Eloquent's own way of keeping such objects writes them as text again whenever any attribute of the model is
 * asked for.
 *
 * @template T of object
 *
 * @implements CastsAttributes<T, T>
 */
abstract class ReadOnce implements CastsAttributes
{
    public bool $withoutObjectCaching = true;

    /** @var \WeakMap<Model, array<string, array{string, object}>>|null by attribute: its text, and what was read */
    private static ?\WeakMap $known = null;

    /** @return T */
    final public function get(Model $model, string $key, mixed $value, array $attributes): object
    {
        $text = is_string($value) ? $value : '';
        $known = self::known()[$model][$key] ?? null;
        if ($known !== null && $known[0] === $text) {
            /** @var T */
            return $known[1];
        }

        return $this->keep($model, $key, $text, $this->read($text));
    }

    final public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! is_object($value)) {
            throw new \InvalidArgumentException("Only an object can be stored as “{$key}”.");
        }
        $text = $this->write($value);
        $this->keep($model, $key, $text, $value);

        return $text;
    }

    /** @return T */
    abstract protected function read(string $text): object;

    /** @throws \InvalidArgumentException if it is nothing that is stored here */
    abstract protected function write(object $value): string;

    /** @return \WeakMap<Model, array<string, array{string, object}>> */
    private static function known(): \WeakMap
    {
        /** @var \WeakMap<Model, array<string, array{string, object}>> $none */
        $none = new \WeakMap();

        return self::$known ??= $none;
    }

    /**
     * @template K of object
     *
     * @param  K  $object
     * @return K
     */
    private function keep(Model $model, string $key, string $text, object $object): object
    {
        $known = self::known();
        $known[$model] = [...$known[$model] ?? [], $key => [$text, $object]];

        return $object;
    }
}
