<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Line\Tube;

/**
 * What holds a pipe along its way and how often, and what keeps it warm.
 *
 * @phpstan-import-type ItemValues from Item
 *
 * @phpstan-type ClipValues array{ItemValues|null, ItemValues|null, float, float}
 */
final readonly class PipeClips
{
    /** A hose sags where it is not held so often; a stiff pipe needs fewer. Rules of thumb, in m. */
    private const HOSE_SPACING_M = 0.35;
    private const PIPE_SPACING_M = 0.6;
    /** A hose is so much thicker outside than inside, both walls together. A rule of thumb. */
    public const HOSE_WALLS_MM = 6.0;
    private const OFF_MM = 1.5;

    private function __construct(
        /** Null where none is made for so thick a pipe. */
        public ?Item $clip,
        /** Its insulation, if it needs any; null where none is made for so thick a pipe. */
        public ?Item $insulation,
        /** Of its outside. */
        public float $outerMm,
        public float $spacingM,
    ) {
    }

    /** Null where nobody knows how thick it is. */
    public static function of(Tube $tube, FittingChoice $choice): ?self
    {
        $end = null === $tube->end ? null : PortEnd::read($tube->end)->end;
        if (null === $end) {
            return null;
        }
        $isHose = EndSystem::Hose === $end->system;
        $outerMm = $isHose ? (float) $end->innerMm + self::HOSE_WALLS_MM : $end->outerMm ?? (float) $end->nominal;
        $clip = $choice->forTube(FittingKind::Clip, $outerMm, self::OFF_MM);
        $insulation = $choice->sleeve(FittingKind::Insulation, $outerMm);

        return new self(
            clip: null === $clip ? null : Item::fitting($clip),
            insulation: null === $insulation ? null : Item::fitting($insulation),
            outerMm: $outerMm,
            spacingM: $isHose ? self::HOSE_SPACING_M : self::PIPE_SPACING_M,
        );
    }

    /** @return ClipValues */
    public function values(): array
    {
        return [$this->clip?->values(), $this->insulation?->values(), $this->outerMm, $this->spacingM];
    }

    /** @param ClipValues $values as values() gave them */
    public static function ofValues(array $values): self
    {
        [$clip, $insulation, $outerMm, $spacingM] = $values;

        return new self(null === $clip ? null : Item::ofValues($clip), null === $insulation ? null : Item::ofValues($insulation), $outerMm, $spacingM);
    }

    /** How many a pipe of so many metres needs; one at least. */
    public function count(float $lengthM): float
    {
        return max(1.0, floor($lengthM / $this->spacingM));
    }
}
