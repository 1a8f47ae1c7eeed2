<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** A tank that stays in the rig, or a can that is carried to a tap. */
enum TankForm: string
{
    case Fixed = 'fixed';
    case Can = 'can';
}
