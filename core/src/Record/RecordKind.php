<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

/** What is recorded in use. */
enum RecordKind: string
{
    /** What somebody saw or wants to remember, with a photograph or without. */
    case Note = 'note';
}
