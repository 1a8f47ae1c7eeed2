<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** JSON Schemas: of what the core sends, from the properties of its classes, and the pieces from which that of the plan is put together. */
final class Schema
{
    /**
     * @param array<string, mixed> $properties
     * @param list<string> $required
     *
     * @return array{type: 'object', properties: array<string, mixed>, required: list<string>, additionalProperties: false} nothing else beside them
     */
    public static function object(array $properties, array $required): array
    {
        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /**
     * @param array<string, mixed> $items the schema of each
     *
     * @return array<string, mixed>
     */
    public static function listOf(array $items, int $least = 0, ?int $most = null): array
    {
        return ['type' => 'array'] + (null === $most ? [] : ['minItems' => $least, 'maxItems' => $most]) + ['items' => $items];
    }

    /**
     * @param list<\BackedEnum> $cases
     *
     * @return array<string, mixed>
     */
    public static function oneOf(array $cases): array
    {
        return ['enum' => array_column($cases, 'value')];
    }

    /**
     * @param class-string $class
     *
     * @return array{type: 'object', properties: array<string, mixed>, required: list<string>, additionalProperties: false}
     */
    public static function of(string $class): array
    {
        $properties = [];
        $required = [];
        foreach ((new \ReflectionClass($class))->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $type = $property->getType();
            if (!$type instanceof \ReflectionNamedType) {
                throw new \LogicException($class.'::$'.$property->getName().' has no plain type.');
            }
            $key = SentKey::of($property->getName());
            $properties[$key] = self::property($property, $type);
            if (!$type->allowsNull()) {
                $required[] = $key;
            }
        }

        return self::object($properties, $required);
    }

    /** @return array<string, mixed> */
    private static function property(\ReflectionProperty $property, \ReflectionNamedType $type): array
    {
        foreach ($property->getAttributes(ListOf::class) as $attribute) {
            return self::listOf(self::type($attribute->newInstance()->type));
        }
        foreach ($property->getAttributes(MapOf::class) as $attribute) {
            return ['type' => 'object', 'additionalProperties' => self::type($attribute->newInstance()->type)];
        }

        return self::type($type->getName());
    }

    /** @return array<string, mixed> */
    private static function type(string $type): array
    {
        return match (true) {
            'string' === $type => ['type' => 'string'],
            'float' === $type => ['type' => 'number'],
            'int' === $type => ['type' => 'integer'],
            'bool' === $type => ['type' => 'boolean'],
            is_subclass_of($type, HasSchema::class) => $type::schema(),
            is_subclass_of($type, \BackedEnum::class) => self::oneOf($type::cases()),
            class_exists($type) => self::of($type),
            interface_exists($type) => ['type' => 'string'],
            default => throw new \LogicException($type.' has no schema.'),
        };
    }
}
