<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A length with what is cut from it. */
final readonly class CutBar implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** @param list<CutPiece> $pieces */
    public function __construct(
        #[ListOf(CutPiece::class)]
        public array $pieces,
        public float $offcutMm,
        public string $offcut,
        /** Whether the workshop has it already. */
        public bool $inWorkshop,
    ) {
    }
}
