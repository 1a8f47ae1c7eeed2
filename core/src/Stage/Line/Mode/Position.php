<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Words\Phrase;

/** How a valve of the line is turned. */
enum Position: string
{
    case Open = 'open';
    case Shut = 'shut';
    case Left = 'left';
    case Right = 'right';

    /** @return list<self> how a part can be turned; none where nothing turns */
    public static function of(PartKind $kind): array
    {
        return match ($kind) {
            PartKind::ShutOff => [self::Open, self::Shut],
            PartKind::ThreeWayValve => [self::Left, self::Right],
            PartKind::DrainValve, PartKind::BlowOutPort => [self::Shut, self::Open],
            default => [],
        };
    }

    /** “open”, “to the left”. */
    public function phrase(): Phrase
    {
        return new Phrase('line.position', ['position' => $this]);
    }
}
