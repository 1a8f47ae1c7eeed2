<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** The JSON Schema of what the core sends out, from the properties of its classes. */
final class SentSchema
{
    /**
     * @param class-string $class
     *
     * @return array{type: 'object', properties: array<string, array<string, mixed>>, required: list<string>, additionalProperties: false}
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

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private static function property(\ReflectionProperty $property, \ReflectionNamedType $type): array
    {
        foreach ($property->getAttributes(ListOf::class) as $attribute) {
            return ['type' => 'array', 'items' => self::type($attribute->newInstance()->type)];
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
            is_subclass_of($type, \BackedEnum::class) => ['enum' => array_column($type::cases(), 'value')],
            class_exists($type) => self::of($type),
            interface_exists($type) => ['type' => 'string'],
            default => throw new \LogicException($type.' has no schema.'),
        };
    }
}
