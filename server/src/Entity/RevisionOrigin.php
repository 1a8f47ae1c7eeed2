<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

/** How a revision came about. */
enum RevisionOrigin: string
{
    case Begun = 'begun';
    case Edit = 'edit';
    case Import = 'import';
    case Copy = 'copy';
    case Restore = 'restore';

    /** @param string $changed against the revision before, in words */
    public function inWords(string $changed): string
    {
        $how = match ($this) {
            self::Begun => 'New',
            self::Edit => '' === $changed ? 'Saved' : '',
            self::Import => 'Imported from a file',
            self::Copy => 'Duplicated',
            self::Restore => 'Restored from an earlier revision',
        };

        return implode('. ', array_filter([$how, $changed], static fn (string $part): bool => '' !== $part));
    }
}
