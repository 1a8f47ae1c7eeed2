<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

/** What can be done to a line. */
enum LineEditKind: string
{
    /** Puts a part into a pipe. */
    case Into = 'into';
    /** Branches a part off a pipe. */
    case Branch = 'branch';
    /** Puts a part behind a port. */
    case After = 'after';
    case TakeOut = 'take_out';
    case Turn = 'turn';
    /** Puts another make in a part's place. */
    case Swap = 'swap';
    /** Moves a part into another pipe. */
    case Move = 'move';
    /** Joins two ports. */
    case Join = 'join';
    /** Changes of what a pipe is. */
    case Hose = 'hose';
    case TakePipe = 'take_pipe';
}
