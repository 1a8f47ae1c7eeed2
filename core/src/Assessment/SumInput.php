<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** One number that went into a sum: another figure, a field of the plan, or a constant. */
final readonly class SumInput implements \JsonSerializable
{
    private function __construct(
        public string $label,
        public string $text,
        private ?string $figure,
        private ?string $pointer,
    ) {
    }

    public static function figure(Figure $figure): self
    {
        return new self($figure->label, $figure->text, $figure->id, null);
    }

    public static function field(string $label, string $text, string $pointer): self
    {
        return new self($label, $text, null, $pointer);
    }

    public static function constant(string $label, string $text): self
    {
        return new self($label, $text, null, null);
    }

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return ['label' => $this->label, 'text' => $this->text]
            + (null === $this->figure ? [] : ['figure' => $this->figure])
            + (null === $this->pointer ? [] : ['pointer' => $this->pointer]);
    }
}
