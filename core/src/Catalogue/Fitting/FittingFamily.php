<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

/** Which figures a fitting has. */
enum FittingFamily: string
{
    case Adapter = 'adapter';
    case TankFitting = 'tank_fitting';
    case Hose = 'hose';
    case Band = 'band';
    case TubeClip = 'tube_clip';
    case Sealant = 'sealant';
    case Sleeve = 'sleeve';
    case Cable = 'cable';
    case Fuse = 'fuse';
    case Fixing = 'fixing';
    case Cover = 'cover';
    case Spare = 'spare';
    case Tool = 'tool';
}
