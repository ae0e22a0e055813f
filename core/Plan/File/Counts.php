<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Plan\Fault;

/**
 * Holds the lengths of lists against the schemas before anything looks at what is in them: a validator that finds fault
 * with each of sixty thousand edits takes seconds, counting them takes none.
 *
 * @internal to Ulvrach\Plan\File
 */
final class Counts
{
    /** @var array<string, \stdClass> schemas by the name of their file */
    private array $schemas = [];

    /** @param  \Closure(string): mixed  $find  the schema of a name, decoded */
    public function __construct(private readonly \Closure $find)
    {
    }

    /**
     * @param  string|null  $definition  one of the schema's; null: the whole document
     * @return Fault|null the first list that is longer than its schema allows; null: none is
     */
    public function fault(mixed $data, string $schema, ?string $definition = null): ?Fault
    {
        $root = $this->schema($schema);

        return $this->within($data, $definition === null ? $root : $root->{'$defs'}->{$definition}, $schema, '');
    }

    private function within(mixed $data, mixed $node, string $schema, string $path): ?Fault
    {
        $address = $node instanceof \stdClass ? $node->{'$ref'} ?? null : null;
        if (is_string($address)) {
            [$node, $schema] = $this->referred($address, $schema);
        }
        if (! $node instanceof \stdClass || (! is_array($data) && ! $data instanceof \stdClass)) {
            return null;
        }
        $most = is_array($data) ? $node->maxItems ?? null : $node->maxProperties ?? null;
        if (is_int($most) && count((array) $data) > $most) {
            return new Fault($path, "Must have at most {$most} of them.");
        }
        foreach ([...(array) ($node->oneOf ?? []), ...(array) ($node->anyOf ?? [])] as $one) {
            $fault = $this->within($data, $one, $schema, $path);
            if ($fault !== null) {
                return $fault;
            }
        }

        return is_array($data)
            ? $this->withinList($data, $node->items ?? null, $schema, $path)
            : $this->withinObject($data, $node->properties ?? null, $schema, $path);
    }

    /** @param  array<array-key, mixed>  $list */
    private function withinList(array $list, mixed $items, string $schema, string $path): ?Fault
    {
        foreach ($items instanceof \stdClass ? $list : [] as $at => $one) {
            $fault = $this->within($one, $items, $schema, "{$path}/{$at}");
            if ($fault !== null) {
                return $fault;
            }
        }

        return null;
    }

    private function withinObject(\stdClass $data, mixed $properties, string $schema, string $path): ?Fault
    {
        foreach ($properties instanceof \stdClass ? get_object_vars($properties) : [] as $name => $node) {
            $fault = isset($data->{$name}) ? $this->within($data->{$name}, $node, $schema, "{$path}/{$name}") : null;
            if ($fault !== null) {
                return $fault;
            }
        }

        return null;
    }

    /** @return array{mixed, string} what an address in a schema leads to, and in which schema it stands */
    private function referred(string $address, string $schema): array
    {
        [$file, $pointer] = [...explode('#', $address, 2), ''];
        $schema = $file === '' ? $schema : basename($file, '.schema.json');
        $node = $this->schema($schema);
        foreach (array_filter(explode('/', $pointer), static fn (string $part) => $part !== '') as $part) {
            $node = $node instanceof \stdClass ? $node->{$part} ?? null : null;
        }

        return [$node, $schema];
    }

    private function schema(string $name): \stdClass
    {
        $read = $this->schemas[$name] ?? ($this->find)($name);

        return $this->schemas[$name] = $read instanceof \stdClass
            ? $read
            : throw new \LogicException("The schema “{$name}” is no object.");
    }
}
