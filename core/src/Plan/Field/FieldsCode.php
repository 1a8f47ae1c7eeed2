<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** Writes the fields that classes declare as PHP, which takes less than half the time that their attributes take. */
final class FieldsCode
{
    /** @param class-string $root the class of a part; its fields are written, and those of everything that can stand in it */
    public static function of(string $root): string
    {
        $classes = self::reached($root, []);
        $code = "<?php\n\ndeclare(strict_types=1);\n\nreturn [\n";
        foreach (array_keys($classes) as $class) {
            $fields = array_map(self::field(...), FieldDeclaration::all($class));
            $reflected = new \ReflectionClass($class);
            $rules = array_map(self::made(...), $reflected->getAttributes(EitherOr::class));
            $tag = array_map(self::made(...), $reflected->getAttributes(Tag::class))[0] ?? 'null';
            $code .= \sprintf(
                "    \\%s::class => [static fn (): array => [[%s], [%s]], static fn (): ?\\%s => %s],\n",
                $class,
                implode(', ', $fields),
                implode(', ', $rules),
                Tag::class,
                $tag,
            );
        }

        return $code."];\n";
    }

    /**
     * @param class-string $class
     * @param array<class-string, true> $seen
     *
     * @return array<class-string, true>
     */
    private static function reached(string $class, array $seen): array
    {
        if (isset($seen[$class])) {
            return $seen;
        }
        $seen[$class] = true;
        foreach (PartFields::of($class) as $field) {
            $is = $field->is;
            $inside = match (true) {
                $is instanceof Part, $is instanceof Inline => [$field->partClass()],
                $is instanceof Parts => [$is->class],
                $is instanceof Variants => $is->classes,
                default => [],
            };
            foreach ($inside as $one) {
                $seen = self::reached($one, $seen);
            }
        }

        return $seen;
    }

    private static function field(FieldDeclaration $one): string
    {
        $is = AsIn::class === $one->attribute->getName()
            ? \sprintf('\%s::named(%s, %s)->is', PartFields::class, self::value($one->attribute->getArguments()[0]), self::value($one->key))
            : self::made($one->attribute);

        return \sprintf(
            'new \%s(%s, %s, %s, %s, %s)',
            DeclaredField::class,
            self::value($one->property),
            self::value($one->key),
            $is,
            self::value($one->type),
            self::value($one->optional),
        );
    }

    /** @param \ReflectionAttribute<object> $attribute */
    private static function made(\ReflectionAttribute $attribute): string
    {
        $arguments = [];
        foreach ($attribute->getArguments() as $name => $value) {
            $arguments[] = (\is_string($name) ? $name.': ' : '').self::value($value);
        }

        return \sprintf('new \%s(%s)', $attribute->getName(), implode(', ', $arguments));
    }

    private static function value(mixed $value): string
    {
        if (\is_array($value)) {
            $pairs = array_map(static fn (int|string $key, mixed $one): string => self::value($key).' => '.self::value($one), array_keys($value), $value);

            return '['.implode(', ', $pairs).']';
        }

        return \is_scalar($value) || null === $value || $value instanceof \UnitEnum
            ? var_export($value, true)
            : throw new \LogicException(get_debug_type($value).' cannot be written.');
    }
}
