<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What has to be said of an end: a choice, a length or a text. */
final readonly class EndField implements Sent
{
    /** @param list<EndOption> $options of a choice; none of a length or a text */
    private function __construct(
        public string $key,
        public string $label,
        /** What can be typed; empty for a choice. */
        public string $example,
        #[ListOf(EndOption::class)]
        public array $options,
    ) {
    }

    public static function length(string $key, string $label): self
    {
        return new self($key, $label, '13.4 or 1/2 in', []);
    }

    public static function text(string $key, string $label): self
    {
        return new self($key, $label, 'a name', []);
    }

    /** @param list<EndOption> $options */
    public static function choice(string $key, string $label, array $options): self
    {
        return new self($key, $label, '', $options);
    }
}
