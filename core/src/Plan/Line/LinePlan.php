<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;

/** The line from tank to every tap: parts, and the pipes between their ports. */
final readonly class LinePlan implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_PARTS = 80;
    public const MOST_PIPES = 120;
    public const MOST_SUBSTITUTES = 60;

    private const LONGEST_CURRENCY = 12;

    /**
     * @param list<PlannedPart> $parts
     * @param list<PlannedPipe> $pipes
     * @param list<PlannedSubstitute>|null $substitutes
     */
    public function __construct(
        #[Parts(PlannedPart::class, self::MOST_PARTS)]
        public array $parts,
        #[Parts(PlannedPipe::class, self::MOST_PIPES)]
        public array $pipes,
        /** From which the line began. */
        #[Choice('System type')]
        public ?SystemType $system = null,
        /** Of hoses on barbs, where nothing else is said of a joint; null where each is joined as such hoses usually are. */
        #[Choice('Hoses are held by', [JoiningMethod::Clamp, JoiningMethod::Crimp])]
        public ?JoiningMethod $joining = null,
        /** As the user writes it behind his prices: “EUR”, “£”; null while he has not said it. */
        #[Text('the currency of your prices', self::LONGEST_CURRENCY)]
        public ?string $currency = null,
        /** Clamps, clips and the like that were bought in the place of others; null where there are none. */
        #[Parts(PlannedSubstitute::class, self::MOST_SUBSTITUTES)]
        public ?array $substitutes = null,
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
