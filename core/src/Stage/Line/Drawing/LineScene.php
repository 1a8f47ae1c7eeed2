<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** The line with some outlets open. */
final readonly class LineScene implements Sent
{
    /**
     * @param list<SceneTap> $taps
     * @param list<PipeFlow> $flows
     * @param list<PressureStair> $stairs
     */
    public function __construct(
        public string $id,
        public string $title,
        #[ListOf(SceneTap::class)]
        public array $taps,
        #[ListOf(PipeFlow::class)]
        public array $flows,
        #[ListOf(PressureStair::class)]
        public array $stairs,
        /** What the pumps do. */
        public string $pump,
    ) {
    }
}
