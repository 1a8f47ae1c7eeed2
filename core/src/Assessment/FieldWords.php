<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** What is said beside a measured field, the same for many fields of a plan. */
final readonly class FieldWords implements Sent
{
    public function __construct(
        public string $label,
        public string $symbol,
        /** The heading under which it stands; empty where its part has none. */
        public string $group,
        public bool $optional,
        /** The stage on which it is edited. */
        public string $stage,
    ) {
    }
}
