<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/**
 * One of the few figures that stand at the top of every screen.
 *
 * @phpstan-type GlassValues array{
 *     figureId: string,
 *     stage: string,
 *     label: string,
 *     figure: string,
 *     symbol: string,
 *     beside: string,
 *     severity: string|null,
 *     level: float|null,
 *     mark: float|null,
 *     permanent: bool,
 * }
 */
final readonly class GlassCell implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $figureId,
        /** The stage to which it leads. */
        public string $stage,
        public string $label,
        public string $figure,
        public string $symbol,
        /** What stands behind the symbol. */
        public string $beside,
        /** How it is coloured: by the worst finding that is about it. */
        public ?Severity $severity = null,
        /** Of a gauge, from 0 to 1. */
        public ?float $level = null,
        /** Where the gauge's limit stands, from 0 to 1. */
        public ?float $mark = null,
        /** Whether it is in sight on every stage; others only on the stage to which they lead. */
        public bool $permanent = false,
    ) {
    }

    /** @param GlassValues $values */
    public static function ofValues(array $values): self
    {
        return new self(...['severity' => null === $values['severity'] ? null : Severity::from($values['severity'])] + $values);
    }

    /** @return GlassValues what it is made of again */
    public function values(): array
    {
        return [
            'figureId' => $this->figureId,
            'stage' => $this->stage,
            'label' => $this->label,
            'figure' => $this->figure,
            'symbol' => $this->symbol,
            'beside' => $this->beside,
            'severity' => $this->severity?->value,
            'level' => $this->level,
            'mark' => $this->mark,
            'permanent' => $this->permanent,
        ];
    }
}
