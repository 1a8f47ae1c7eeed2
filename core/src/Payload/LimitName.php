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
    /** A trailer's nose has a least weight too. */
    case LeastNose = 'least_nose';
    case None = 'none';
}
