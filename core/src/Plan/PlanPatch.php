<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** A JSON Patch (RFC 6902) on a plan, of the operations replace, add of a key or at the end of a list, and remove. */
final readonly class PlanPatch implements \JsonSerializable
{
    /** @param list<array{op: 'replace'|'add'|'remove', path: string, value?: mixed}> $operations */
    private function __construct(private array $operations)
    {
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

    /** Appends to the list at $path. */
    public static function append(string $path, mixed $value): self
    {
        return new self([['op' => 'add', 'path' => $path.'/-', 'value' => self::plain($value)]]);
    }

    public static function remove(string $path): self
    {
        return new self([['op' => 'remove', 'path' => $path]]);
    }

    public function and(self $next): self
    {
        return new self([...$this->operations, ...$next->operations]);
    }

    /** @throws InvalidInput when the patched document is no valid plan */
    public function applyTo(Plan $plan): Plan
    {
        $document = new \stdClass();
        foreach ($this->operations as $operation) {
            $document->{explode('/', $operation['path'])[1]} = null;
        }
        foreach (array_keys(get_object_vars($document)) as $section) {
            $document->{$section} = $plan->section($section);
        }
        foreach ($this->operations as $operation) {
            $document = self::change($document, \array_slice(explode('/', $operation['path']), 1), $operation['op'], $operation['value'] ?? null);
        }

        return $plan->withSections($document instanceof \stdClass ? $document : new \stdClass());
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return $this->operations;
    }

    /** A value as it stands in a decoded document. */
    private static function plain(mixed $value): mixed
    {
        return \is_object($value) ? Json::decode(Json::encode($value)) : $value;
    }

    /**
     * @param list<string> $path
     *
     * @return mixed the node with the change made below it
     */
    private static function change(mixed $node, array $path, string $op, mixed $value): mixed
    {
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
