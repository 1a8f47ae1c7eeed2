<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\FindingText;

/** Something that is wrong with a plan or worth knowing about it. */
final readonly class Finding
{
    /**
     * @param list<string> $subject ids of the parts it is about
     * @param FindingText $text its title and its reason, written when it is sent
     * @param \Closure(): list<Fix> $proposals changes that may clear it; each is tried before it is offered
     * @param list<string> $causes keys of findings; where the plan has one of them, this one comes of the first of those
     */
    public function __construct(
        public FindingCode $code,
        public array $subject,
        public Measure $measure,
        public FindingText $text,
        public \Closure $proposals,
        public ?LookAt $lookAt = null,
        public array $causes = [],
    ) {
    }

    /** What makes two findings of two plans the same: the code and, where each part has its own, the parts. */
    public function key(): string
    {
        return $this->code->keyOf($this->subject);
    }

    /** Whether it is more than worth knowing, and certain. */
    public function isGrave(): bool
    {
        return Severity::Watch !== $this->code->severity() && !$this->code->isDoubt();
    }

    /** The name of the stage that it belongs to. */
    public function stage(): string
    {
        return explode('.', (string) $this->code->value)[0];
    }
}
