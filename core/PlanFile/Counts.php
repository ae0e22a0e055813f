<?php

declare(strict_types=1);

namespace Ulvrach\PlanFile;

use Ulvrach\Plan\Fault;

/**
 * Holds the lengths of lists against the schemas before anything looks at what is in them: a validator that finds fault
 * with each of sixty thousand edits takes seconds, counting them takes none.
 *
 * @internal to Ulvrach\PlanFile
 */
final class Counts
{
    /** @var array<string, \stdClass> schemas by the name of their file */
    private static array $schemas = [];

    /**
     * @param  string|null  $definition  one of the schema's; null: the whole document
     * @return Fault|null the first list that is longer than its schema allows; null: none is
     */
    public static function fault(mixed $data, string $schema, ?string $definition = null): ?Fault
    {
        $root = self::schema($schema);

        return self::within($data, $definition === null ? $root : $root->{'$defs'}->{$definition}, $schema, '');
    }

    private static function within(mixed $data, mixed $node, string $schema, string $path): ?Fault
    {
        $address = $node instanceof \stdClass ? $node->{'$ref'} ?? null : null;
        if (is_string($address)) {
            [$node, $schema] = self::referred($address, $schema);
        }
        if (! $node instanceof \stdClass || (! is_array($data) && ! $data instanceof \stdClass)) {
            return null;
        }
        $most = is_array($data) ? $node->maxItems ?? null : $node->maxProperties ?? null;
        if (is_int($most) && count((array) $data) > $most) {
            return new Fault($path, "Must have at most {$most} of them.");
        }
        foreach ([...(array) ($node->oneOf ?? []), ...(array) ($node->anyOf ?? [])] as $one) {
            $fault = self::within($data, $one, $schema, $path);
            if ($fault !== null) {
                return $fault;
            }
        }

        return is_array($data)
            ? self::withinList($data, $node->items ?? null, $schema, $path)
            : self::withinObject($data, $node->properties ?? null, $schema, $path);
    }

    /** @param  array<array-key, mixed>  $list */
    private static function withinList(array $list, mixed $items, string $schema, string $path): ?Fault
    {
        foreach ($items instanceof \stdClass ? $list : [] as $at => $one) {
            $fault = self::within($one, $items, $schema, "{$path}/{$at}");
            if ($fault !== null) {
                return $fault;
            }
        }

        return null;
    }

    private static function withinObject(\stdClass $data, mixed $properties, string $schema, string $path): ?Fault
    {
        foreach ($properties instanceof \stdClass ? get_object_vars($properties) : [] as $name => $node) {
            $fault = isset($data->{$name}) ? self::within($data->{$name}, $node, $schema, "{$path}/{$name}") : null;
            if ($fault !== null) {
                return $fault;
            }
        }

        return null;
    }

    /** @return array{mixed, string} what an address in a schema leads to, and in which schema it stands */
    private static function referred(string $address, string $schema): array
    {
        [$file, $pointer] = [...explode('#', $address, 2), ''];
        $schema = $file === '' ? $schema : basename($file, '.schema.json');
        $node = self::schema($schema);
        foreach (array_filter(explode('/', $pointer), static fn (string $part) => $part !== '') as $part) {
            $node = $node instanceof \stdClass ? $node->{$part} ?? null : null;
        }

        return [$node, $schema];
    }

    private static function schema(string $name): \stdClass
    {
        $read = self::$schemas[$name]
            ?? json_decode((string) file_get_contents(__DIR__."/{$name}.schema.json"), false, 64, JSON_THROW_ON_ERROR);

        return self::$schemas[$name] = $read instanceof \stdClass
            ? $read
            : throw new \LogicException("The schema “{$name}” is no object.");
    }
}
