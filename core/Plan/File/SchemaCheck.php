<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\JsonPointer;
use Opis\JsonSchema\Uri;
use Opis\JsonSchema\Validator;
use Ulvrach\Plan\Fault;

/** Holds JSON against the published schemas, and says in plain words what does not fit. */
final class SchemaCheck
{
    public const PLAN = 'plan-v2';

    /** The format as it was; its files are still read. */
    public const PLAN_1 = 'plan-v1';

    public const EDITS = 'edits-v2';

    public const ENTRIES = 'entries-v2';

    public const SCHEDULE = 'schedule-v1';

    public const VEHICLE = 'vehicle-v1';

    public const MIX_PROBLEM = 'mix-problem-v1';

    public const OWN_SHELF = 'own-shelf-v1';

    public const STORY = 'story-v1';

    public const WEEK = 'week-v1';

    private const HOST = 'https://ulvrach.invalid/';

    private const MOST_FAULTS = 50;

    private static ?Validator $validator = null;

    private static ?Counts $counts = null;

    /**
     * @param  string|null  $definition  one of the schema's; null: the whole document
     * @return list<Fault> at most fifty; empty: the data has the shape that the schema asks for
     */
    public static function faults(mixed $data, string $schema, ?string $definition = null): array
    {
        $tooMany = self::counts()->fault($data, $schema, $definition);
        if ($tooMany !== null) {
            return [$tooMany];
        }
        $address = self::HOST."{$schema}.schema.json";
        $error = self::validator()
            ->validate($data, $definition === null ? $address : (object) ['$ref' => "{$address}#/\$defs/{$definition}"])
            ->error();
        if ($error === null) {
            return [];
        }
        $faults = [];
        /** @var array<string, list<string>> $byPath */
        $byPath = (new ErrorFormatter())->format($error, true, self::sentence(...), self::path(...));
        foreach ($byPath as $path => $messages) {
            foreach (array_unique(array_filter($messages)) as $message) {
                $faults[] = new Fault((string) $path, $message);
            }
        }

        return $faults;
    }

    private static function counts(): Counts
    {
        return self::$counts ??= new Counts(static function (string $name): mixed {
            $address = Uri::parse(self::HOST."{$name}.schema.json", true);

            return $address === null ? null : self::validator()->resolver()?->resolve($address);
        });
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator(null, self::MOST_FAULTS, false);
            $all = [self::PLAN, self::PLAN_1, self::EDITS, self::ENTRIES, self::SCHEDULE, self::VEHICLE];
            foreach ([...$all, self::MIX_PROBLEM, self::OWN_SHELF, self::STORY, self::WEEK] as $name) {
                self::$validator
                    ->resolver()
                    ?->registerFile(self::HOST."{$name}.schema.json", __DIR__."/{$name}.schema.json");
            }
        }

        return self::$validator;
    }

    /**
     * Missing and surplus properties are reported at the property itself, so that a form can show them at the field.
     */
    private static function path(ValidationError $error): string
    {
        $path = $error->data()->fullPath();
        $name = match ($error->keyword()) {
            'required' => self::names($error, 'missing')[0] ?? null,
            'additionalProperties' => self::surplus($error),
            default => null,
        };
        if ($name !== null) {
            $path[] = $name;
        }

        return $path === [] ? '' : JsonPointer::pathToString($path);
    }

    /** The validator also calls a property surplus that is known but wrong; that fault is reported by itself. */
    private static function surplus(ValidationError $error): ?string
    {
        $schema = $error->schema()->info()->data();
        $known =
            is_object($schema) && isset($schema->properties) && is_object($schema->properties)
                ? $schema->properties
                : new \stdClass();
        foreach (self::names($error, 'properties') as $name) {
            if (! property_exists($known, $name)) {
                return $name;
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function names(ValidationError $error, string $arg): array
    {
        $names = $error->args()[$arg] ?? [];

        return is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
    }

    private static function sentence(ValidationError $error): string
    {
        $arg = static function (string $key) use ($error): string {
            $value = $error->args()[$key] ?? '';

            return is_array($value) ? implode(', ', array_map(self::show(...), $value)) : self::show($value);
        };

        return match ($error->keyword()) {
            'required' => 'This is missing.',
            'additionalProperties' => self::surplus($error) === null ? '' : 'This is not part of the format.',
            'type' => "Must be {$arg('expected')}, not {$arg('type')}.",
            'enum' => 'Must be one of: '.self::choices($error).'.',
            'const' => "Must be {$arg('const')}.",
            'minimum' => "Must be {$arg('min')} or more.",
            'maximum' => "Must be {$arg('max')} or less.",
            'exclusiveMinimum' => "Must be more than {$arg('min')}.",
            'minLength' => 'Must not be empty.',
            'maxLength' => "Must have at most {$arg('max')} characters.",
            'minItems' => "Must have at least {$arg('min')} of them.",
            'maxItems' => "Must have at most {$arg('max')} of them.",
            'uniqueItems' => 'Names the same one twice.',
            'pattern' => 'Does not have the form that is asked for here.',
            default => 'Does not fit the format.',
        };
    }

    private static function choices(ValidationError $error): string
    {
        $schema = $error->schema()->info()->data();
        $values = is_object($schema) && isset($schema->enum) && is_array($schema->enum) ? $schema->enum : [];

        return implode(', ', array_map(self::show(...), $values));
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_scalar($value) => (string) $value,
            default => 'something else',
        };
    }
}
