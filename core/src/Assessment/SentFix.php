<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Words\Phrase;
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

    /** @param list<Finding> $worse what the change brings or makes worse */
    public static function proven(Fix $fix, array $worse, Wording $wording): self
    {
        $titles = array_map(static fn (Finding $one): string => $wording->lowered($one->text->title()), $worse);

        return new self(
            $wording->phrase($fix->label),
            $fix->patch,
            [] === $titles ? null : $wording->phrase(new Phrase('frame.cost', ['snags' => implode('; ', $titles)])),
        );
    }
}
