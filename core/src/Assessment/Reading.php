<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** A measured field as it stands in its input. */
final readonly class Reading implements Sent
{
    public function __construct(
        /** Empty where the plan holds no value. */
        public string $text,
        /** Which of the words for fields are said beside it. */
        public int $field,
    ) {
    }
}
