<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** The declared fields of each class of part and its tag, found once a process: in its attributes, or faster in code that was written from them. */
final class PartFields
{
    /** @var array<class-string, array{list<DeclaredField>, list<EitherOr>}> */
    private static array $known = [];
    /** @var array<class-string, Tag|null> */
    private static array $tags = [];
    /** @var array<class-string, array{\Closure(): array{list<DeclaredField>, list<EitherOr>}, \Closure(): (Tag|null)}> */
    private static array $written = [];

    /** @param string $file of code that FieldsCode has written from the classes as they are now */
    public static function takeFrom(string $file): void
    {
        /** @var array<class-string, array{\Closure(): array{list<DeclaredField>, list<EitherOr>}, \Closure(): (Tag|null)}> $written */
        $written = require $file;
        self::$written = $written;
    }

    /**
     * @param class-string $class
     *
     * @return list<DeclaredField> in the order of the file
     */
    public static function of(string $class): array
    {
        return self::all($class)[0];
    }

    /**
     * @param class-string $class
     *
     * @return list<EitherOr>
     */
    public static function eitherOr(string $class): array
    {
        return self::all($class)[1];
    }

    /**
     * @param class-string $class
     *
     * @return Tag|null null for a class that is not one of several variants
     */
    public static function tag(string $class): ?Tag
    {
        if (!\array_key_exists($class, self::$tags)) {
            self::$tags[$class] = isset(self::$written[$class]) ? self::$written[$class][1]() : self::declaredTag($class);
        }

        return self::$tags[$class];
    }

    /**
     * @param class-string $class
     *
     * @return array{list<DeclaredField>, list<EitherOr>}
     */
    private static function all(string $class): array
    {
        return self::$known[$class] ??= isset(self::$written[$class]) ? self::$written[$class][0]() : self::declared($class);
    }

    /**
     * As its attributes say.
     *
     * @param class-string $class
     *
     * @return array{list<DeclaredField>, list<EitherOr>}
     */
    public static function declared(string $class): array
    {
        return [
            array_map(self::field(...), FieldDeclaration::all($class)),
            array_map(static fn (\ReflectionAttribute $rule): EitherOr => $rule->newInstance(), (new \ReflectionClass($class))->getAttributes(EitherOr::class)),
        ];
    }

    /** @param class-string $class */
    public static function declaredTag(string $class): ?Tag
    {
        $tags = (new \ReflectionClass($class))->getAttributes(Tag::class);

        return [] === $tags ? null : $tags[0]->newInstance();
    }

    private static function field(FieldDeclaration $declared): DeclaredField
    {
        $is = $declared->attribute->newInstance();

        return new DeclaredField(
            $declared->property,
            $declared->key,
            $is instanceof AsIn ? self::named($is->class, $declared->key)->is : $is,
            $declared->type,
            $declared->optional,
        );
    }

    /**
     * Whether a field belongs to one of two ways to say something, of which a part has one.
     *
     * @param class-string $class
     */
    public static function isOneOfTwoWays(string $class, string $key): bool
    {
        foreach (self::eitherOr($class) as $rule) {
            if (\in_array($key, [...$rule->either, ...$rule->or], true)) {
                return true;
            }
        }

        return false;
    }

    /** @param class-string $class */
    public static function named(string $class, string $key): DeclaredField
    {
        foreach (self::of($class) as $field) {
            if ($key === $field->key) {
                return $field;
            }
        }
        throw new \LogicException($class.' has no field '.$key.'.');
    }

    /**
     * The measured field of a class by its key.
     *
     * @param class-string $class
     */
    public static function measured(string $class, string $key): Measured
    {
        $is = self::named($class, $key)->is;

        return $is instanceof Measured ? $is : throw new \LogicException($key.' is not measured.');
    }

    /**
     * Whether a measured field can hold a value.
     *
     * @param class-string $class
     */
    public static function holds(string $class, string $key, float $value): bool
    {
        return self::measured($class, $key)->range->holds($value);
    }

    /**
     * A part as it stands in the file: keys without a value are left out.
     *
     * @return array<string, mixed>
     */
    public static function written(object $part, string $prefix = ''): array
    {
        $keys = [];
        $tag = self::tag($part::class);
        if (null !== $tag) {
            $keys[$tag->key] = $tag->value;
        }
        foreach (self::of($part::class) as $field) {
            $value = $field->in($part);
            if ($field->is instanceof Inline && \is_object($value)) {
                $keys += self::written($value, $prefix.$field->is->prefix);
            } elseif (null !== $value) {
                $keys[$prefix.$field->key] = $value;
            }
        }

        return $keys;
    }

    /**
     * The same part with some properties changed.
     *
     * @template T of object
     *
     * @param T $part
     * @param array<string, mixed> $changes by property
     *
     * @return T
     */
    public static function changed(object $part, array $changes): object
    {
        $values = [];
        foreach (self::of($part::class) as $field) {
            $values[] = \array_key_exists($field->property, $changes) ? $changes[$field->property] : $field->in($part);
            unset($changes[$field->property]);
        }
        if ([] !== $changes) {
            throw new \LogicException($part::class.' has no '.implode(', ', array_keys($changes)).'.');
        }

        return (new \ReflectionClass($part))->newInstanceArgs($values);
    }
}
