<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Plan\Field\Id;

/**
 * The highest number that was ever issued for each kind of part: of “tank-3” and “tank-1” it is 3, also when both are gone. No id is given
 * to another part later, because what was bought, noted and measured for a part names it by its id.
 */
final readonly class IssuedNumbers
{
    public const MOST = 999_999;
    private const NUMBERED = '/^(.+)-(\d{1,6})$/D';

    /** @var array<string, int> by what the ids begin with, in the order of the alphabet */
    public array $highest;

    /** @param array<string, int> $highest */
    public function __construct(array $highest = [])
    {
        ksort($highest, \SORT_STRING);
        $this->highest = $highest;
    }

    public static function read(InputReader $in): self
    {
        $highest = [];
        foreach (array_keys($in->values()) as $kind) {
            $number = $in->number((string) $kind, Range::between(1, self::MOST));
            if (1 !== preg_match('/'.Id::PATTERN.'/D', (string) $kind) || \strlen((string) $kind) > Id::MAX_LENGTH) {
                $in->fail((string) $kind, 'No id can begin like that: use a small letter, then small letters, digits and hyphens, for example “tank”.');
            } elseif (floor($number) !== $number) {
                $in->fail((string) $kind, \sprintf('%s is not a whole number.', $number));
            }
            $highest[(string) $kind] = (int) $number;
        }
        $in->finish();

        return new self($highest);
    }

    /** @param iterable<string> $ids further ones that are or were in use */
    public function with(iterable $ids): self
    {
        $highest = $this->highest;
        foreach ($ids as $id) {
            if (1 === preg_match(self::NUMBERED, $id, $found)) {
                $highest[$found[1]] = max($highest[$found[1]] ?? 1, (int) $found[2]);
            }
        }

        return new self($highest);
    }

    /** For each kind, the higher number of the two. */
    public function and(self $other): self
    {
        $highest = $this->highest;
        foreach ($other->highest as $kind => $number) {
            $highest[$kind] = max($highest[$kind] ?? 1, $number);
        }

        return new self($highest);
    }

    public function of(string $kind): int
    {
        return $this->highest[$kind] ?? 0;
    }
}
