<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Drawing;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\SentAsDeclared;

/** What the Line stage draws: the schematic, what flows in it in each scene, its modes and its highest pressures. */
final readonly class LineDrawing implements Drawing, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<LineElement> $elements
     * @param list<PipeSketch> $pipes
     * @param list<int> $lanes
     * @param list<LineScene> $scenes
     * @param list<OutletCard> $outlets
     * @param list<FilterCard> $filters
     * @param list<ModeCard> $modes
     * @param list<PeakRow> $peaks
     * @param list<string> $toMeasure
     * @param list<FreePort> $freePorts
     * @param list<PlacedPart> $places
     * @param list<GravityChart> $gravity
     * @param list<string> $byHand
     */
    public function __construct(
        /** None, nor anything else, where another stage is looked at. */
        public int $columns,
        public int $rows,
        #[ListOf(LineElement::class)]
        public array $elements,
        #[ListOf(PipeSketch::class)]
        public array $pipes,
        /** How many lanes for pipes there are above the first row, and below each. */
        #[ListOf('int')]
        public array $lanes,
        #[ListOf(LineScene::class)]
        public array $scenes,
        #[ListOf(OutletCard::class)]
        public array $outlets,
        #[ListOf(FilterCard::class)]
        public array $filters,
        #[ListOf(ModeCard::class)]
        public array $modes,
        /** The nearest to its rating first. */
        #[ListOf(PeakRow::class)]
        public array $peaks,
        /** Parts without a place, and lengths that are guessed, the longest first. */
        #[ListOf('string')]
        public array $toMeasure,
        #[ListOf(FreePort::class)]
        public array $freePorts,
        /** Where the parts stand in the rig. */
        #[ListOf(PlacedPart::class)]
        public array $places,
        #[ListOf(GravityChart::class)]
        public array $gravity,
        /** What hands and a kettle do. */
        #[ListOf('string')]
        public array $byHand,
        /** From which system it began; none where nobody chose one. */
        public ?string $system,
    ) {
    }
}
