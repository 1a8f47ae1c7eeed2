<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use YardCask\Server\Entity\RevisionOrigin;

/**
 * Some of a plan's revisions, the latest first, without their documents.
 *
 * @phpstan-type Row array{number: int, savedAt: \DateTimeImmutable, origin: RevisionOrigin, changed: string, name: string|null, device: string|null}
 */
final readonly class RevisionPage
{
    public const LENGTH = 50;

    /**
     * @param list<array{number: int, saved_at: string, origin: RevisionOrigin, what: string, device: string|null, name?: string}> $revisions
     * @param int|null $before where the next page begins: before this number; null when this is the last
     */
    private function __construct(
        public array $revisions,
        public ?int $before,
    ) {
    }

    /** @param list<Row> $rows one more than a page, when there are more */
    public static function of(array $rows): self
    {
        $page = \array_slice($rows, 0, self::LENGTH);
        $last = end($page);

        return new self(
            array_map(
                static fn (array $row): array => [
                    'number' => $row['number'],
                    'saved_at' => $row['savedAt']->format(\DATE_ATOM),
                    'origin' => $row['origin'],
                    'what' => $row['origin']->inWords($row['changed']),
                    'device' => $row['device'],
                ] + (null === $row['name'] ? [] : ['name' => $row['name']]),
                $page,
            ),
            \count($rows) > self::LENGTH && false !== $last ? $last['number'] : null,
        );
    }
}
