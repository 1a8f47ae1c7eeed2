<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** How the findings of every stage are keyed. */
trait KeyedByPart
{
    public function keyOf(array $subject): string
    {
        return $this->value.($this->isPerPart() ? ' '.implode(' ', $subject) : '');
    }
}
