<?php

declare(strict_types=1);

namespace Tests;

use PhpParser\Node;
use PhpParser\Node\Expr\MethodCall;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ParametersAcceptorSelector;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\VerbosityLevel;
use Ulvrach\Copies;

/**
 * What is named in a copy of a value has to be a field of it, of its type: the copy itself takes anything.
 *
 * @implements Rule<MethodCall>
 */
final class CopiesRule implements Rule
{
    public function getNodeType(): string
    {
        return MethodCall::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        if (! $node->name instanceof Node\Identifier || $node->name->name !== 'with') {
            return [];
        }
        $errors = [];
        foreach ($scope->getType($node->var)->getObjectClassReflections() as $class) {
            if (! $class->hasTraitUse(Copies::class)) {
                continue;
            }
            $fields = [];
            $acceptors = $class->getConstructor()->getVariants();
            foreach (ParametersAcceptorSelector::combineAcceptors($acceptors)->getParameters() as $parameter) {
                $fields[$parameter->getName()] = $parameter->getType();
            }
            foreach ($node->getArgs() as $argument) {
                $name = $argument->name?->name;
                $given = $scope->getType($argument->value);
                $says = match (true) {
                    // Arrays that are spread are looked at when they are run.
                    $argument->unpack => null,
                    $name === null => 'A copy is told its changes by name.',
                    ! isset($fields[$name]) => "{$class->getName()} has no field {$name}.",
                    ! $fields[$name]->accepts($given, true)->yes() => "{$class->getName()}::\${$name} is no "
                        .$given->describe(VerbosityLevel::typeOnly()).'.',
                    default => null,
                };
                if ($says !== null) {
                    $errors[] = RuleErrorBuilder::message($says)->identifier('ulvrach.copy')->build();
                }
            }
        }

        return $errors;
    }
}
