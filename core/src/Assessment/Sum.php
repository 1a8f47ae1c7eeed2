<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** The sum behind a figure, for anybody to work out again: the expression, what went into it, and where it comes from. */
final readonly class Sum implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** @param list<SumInput> $inputs */
    public function __construct(
        /** In ASCII, over the symbols of the inputs. */
        public string $expression,
        /** The same as people write it. */
        public string $formula,
        #[ListOf(SumInput::class)]
        public array $inputs,
        public string $source,
        /** A remark on it, if there is one. */
        public ?string $note,
        /** In which units it is worked out, where the plan is written in others. */
        public ?string $units,
    ) {
    }
}
