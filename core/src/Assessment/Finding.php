<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Something that is wrong with a plan or worth knowing about it. */
final readonly class Finding
{
    /**
     * @param list<string> $subject ids of the parts it is about
     * @param \Closure(): list<Fix> $proposals changes that may clear it; each is tried before it is offered
     * @param string|null $lookAt pointer of the field to go to, when the cure is to be typed there
     */
    public function __construct(
        public FindingCode $code,
        public array $subject,
        public Measure $measure,
        public string $title,
        public string $why,
        public \Closure $proposals,
        public ?string $lookAt = null,
    ) {
    }

    /** What makes two findings of two plans the same: the code and, where each part has its own, the parts. */
    public function key(): string
    {
        return $this->code->value.($this->code->isPerPart() ? ' '.implode(' ', $this->subject) : '');
    }

    /**
     * @param list<Fix> $fixes those of the proposals that were tried and hold
     *
     * @return array<string, mixed>
     */
    public function toJson(array $fixes): array
    {
        return [
            'code' => $this->code, 'severity' => $this->code->severity(), 'stage' => $this->code->stage(),
            'subject' => $this->subject, 'measure' => $this->measure, 'title' => $this->title, 'why' => $this->why, 'fixes' => $fixes,
        ] + (null === $this->lookAt ? [] : ['look_at' => $this->lookAt]);
    }
}
