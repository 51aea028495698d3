<?php

declare(strict_types=1);

namespace Lanai\Core\PhpStan;

use Lanai\Core\Text\Pattern;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\StaticCall;
use PHPStan\Analyser\Scope;
use PHPStan\Analyser\SpecifiedTypes;
use PHPStan\Analyser\TypeSpecifier;
use PHPStan\Analyser\TypeSpecifierAwareExtension;
use PHPStan\Analyser\TypeSpecifierContext;
use PHPStan\Reflection\MethodReflection;
use PHPStan\Reflection\ParameterReflection;
use PHPStan\TrinaryLogic;
use PHPStan\Type\Php\RegexArrayShapeMatcher;
use PHPStan\Type\StaticMethodParameterOutTypeExtension;
use PHPStan\Type\StaticMethodTypeSpecifyingExtension;
use PHPStan\Type\Type;

/** Which groups a pattern has, for the static check: as it knows them of PHP's own functions. */
final class PatternGroups implements StaticMethodParameterOutTypeExtension, StaticMethodTypeSpecifyingExtension, TypeSpecifierAwareExtension
{
    private TypeSpecifier $specifier;

    public function __construct(private readonly RegexArrayShapeMatcher $shapes)
    {
    }

    public function setTypeSpecifier(TypeSpecifier $typeSpecifier): void
    {
        $this->specifier = $typeSpecifier;
    }

    public function getClass(): string
    {
        return Pattern::class;
    }

    public function isStaticMethodSupported(
        MethodReflection $methodReflection,
        ParameterReflection|StaticCall $parameter,
        ?TypeSpecifierContext $context = null,
    ): bool {
        $about = $methodReflection->getDeclaringClass()->getName() === Pattern::class;
        $name = $methodReflection->getName();

        return $about &&
            ($parameter instanceof StaticCall
                ? $name === 'match' && $context?->null() === false
                : in_array($name, ['match', 'matchAll'], true) && $parameter->getName() === 'found');
    }

    public function getParameterOutTypeFromStaticMethodCall(
        MethodReflection $methodReflection,
        StaticCall $methodCall,
        ParameterReflection $parameter,
        Scope $scope,
    ): ?Type {
        return $this->groups($methodReflection->getName(), $methodCall, TrinaryLogic::createMaybe(), $scope);
    }

    public function specifyTypes(MethodReflection $staticMethodReflection, StaticCall $node, Scope $scope, TypeSpecifierContext $context): SpecifiedTypes
    {
        $found = self::argument($node, 'found', 2);
        $type = $found === null ? null : $this->groups('match', $node, TrinaryLogic::createFromBoolean($context->true()), $scope);
        if ($found === null || $type === null) {
            return new SpecifiedTypes();
        }
        $types = $this->specifier->create($found->value, $type, $context->false() ? $context->negate() : $context, $scope)->setRootExpr($node);

        return $context->false() ? $types->setAlwaysOverwriteTypes() : $types;
    }

    private function groups(string $method, StaticCall $call, TrinaryLogic $matched, Scope $scope): ?Type
    {
        $pattern = self::argument($call, 'pattern', 0);
        $flags = self::argument($call, 'flags', 3);
        $asked = $flags === null ? null : $scope->getType($flags->value);

        return match (true) {
            $pattern === null => null,
            $method === 'matchAll' => $this->shapes->matchAllExpr($pattern->value, $asked, $matched, $scope),
            default => $this->shapes->matchExpr($pattern->value, $asked, $matched, $scope),
        };
    }

    private static function argument(StaticCall $call, string $name, int $place): ?Arg
    {
        foreach ($call->getArgs() as $i => $argument) {
            if ($argument->name === null ? $i === $place : $argument->name->toString() === $name) {
                return $argument;
            }
        }

        return null;
    }
}
