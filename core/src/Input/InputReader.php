<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/**
 * Reads a decoded JSON object key by key and collects everything that is wrong with it.
 *
 * After an error a harmless value is returned, so that the reading goes on and finds the next one; `finish()` reports
 * the keys that nobody asked for, and `throwIfInvalid()` on the outermost reader raises all errors together.
 */
final class InputReader
{
    /** @var array<string, true> */
    private array $asked = [];

    /**
     * @param array<array-key, mixed> $values
     * @param \ArrayObject<int, InputError> $errors shared by all readers of one input
     */
    private function __construct(
        private readonly array $values,
        public readonly string $pointer,
        private readonly \ArrayObject $errors,
    ) {
    }

    /** @throws InvalidInput when $value is not a JSON object */
    public static function of(mixed $value): self
    {
        if (!$value instanceof \stdClass) {
            throw InvalidInput::at('', 'This must be a JSON object, not '.self::describe($value).'.');
        }

        return new self(get_object_vars($value), '', new \ArrayObject());
    }

    /** @return array<array-key, mixed> what stands there, as it was decoded */
    public function values(): array
    {
        return $this->values;
    }

    /** Whether something stands at $key, which may thus stand there. */
    public function has(string $key): bool
    {
        $this->asked[$key] = true;

        return \array_key_exists($key, $this->values);
    }

    /** Whether a text that is not empty stands at $key. */
    public function holdsText(string $key): bool
    {
        return \is_string($this->values[$key] ?? null) && '' !== trim($this->values[$key]);
    }

    /** A number within $range. A $default makes the key optional. */
    public function number(string $key, Range $range, ?float $default = null): float
    {
        $found = $this->values[$key] ?? null;
        if ((\is_float($found) || \is_int($found)) && $range->holds((float) $found)) {
            $this->asked[$key] = true;

            return (float) $found;
        }
        $found = $this->raw($key, null !== $default);
        if (null === $found) {
            return $default ?? $range->max;
        }
        if (!\is_int($found) && !\is_float($found)) {
            $this->fail($key, 'This must be a number, '.$range->describe().', not '.self::describe($found).'.');

            return $range->max;
        }
        $this->fail($key, \sprintf('%s is outside what is allowed here: %s.', self::describe($found), $range->describe()));

        return $range->max;
    }

    public function optionalNumber(string $key, Range $range): ?float
    {
        return $this->has($key) ? $this->number($key, $range) : null;
    }

    /** A $default makes the key optional. */
    public function boolean(string $key, ?bool $default = null): bool
    {
        $found = $this->raw($key, null !== $default);
        if (null !== $found && !\is_bool($found)) {
            $this->fail($key, 'This must be true or false, not '.self::describe($found).'.');
        }

        return \is_bool($found) ? $found : $default ?? false;
    }

    /** A text of 1 to $maxLength characters without control characters. A $default makes the key optional. */
    public function text(string $key, int $maxLength, ?string $default = null): string
    {
        $found = $this->raw($key, null !== $default);
        if (null === $found) {
            return $default ?? '';
        }
        if (!\is_string($found) || 1 !== preg_match('/^[^\x00-\x1F\x7F]+$/u', $found) || mb_strlen($found) > $maxLength || '' === trim($found)) {
            $this->fail($key, \sprintf('This must be a text of 1 to %d characters on one line, not %s.', $maxLength, self::describe($found)));

            return $default ?? '';
        }

        return $found;
    }

    /** A text of 1 to $maxLength characters, in lines. A $default makes the key optional. */
    public function lines(string $key, int $maxLength, ?string $default = null): string
    {
        $found = $this->raw($key, null !== $default);
        if (null === $found || $found === $default) {
            return $default ?? '';
        }
        if (!\is_string($found) || 1 !== preg_match('/^[^\x00-\x08\x0B-\x1F\x7F]+$/uD', $found) || mb_strlen($found) > $maxLength || '' === trim($found)) {
            $this->fail($key, \sprintf('This must be a text of 1 to %d characters, not %s.', $maxLength, self::describe($found)));

            return $default ?? '';
        }

        return $found;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param non-empty-list<T> $allowed
     *
     * @return T
     */
    public function choice(string $key, array $allowed, ?\BackedEnum $default = null): \BackedEnum
    {
        $found = $this->raw($key, null !== $default);
        foreach ($allowed as $case) {
            if (null === $found ? $case === $default : $case->value === $found) {
                return $case;
            }
        }
        if (null !== $found) {
            $this->fail(
                $key,
                \sprintf(
                    'This must be one of %s, not %s.',
                    implode(', ', array_map(static fn (\BackedEnum $case): string => '"'.$case->value.'"', $allowed)),
                    self::describe($found),
                ),
            );
        }

        return $allowed[0];
    }

    /** A nested object; an empty reader that reports nothing more when there is none. */
    public function object(string $key): self
    {
        $found = $this->raw($key, false);
        if (null !== $found && !$found instanceof \stdClass) {
            $this->fail($key, 'This must be a JSON object, not '.self::describe($found).'.');
        }

        return $found instanceof \stdClass
            ? new self(get_object_vars($found), $this->at($key), $this->errors)
            : new self([], $this->at($key), new \ArrayObject());
    }

    /** @return list<self> one reader an element, at most $max of them */
    public function objects(string $key, int $max, bool $optional = false): array
    {
        $readers = [];
        foreach ($this->elements($key, $max, $optional) as $index => $element) {
            if ($element instanceof \stdClass) {
                $readers[] = new self(get_object_vars($element), $this->at($key).'/'.$index, $this->errors);
            } else {
                $this->fail($key.'/'.$index, 'This must be a JSON object, not '.self::describe($element).'.');
            }
        }

        return $readers;
    }

    /** @return list<string> each of 1 to 500 characters */
    public function texts(string $key, int $max): array
    {
        $elements = $this->elements($key, $max, false);
        $list = new self($elements, $this->at($key), $this->errors);

        return array_map(static fn (int $index): string => $list->text((string) $index, 500), array_keys($elements));
    }

    /**
     * @param list<float>|null $default
     *
     * @return list<float>
     */
    public function numbers(string $key, int $max, Range $range, ?array $default = null): array
    {
        if (null !== $default && !$this->has($key)) {
            return $default;
        }
        $elements = $this->elements($key, $max, false);
        $list = new self($elements, $this->at($key), $this->errors);

        return array_map(static fn (int $index): float => $list->number((string) $index, $range), array_keys($elements));
    }

    /** @return list<array{float, float}> lists of two numbers that are not negative; those that are none are left out, and said */
    public function pairs(string $key, int $max): array
    {
        $pairs = [];
        foreach ($this->elements($key, $max, false) as $index => $element) {
            if (\is_array($element) && 2 === \count($element)) {
                $pair = new self(array_values($element), $this->at($key).'/'.$index, $this->errors);
                $pairs[] = [$pair->number('0', Range::notNegative()), $pair->number('1', Range::notNegative())];
            } else {
                $this->fail($key.'/'.$index, 'This must be two numbers, for example [4, 240], not '.self::describe($element).'.');
            }
        }

        return $pairs;
    }

    /** Whether an error was found at this reader's place or below. */
    public function failed(): bool
    {
        foreach ($this->errors as $error) {
            if ($error->pointer === $this->pointer || str_starts_with($error->pointer, $this->pointer.'/')) {
                return true;
            }
        }

        return false;
    }

    /** Records that what stands at $key contradicts something; an empty key means the object itself. */
    public function fail(string $key, string $message): void
    {
        $this->errors->append(new InputError('' === $key ? $this->pointer : $this->pointer.'/'.$key, $message));
    }

    /** Reports the keys that were never asked for. */
    public function finish(): void
    {
        foreach (array_keys(array_diff_key($this->values, $this->asked)) as $key) {
            $this->errors->append(
                new InputError(
                    $this->at((string) $key),
                    \sprintf(
                        '“%s” is not known here. Known: %s.',
                        mb_strimwidth((string) $key, 0, 60, '…'),
                        implode(', ', array_keys($this->asked)),
                    ),
                ),
            );
        }
    }

    /** @throws InvalidInput with every error found so far, when one of them is at this reader's place or below */
    public function throwIfFailed(): void
    {
        if ($this->failed()) {
            $this->throwIfInvalid();
        }
    }

    /** @throws InvalidInput with every error found so far, in the order of the reading */
    public function throwIfInvalid(): void
    {
        $errors = array_values($this->errors->getArrayCopy());
        if ([] !== $errors) {
            throw InvalidInput::because($errors);
        }
    }

    /** @return list<mixed> */
    private function elements(string $key, int $max, bool $optional): array
    {
        $found = $this->raw($key, $optional);
        if (null === $found) {
            return [];
        }
        if (!\is_array($found)) {
            $this->fail($key, 'This must be a list, not '.self::describe($found).'.');

            return [];
        }
        if (\count($found) > $max) {
            $this->fail($key, \sprintf('There can be at most %d here, but there are %d.', $max, \count($found)));

            return [];
        }

        return array_values($found);
    }

    private function raw(string $key, bool $optional): mixed
    {
        $this->asked[$key] = true;
        $found = $this->values[$key] ?? null;
        if (null !== $found) {
            return $found;
        }
        if ($this->has($key)) {
            $this->fail($key, 'null is not allowed here; leave the key out where a value is optional.');
        } elseif (!$optional) {
            $this->fail($key, 'This is missing.');
        }

        return null;
    }

    private function at(string $key): string
    {
        return $this->pointer.'/'.strtr($key, ['~' => '~0', '/' => '~1']);
    }

    private static function describe(mixed $value): string
    {
        return match (true) {
            \is_bool($value) => $value ? 'true' : 'false',
            \is_int($value), \is_float($value) => is_finite($value) ? (string) $value : 'a number too large to hold',
            \is_string($value) => '' === $value ? 'an empty text' : 'the text “'.mb_strimwidth(mb_scrub($value), 0, 40, '…').'”',
            null === $value => 'null',
            \is_array($value) => 'a list',
            default => 'an object',
        };
    }
}
