<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Quantity\UnitPreferences;

/** Reads parts of a plan by what their classes declare. Every error is collected by the input reader. */
final class PartReader
{
    /** @var array<string, string> id => pointer of its first use */
    private array $ids = [];
    /** @var array<int, non-empty-list<Tag>> the tags of the classes of each Variants, in their order, by its object id */
    private array $tags = [];

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function read(string $class, InputReader $in): object
    {
        $tag = PartFields::tag($class);
        if (null !== $tag) {
            $in->choice($tag->key, [$tag->value]);
        }
        $part = $this->fields($class, $in, '');
        $in->finish();
        self::checkEitherOr($class, $in);
        if ($part instanceof Checked && !$in->failed()) {
            $part->check($in);
        }

        return $part;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    public function readAll(string $class, string $key, int $most, InputReader $in, int $least = 0): array
    {
        $parts = [];
        $names = [];
        foreach ($in->objects($key, $most) as $one) {
            $parts[] = $part = $this->read($class, $one);
            $name = \is_string($part->name ?? null) ? $part->name : '';
            if ('' !== $name && \in_array($name, $names, true)) {
                $one->fail(
                    'name',
                    \sprintf('There is already one called “%s”. Give this one its own name, for example “%s”.', $name, FreeName::of($name, $names)),
                );
            }
            $names[] = $name;
        }
        if (\count($parts) < $least) {
            $in->fail($key, \sprintf('There must be at least %d here, but there %s.', $least, 1 === \count($parts) ? 'is 1' : 'are '.\count($parts)));
        }

        return $parts;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function fields(string $class, InputReader $in, string $prefix): object
    {
        $values = [];
        foreach (PartFields::of($class) as $field) {
            $key = $prefix.$field->key;
            $values[] = $field->optional && !$in->has($key) ? null : $this->value($field, $key, $in, $prefix);
        }

        return new $class(...$values);
    }

    private function value(DeclaredField $field, string $key, InputReader $in, string $prefix): mixed
    {
        $is = $field->is;

        return match (true) {
            $is instanceof Measured => $in->number($key, $is->range),
            $is instanceof Text => $in->text($key, $is->maxLength),
            $is instanceof Id => $this->id($key, $in),
            $is instanceof Choice => $in->choice($key, $field->cases()),
            $is instanceof YesNo => $in->boolean($key),
            $is instanceof Part => $this->read($field->partClass(), $in->object($key)),
            $is instanceof Parts => $this->readAll($is->class, $key, $is->most, $in, $is->least),
            $is instanceof Inline => $this->fields($field->partClass(), $in, $prefix.$is->prefix),
            $is instanceof Variants => $this->variant($is, $in->object($key)),
            $is instanceof Units => self::units($in->object($key)),
            $is instanceof Issued => IssuedNumbers::read($in->object($key)),
            default => throw new \LogicException($is::class.' cannot be read.'),
        };
    }

    private function variant(Variants $variants, InputReader $in): object
    {
        $tags = $this->tags[spl_object_id($variants)] ??= array_map(
            static fn (string $class): Tag => PartFields::tag($class) ?? throw new \LogicException($class.' has no tag.'),
            $variants->classes,
        );
        $values = array_column($tags, 'value');
        $found = $in->choice($tags[0]->key, $values);
        // Which fields belong here depends on the tag.
        $in->throwIfFailed();

        return $this->read($variants->classes[(int) array_search($found, $values, true)], $in);
    }

    private static function units(InputReader $in): UnitPreferences
    {
        $units = UnitPreferences::read($in);
        $in->finish();

        return $units;
    }

    private function id(string $key, InputReader $in): string
    {
        $id = $in->text($key, Id::MAX_LENGTH);
        if ('' !== $id && 1 !== preg_match('/'.Id::PATTERN.'/D', $id)) {
            $in->fail($key, 'An id is a small letter followed by small letters, digits and hyphens, for example “tank-1”.');
        } elseif (isset($this->ids[$id])) {
            $in->fail($key, \sprintf('The id “%s” is used twice; it is first used at %s.', $id, $this->ids[$id]));
        } elseif ('' !== $id) {
            $this->ids[$id] = $in->pointer;
        }

        return $id;
    }

    /** @param class-string $class */
    private static function checkEitherOr(string $class, InputReader $in): void
    {
        foreach (PartFields::eitherOr($class) as $rule) {
            [$either, $or] = [self::missing($rule->either, $in), self::missing($rule->or, $in)];
            $hasEither = \count($either) < \count($rule->either);
            $hasOr = \count($or) < \count($rule->or);
            if ($hasEither && $hasOr) {
                $in->fail($rule->either[0], \sprintf('Give %s, or %s, not both.', implode(' with ', $rule->either), implode(' with ', $rule->or)));
                continue;
            }
            foreach ($hasOr ? $or : $either as $key) {
                $in->fail($key, 'This is missing.');
            }
        }
    }

    /**
     * @param non-empty-list<string> $keys
     *
     * @return list<string>
     */
    private static function missing(array $keys, InputReader $in): array
    {
        return array_values(array_filter($keys, static fn (string $key): bool => !$in->has($key)));
    }
}
