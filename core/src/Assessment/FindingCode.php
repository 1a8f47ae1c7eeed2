<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** A kind of finding: each stage has an enum of its own, whose values begin with the stage's name and a point. docs/findings.md is generated from them. */
interface FindingCode extends \BackedEnum
{
    public function severity(): Severity;

    /**
     * The key of a finding: its code and, where each part has its own, the parts.
     *
     * @param list<string> $subject ids of the parts it is about
     */
    public function keyOf(array $subject): string;

    /** Whether a plan can have several of these, each about parts of its own. */
    public function isPerPart(): bool;

    /** Whether it is only a doubt, about something that nobody has measured: what is certain may be traded for it. */
    public function isDoubt(): bool;

    /** Whether it is about something that cannot be: no fix may bring it about. */
    public function isImpossible(): bool;
}
