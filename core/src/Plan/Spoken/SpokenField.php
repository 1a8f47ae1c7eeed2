<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Spoken;

/** A field of a plan in words. */
final readonly class SpokenField
{
    /**
     * @param string $what what it is, with the name of its part: “Tail tank, height”
     * @param float|string $value by which a change is known
     * @param string $text the value as it reads
     */
    public function __construct(
        public string $what,
        public float|string $value,
        public string $text,
        private bool $isName = false,
    ) {
    }

    /** The change of one field between two states of a plan; null if it did not change. */
    public static function change(?self $before, ?self $after): ?string
    {
        return match (true) {
            $before?->value === $after?->value => null,
            null !== $before && null !== $after && $after->isName => \sprintf('%s is now called %s', $before->text, $after->text),
            null !== $after => \sprintf('%s: %s → %s', $after->what, $before->text ?? 'nothing', $after->text),
            null !== $before => \sprintf('%s: %s → nothing', $before->what, $before->text),
            default => null,
        };
    }
}
