<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What a stage has on paper beside its answer and its snags. */
final readonly class BookPage implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<Figure> $figures
     * @param list<string> $toMeasure
     */
    public function __construct(
        public string $stage,
        /** Whole. */
        public Drawing $drawing,
        /** Every figure that is worked out there. */
        #[ListOf(Figure::class)]
        public array $figures,
        /** What is still guessed there, most significant first. */
        #[ListOf('string')]
        public array $toMeasure,
    ) {
    }
}
