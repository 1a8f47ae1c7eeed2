<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The limits that water can run into. */
enum LimitName: string
{
    case Gross = 'gross';
    case Front = 'front';
    case Rear = 'rear';
    case Nose = 'nose';
    case Axle = 'axle';
    case None = 'none';
}
