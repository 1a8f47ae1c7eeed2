<?php

declare(strict_types=1);

namespace YardCask\Core\Arithmetic;

/** What a term of an expression is. The operators bind as tightly as their rank says. */
enum TermKind: string
{
    case Number = 'number';
    case Symbol = 'symbol';
    case Call = 'call';
    case Plus = '+';
    case Minus = '-';
    case Times = '*';
    case Over = '/';
    case Negative = 'negative';
    case Power = '**';

    /** Whether it stands between two terms. */
    public function isOperator(): bool
    {
        return \in_array($this, [self::Plus, self::Minus, self::Times, self::Over, self::Power], true);
    }

    /** The higher, the tighter. */
    public function rank(): int
    {
        return match ($this) {
            self::Plus, self::Minus => 1,
            self::Times, self::Over => 2,
            self::Negative => 3,
            self::Power => 4,
            default => 5,
        };
    }
}
