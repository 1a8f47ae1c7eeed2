<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

/** What is recorded in use. */
enum RecordKind: string
{
    /** What somebody saw or wants to remember, with a photograph or without. */
    case Note = 'note';
    /** What was bought of an item of the shopping list, and for how much. */
    case Purchase = 'purchase';
    /** How long a pipe was cut. */
    case Cut = 'cut';
    /** What the workshop has of a sort of pipe. */
    case Offcuts = 'offcuts';
}
