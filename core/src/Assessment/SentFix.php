<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Words\Wording;

/** A change of the plan as it is offered: its label, the patch that the app can apply, and what it makes worse. */
final readonly class SentFix implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private function __construct(
        public string $label,
        public PlanPatch $patch,
        public ?string $cost = null,
    ) {
    }

    public static function of(Fix $fix, Wording $wording): self
    {
        return new self($wording->phrase($fix->label), $fix->patch);
    }

    /**
     * @param list<Fix> $fixes
     *
     * @return list<self>
     */
    public static function all(array $fixes, Wording $wording): array
    {
        return array_map(static fn (Fix $fix): self => self::of($fix, $wording), $fixes);
    }

    public static function proven(Fix $fix, TriedFix $tried, Wording $wording): self
    {
        $all = [self::cost('frame.cost', $tried->brought, $wording), self::cost('frame.cost.worse', $tried->worsened, $wording)];
        $costs = array_filter($all, is_string(...));

        return new self($wording->phrase($fix->label), $fix->patch, [] === $costs ? null : implode(' ', $costs));
    }

    /** @param list<Finding> $findings */
    private static function cost(string $key, array $findings, Wording $wording): ?string
    {
        $titles = array_map(static fn (Finding $one): string => $one->text->loweredTitle($wording), $findings);

        return [] === $titles ? null : $wording->text($key, ['snags' => implode('; ', $titles)]);
    }
}
