<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** The line from tank to every tap: parts, and the pipes between their ports. */
final readonly class LinePlan implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_PARTS = 80;
    public const MOST_PIPES = 120;

    /**
     * @param list<PlannedPart> $parts
     * @param list<PlannedPipe> $pipes
     */
    public function __construct(
        #[Parts(PlannedPart::class, self::MOST_PARTS)]
        public array $parts,
        #[Parts(PlannedPipe::class, self::MOST_PIPES)]
        public array $pipes,
        /** From which the line began. */
        #[Choice('System type')]
        public ?SystemType $system = null,
    ) {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /** @return list<PlannedPart> */
    public function outlets(): array
    {
        return array_values(array_filter($this->parts, static fn (PlannedPart $part): bool => $part->kind->isOutlet()));
    }

    public function part(string $id): ?PlannedPart
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        return null;
    }
}
