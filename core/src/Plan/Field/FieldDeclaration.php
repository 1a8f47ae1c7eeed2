<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** How a class declares one of its fields: by an attribute of a parameter of its constructor. */
final readonly class FieldDeclaration
{
    /** @param \ReflectionAttribute<Field> $attribute */
    private function __construct(
        public string $property,
        public string $key,
        public \ReflectionAttribute $attribute,
        public string $type,
        public bool $optional,
    ) {
    }

    /**
     * @param class-string $class
     *
     * @return list<self> in the order of the file
     */
    public static function all(string $class): array
    {
        $all = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $attributes = $parameter->getAttributes(Field::class, \ReflectionAttribute::IS_INSTANCEOF);
            $type = $parameter->getType();
            if ([] === $attributes || !$type instanceof \ReflectionNamedType) {
                throw new \LogicException($class.'::$'.$parameter->getName().' is not declared as a field.');
            }
            $key = strtolower((string) preg_replace('/(?<=[a-z])[A-Z]/', '_$0', $parameter->getName()));
            $all[] = new self($parameter->getName(), $key, $attributes[0], $type->getName(), $type->allowsNull());
        }

        return $all;
    }
}
