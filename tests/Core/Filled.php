<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Scene;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Chemistry\Combination;
use Ulvrach\Stuff\Drying\OwnTimes;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Cup;

/**
 * Values of which every field is set, and to nothing that a reader would assume: a field that is forgotten somewhere
 * then shows. A new field is filled by its type; what a type does not tell (what stands in a list, which form a text
 * has) is said in `toldOf`.
 */
final class Filled
{
    private static int $number = 13;

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<string, mixed>  $said  fields that are to be so
     * @return T
     */
    public static function one(string $class, array $said = []): object
    {
        $values = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $field) {
            $name = $field->getName();
            $told = self::toldOf($class);
            $values[$name] = $said[$name] ?? $told[$name] ?? self::byType($field);
            if ($field->isDefaultValueAvailable() && $values[$name] == $field->getDefaultValue()) {
                throw new \LogicException("{$class}::\${$name} is as it is where nobody says. What else, Filled?");
            }
        }

        return new $class(...$values);
    }

    /** @return array<string, mixed> what the type of a field does not tell */
    private static function toldOf(string $class): array
    {
        return match ($class) {
            Material::class => ['opacity' => 0.625],
            OwnTimes::class => ['touchDry' => [5, 9], 'recoatable' => [31, 44], 'solventProof' => [700, 1450]],
            Stock::class => [
                'openedOn' => '2026-03-05',
                'thinnedOn' => '2026-04-06',
                'leftMl' => 7.5,
                'holdsMl' => 17.5,
                'signs' => [LabelSign::cases()[1], LabelSign::cases()[0]],
            ],
            Zone::class => ['id' => 'hull', 'panels' => [self::one(Panel::class), new Panel('flap', 'A flap')]],
            Panel::class => ['id' => 'hatch', 'neighbours' => ['flap'], 'plate' => 'hull-top-1'],
            Extent::class => ['share' => 35, 'places' => [Place::Edges], 'panels' => ['hatch']],
            Step::class => [
                'id' => 'laid',
                'technique' => 'spray-colour',
                'product' => 'jar',
                'zones' => ['hull'],
                'coats' => 4,
                'cleanUp' => [self::one(CleanUpPass::class)],
                'accepted' => [new Acceptance('wash-on-matte', 'It is wanted.')],
            ],
            BenchConditions::class => ['cabinetC' => 37.5],
            Build::class => ['due' => '2026-12-24', 'form' => ['length' => 4321], 'scale' => 48],
            Story::class => [
                'more' => [Lab::fromHex('#7a5a3c')],
                'hasMarkings' => false,
                'overrules' => ['hull' => ['chips' => 0.75]],
                'scenes' => [Scene::Parade, Scene::DaysOfRain],
            ],
            SchoolChoice::class => [
                'from' => 'clean-air',
                'answers' => ['dust' => 'pigments'],
                'severities' => ['wash-on-matte' => null],
            ],
            Entry::class => [
                'id' => '10000000-0000-4000-8000-000000000001',
                'kind' => EntryKind::Trial,
                'at' => 29_500_123,
                'stepId' => 'laid',
                'corrects' => '10000000-0000-4000-8000-000000000002',
            ],
            StepAsItWas::class => ['coats' => 5, 'technique' => 'spray-colour', 'zones' => ['hull' => 'Hull']],
            Trial::class => [
                'rule' => 'wash-on-matte',
                'tried' => [self::one(Combination::class)],
                'card' => '10000000-0000-4000-8000-000000000003',
            ],
            Cup::class => ['share' => 0.625, 'retarder' => 0.25, 'flow' => 0.125],
            default => [],
        };
    }

    private static function byType(\ReflectionParameter $field): mixed
    {
        $type = $field->getType();
        $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        // Small enough for everything that is counted, and never as often as is usual.
        self::$number = 13 + (self::$number - 11) % 18;

        return match (true) {
            $name === 'int' => self::$number,
            $name === 'float' => self::$number + 0.5,
            $name === 'bool' => ! ($field->isDefaultValueAvailable() && $field->getDefaultValue()),
            $name === 'string' => $field->getName().'-'.self::$number,
            $name === Lab::class => Lab::fromHex(sprintf('#5a%02x3c', 64 + self::$number % 128)),
            enum_exists($name) => self::unusual($name, $field),
            class_exists($name) => self::one($name),
            default => throw new \LogicException(
                "Say in Filled what stands in {$field->getDeclaringClass()?->getName()}::\${$field->getName()}.",
            ),
        };
    }

    /** @param  class-string<\UnitEnum>  $enum */
    private static function unusual(string $enum, \ReflectionParameter $field): \UnitEnum
    {
        $usual = $field->isDefaultValueAvailable() ? $field->getDefaultValue() : null;

        $others = array_values(array_filter($enum::cases(), static fn ($case) => $case !== $usual));

        return $others[1] ?? $others[0];
    }
}
