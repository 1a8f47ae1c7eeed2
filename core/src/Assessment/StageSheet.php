<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What one stage shows: its valve, its answer, the data of its drawing, the cautions that stand there, and what can be added. */
final readonly class StageSheet implements Sent
{
    /**
     * @param list<string> $cautions
     * @param list<SentFix> $additions
     */
    public function __construct(
        public string $title,
        public Valve $valve,
        /** What the valve says to those who do not see it. */
        public string $state,
        public Answer $answer,
        public Drawing $drawing,
        #[ListOf('string')]
        public array $cautions,
        #[ListOf(SentFix::class)]
        public array $additions,
    ) {
    }
}
