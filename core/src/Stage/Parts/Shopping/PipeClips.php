<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Line\Tube;

/** What holds a pipe along its way, and how often it has to be held. */
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
        public ?StockFitting $clip,
        /** Of its outside. */
        public float $outerMm,
        public float $spacingM,
    ) {
    }

    /** Null where nobody knows how thick it is. */
    public static function of(Tube $tube, Workings $workings): ?self
    {
        $end = null === $tube->end ? null : PortEnd::read($tube->end)->end;
        if (null === $end) {
            return null;
        }
        $isHose = EndSystem::Hose === $end->system;
        $outerMm = $isHose ? (float) $end->innerMm + self::HOSE_WALLS_MM : $end->outerMm ?? (float) $end->nominal;
        $clip = FittingChoice::in($workings)->forTube(FittingKind::Clip, $outerMm, self::OFF_MM);

        return new self($clip, $outerMm, $isHose ? self::HOSE_SPACING_M : self::PIPE_SPACING_M);
    }

    /** How many a pipe of so many metres needs; one at least. */
    public function count(float $lengthM): float
    {
        return max(1.0, floor($lengthM / $this->spacingM));
    }
}
