<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** How bad a finding is, worst first: findings are shown in this order. */
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

    /** The key of its name. */
    public function word(): string
    {
        return match ($this) {
            self::Stop => 'frame.severity.stop',
            self::Fix => 'frame.severity.fix',
            self::Watch => 'frame.severity.watch',
        };
    }

    /** @param list<Finding> $findings */
    public static function worstOf(array $findings, string ...$prefixes): ?self
    {
        $worst = null;
        foreach ($findings as $finding) {
            foreach ($prefixes as $prefix) {
                $severity = $finding->code->severity();
                if (
                    self::Watch !== $severity
                    && str_starts_with((string) $finding->code->value, $prefix)
                    && (null === $worst || $severity->rank() < $worst->rank())
                ) {
                    $worst = $severity;
                }
            }
        }

        return $worst;
    }
}
