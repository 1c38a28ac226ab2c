<?php

declare(strict_types=1);

namespace Tests\Core;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Preparation\Stripping\Agents;
use ReflectionClass;
use ReflectionClassConstant;
use ReflectionNamedType;
use UnitEnum;

/**
 * Every figure the core takes from the trade, read out of its own classes: constants, records, what words stand for.
 */
final class TradeTables
{
    /** @return array<string, array<string, mixed>> class => name => figure or words */
    public static function read(): array
    {
        $tables = [];
        foreach (array_keys(ArchitectureTest::files()) as $file) {
            $class = 'Aenum\\Core\\'.strtr(substr($file, 5, -4), '/', '\\');
            if (! class_exists($class) && ! interface_exists($class)) {
                continue;
            }
            $known = self::constants(new ReflectionClass($class)) + self::words(new ReflectionClass($class));
            if ($known !== []) {
                $tables[$class] = $known;
            }
        }
        $records = [
            'media' => Media::all(),
            'agents' => Agents::all(),
            'baths' => Bath::all(),
            'metals' => MetalCatalog::all(),
        ];
        foreach ($records as $of => $all) {
            $tables[$of] = array_map(self::plain(...), $all);
        }

        return $tables;
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, mixed>
     */
    private static function constants(ReflectionClass $class): array
    {
        $found = [];
        foreach ($class->getReflectionConstants() as $constant) {
            $own = $constant->getDeclaringClass()->getName() === $class->getName();
            if ($own && ! $constant->isEnumCase() && self::holdsFigures($constant)) {
                $found[$constant->getName()] = self::plain($constant->getValue());
            }
        }

        return $found;
    }

    private static function holdsFigures(ReflectionClassConstant $constant): bool
    {
        $value = $constant->getValue();

        return is_int($value) || is_float($value) || is_array($value);
    }

    /**
     * What each word of an enum stands for: every public method that asks nothing and answers with a figure, a yes, or
     * a list of figures.
     *
     * @param  ReflectionClass<object>  $class
     * @return array<string, mixed>
     */
    private static function words(ReflectionClass $class): array
    {
        $found = [];
        if (! $class->isEnum()) {
            return $found;
        }
        foreach ($class->getMethods() as $method) {
            $type = $method->getReturnType();
            $kind = $type instanceof ReflectionNamedType ? $type->getName() : '';
            $figure = in_array($kind, ['int', 'float', 'bool', 'array'], true);
            if ($figure && $method->isPublic() && ! $method->isStatic() && $method->getNumberOfParameters() === 0) {
                foreach ($class->getConstants() as $case) {
                    if ($case instanceof UnitEnum) {
                        $found[$method->getName()][$case->name] = self::plain($method->invoke($case));
                    }
                }
            }
        }

        return $found;
    }

    /** @return array<mixed>|scalar|null */
    private static function plain(mixed $value): array|string|int|float|bool|null
    {
        return match (true) {
            $value instanceof UnitEnum => $value->name,
            is_object($value) => array_map(self::plain(...), get_object_vars($value)),
            is_array($value) => array_map(self::plain(...), $value),
            is_scalar($value) => $value,
            default => null,
        };
    }
}
