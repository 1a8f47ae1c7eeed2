<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** How bad a finding is, worst first. */
enum Severity: string
{
    /** Can hurt someone or break something. */
    case Stop = 'stop';
    /** Will not work. */
    case Fix = 'fix';
    /** Worth knowing. */
    case Watch = 'watch';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
