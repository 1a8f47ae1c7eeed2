<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Bays;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Plan\Rig\PlannedRig;

/** The side wall that a place across the rig is taped from. */
enum AcrossDatum: string implements NamedChoice
{
    case LeftWall = 'left_wall';
    case RightWall = 'right_wall';

    public function word(): string
    {
        return self::LeftWall === $this ? 'left wall' : 'right wall';
    }

    /** The left edge of something, in m right of the centreline, from its width and the tape's reading to its near side. */
    public function fromM(float $tapedM, float $widthM, PlannedRig $rig): float
    {
        $wallM = $rig->sizes()->widthM / 2;

        return self::LeftWall === $this ? $tapedM - $wallM : $wallM - $tapedM - $widthM;
    }

    /** The other way about: what is taped to the near side of something that begins there. */
    public function tapedM(float $fromM, float $widthM, PlannedRig $rig): float
    {
        $wallM = $rig->sizes()->widthM / 2;

        return self::LeftWall === $this ? $fromM + $wallM : $wallM - $fromM - $widthM;
    }
}
