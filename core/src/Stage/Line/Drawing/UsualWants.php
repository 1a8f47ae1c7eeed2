<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Say;
use YardCask\Core\Plan\Line\PartKind;

/** What people usually want of an outlet, and why: what the catalogue's outlets begin with. */
final class UsualWants
{
    /** @return string empty for what is no outlet */
    public static function words(PartKind $kind, Say $say): string
    {
        $range = static fn (float $least, float $most): string => $say->flow($least).' to '.$say->flow($most);

        return match ($kind) {
            PartKind::Tap, PartKind::SwitchedTap => \sprintf('%s rinse hands over a basin, %s fill a pot before patience ends; more only splashes.', $range(2, 4), $range(3, 6)),
            PartKind::MixerTap => \sprintf('%s fill a pot before patience ends; more only splashes.', $range(3, 6)),
            PartKind::Shower => \sprintf('%s, mixed: less rinses no hair, more is gone within minutes.', $range(4, 8)),
            PartKind::OutsidePoint => \sprintf('%s rinse boots, a board or a dog.', $range(4, 8)),
            PartKind::Washer => \sprintf('%s at %s or more, at which its own valve opens.', $range(6, 10), $say->pressure(30)),
            default => '',
        };
    }
}
