<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Words\Wording;

/** How many findings there are: the worst ones counted, the rest in words. */
final readonly class SnagCount implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private function __construct(
        public string $figure,
        public string $words,
        public ?Severity $severity,
        /** Where the first of them stands; none when there are none. */
        public ?string $stage,
    ) {
    }

    /** @param list<SentFinding> $findings worst first */
    public static function of(array $findings, Wording $wording): self
    {
        $counts = array_count_values(array_map(static fn (SentFinding $one): string => $one->severity->value, $findings));
        [$stops, $fixes, $watches] = array_map(static fn (Severity $one): int => $counts[$one->value] ?? 0, Severity::cases());
        [$worst, $words] = match (true) {
            $stops > 0 => [$stops, $wording->text('frame.snags.stop', ['worst' => $stops, 'others' => $fixes])],
            $fixes > 0 => [$fixes, $wording->text('frame.snags.fix', ['others' => $watches])],
            default => [$watches, $wording->text('frame.snags.watch')],
        };
        $first = $findings[0] ?? null;

        return new self((string) $worst, $words, $first?->severity, $first?->stage);
    }
}
