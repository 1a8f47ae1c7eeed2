<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Output\HasSchema;
use YardCask\Core\Output\Schema;

/** A JSON Patch (RFC 6902) on a plan, of the operations replace, add of a key or at the end of a list, remove, and test of an id. */
final readonly class PlanPatch implements HasSchema
{
    /** @param list<array{op: 'replace'|'add'|'remove'|'test', path: string, value?: mixed}> $operations */
    private function __construct(private array $operations)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function replace(string $path, mixed $value): self
    {
        return new self([['op' => 'replace', 'path' => $path, 'value' => self::plain($value)]]);
    }

    /** Sets a key that is not there yet. */
    public static function add(string $path, mixed $value): self
    {
        return new self([['op' => 'add', 'path' => $path, 'value' => self::plain($value)]]);
    }

    public static function set(string $path, mixed $value, bool $isThere): self
    {
        return $isThere ? self::replace($path, $value) : self::add($path, $value);
    }

    /** Appends to the list at $path. */
    public static function append(string $path, mixed $value): self
    {
        return new self([['op' => 'add', 'path' => $path.'/-', 'value' => self::plain($value)]]);
    }

    public static function remove(string $path): self
    {
        return new self([['op' => 'remove', 'path' => $path]]);
    }

    public function isNone(): bool
    {
        return [] === $this->operations;
    }

    public function and(self $next): self
    {
        return new self([...$this->operations, ...$next->operations]);
    }

    /** @param list<self> $patches */
    public static function all(array $patches): self
    {
        return new self(array_merge(...array_map(static fn (self $patch): array => $patch->operations, $patches)));
    }

    /** The same patch, with a test of the id before each change of a part in a list. */
    public function withTests(Plan|PlanDocument $on): self
    {
        $document = $this->sectionsOf($on);
        $operations = [];
        $tested = [];
        foreach ($this->operations as $operation) {
            if (1 === preg_match('#^((?:/[a-z_]+)+/\d+)(?:/|$)#', $operation['path'], $match) && !isset($tested[$match[1]])) {
                $id = self::valueAt($document, \array_slice(explode('/', $match[1].'/id'), 1));
                if (\is_string($id)) {
                    $operations[] = ['op' => 'test', 'path' => $match[1].'/id', 'value' => $id];
                    $tested[$match[1]] = true;
                }
            }
            $operations[] = $operation;
            if ('remove' === $operation['op']) {
                // What stood behind has moved up.
                $tested = [];
            }
            $document = self::change($document, \array_slice(explode('/', $operation['path']), 1), $operation['op'], $operation['value'] ?? null);
        }

        return new self($operations);
    }

    /** @throws InvalidInput when the patched document is no valid plan, or a test fails */
    public function applyTo(Plan|PlanDocument $on): Plan
    {
        $document = $this->sectionsOf($on);
        foreach ($this->operations as $operation) {
            $path = \array_slice(explode('/', $operation['path']), 1);
            if ('test' === $operation['op']) {
                if (self::valueAt($document, $path) !== ($operation['value'] ?? null)) {
                    throw InvalidInput::at($operation['path'], 'Another part is here by now.');
                }
                continue;
            }
            $document = self::change($document, $path, $operation['op'], $operation['value'] ?? null);
        }

        $plan = $on instanceof Plan ? $on : $on->plan;

        return $plan->withSections($document instanceof \stdClass ? $document : new \stdClass());
    }

    public static function schema(): array
    {
        $operation = ['op' => ['enum' => ['test', 'replace', 'add', 'remove']], 'path' => ['type' => 'string'], 'value' => (object) []];

        return Schema::listOf(Schema::object($operation, ['op', 'path']));
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return $this->operations;
    }

    private function sectionsOf(Plan|PlanDocument $on): mixed
    {
        $document = new \stdClass();
        foreach ($this->operations as $operation) {
            $section = explode('/', $operation['path'])[1];
            $document->{$section} ??= $on->section($section);
        }

        return $document;
    }

    /** A value as it stands in a decoded document. */
    private static function plain(mixed $value): mixed
    {
        return \is_object($value) || \is_array($value) ? Json::decode(Json::encode($value)) : $value;
    }

    /** @param list<string> $path */
    private static function valueAt(mixed $node, array $path): mixed
    {
        foreach ($path as $key) {
            $node = $node instanceof \stdClass ? $node->{$key} ?? null : (\is_array($node) ? $node[(int) $key] ?? null : null);
        }

        return $node;
    }

    /**
     * @param list<string> $path
     *
     * @return mixed the node with the change made below it
     */
    private static function change(mixed $node, array $path, string $op, mixed $value): mixed
    {
        if ('test' === $op) {
            return $node;
        }
        $key = array_shift($path);
        $children = $node instanceof \stdClass ? get_object_vars($node) : (\is_array($node) ? $node : []);
        if ([] !== $path) {
            $children[$key] = self::change($children[$key] ?? null, $path, $op, $value);
        } elseif ('-' === $key) {
            $children[] = $value;
        } elseif ('remove' === $op) {
            unset($children[$key]);
        } else {
            $children[$key] = $value;
        }

        return $node instanceof \stdClass ? (object) $children : array_values($children);
    }
}
