<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Line\SystemType;

/**
 * One system: what it is good for, what it asks for and how it fails, and its chains. A link of a chain is `stock`, `stock#name`,
 * `stock:port` or `#name:port` for one that stands in another chain, or `@fresh:outlet` for a tank of the plan.
 */
final readonly class SystemPage
{
    /**
     * @param list<list<string>> $chains
     * @param list<string> $loose parts that join nothing
     */
    private function __construct(
        public SystemType $system,
        public string $goodFor,
        public string $care,
        public string $fails,
        public array $chains,
        public string $pipe,
        /** Up to the pump. */
        public string $suction,
        public array $loose,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $page = new self(
            system: $in->choice('system', SystemType::cases()),
            goodFor: $in->text('good_for', 300),
            care: $in->text('care', 300),
            fails: $in->text('fails', 300),
            chains: array_map(static fn (string $chain): array => explode(' ', $chain), $in->texts('chains', 40)),
            pipe: $in->text('pipe', Id::MAX_LENGTH),
            suction: $in->text('suction', Id::MAX_LENGTH),
            loose: $in->has('loose') ? $in->texts('loose', 10) : [],
        );
        $in->finish();

        return $page;
    }
}
