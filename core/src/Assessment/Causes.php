<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Which findings of a plan come of which others. */
final readonly class Causes
{
    /** @param array<string, string> $roots the key of its first cause by the key of each finding that comes of another */
    private function __construct(private array $roots)
    {
    }

    /** @param list<Finding> $findings of a plan */
    public static function among(array $findings): self
    {
        $found = [];
        foreach ($findings as $finding) {
            $found[$finding->key()] = $finding;
        }
        $roots = [];
        foreach (array_keys($found) as $key) {
            $root = self::root($key, $found);
            if ($root !== $key) {
                $roots[$key] = $root;
            }
        }

        return new self($roots);
    }

    /** The key of the finding from which this one comes in the end; null where it stands by itself. */
    public function of(Finding $finding): ?string
    {
        return $this->roots[$finding->key()] ?? null;
    }

    /** @param array<string, Finding> $found by key */
    private static function root(string $key, array $found): string
    {
        $passed = [];
        while (!isset($passed[$key])) {
            $passed[$key] = true;
            $cause = array_values(array_filter($found[$key]->causes, static fn (string $one): bool => isset($found[$one])))[0] ?? null;
            if (null === $cause) {
                return $key;
            }
            $key = $cause;
        }

        // Two that name each other are one cause: the one whose key comes first.
        return min(array_keys($passed));
    }
}
