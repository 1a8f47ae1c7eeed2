<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Request;
use YardCask\Core\Record\Records;
use YardCask\Server\Storage\RecordStore;

/** What was recorded of the stored plan that a request names with “recorded”. */
final readonly class AskedRecords
{
    public function __construct(private RecordStore $records)
    {
    }

    /** Null where it names none. */
    public function of(Request $request): ?Records
    {
        $plan = $request->query->all()['recorded'] ?? null;

        return \is_string($plan) ? $this->records->forFindings($plan) : null;
    }
}
