<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tank to be fitted into a bay: its sizes, its body, what projects from it, and the clearance it needs. */
final readonly class TankBody
{
    private const FACES = ['x0', 'x1', 'y0', 'y1', 'z0', 'z1'];

    /**
     * @param Box $outline its sizes, from its own origin
     * @param list<Box> $boxes its body within the sizes; empty when the body is the whole box
     * @param list<Box> $fittings local keep-outs that may stand out of it
     */
    public function __construct(
        public Box $outline,
        public bool $upright,
        public Clearance $room,
        public array $boxes = [],
        public array $fittings = [],
    ) {
    }

    public static function read(InputReader $in): self
    {
        $outline = Box::at([0.0, 0.0, 0.0], Box::readSize($in));
        $upright = $in->boolean('upright', true);
        $gap = $in->number('gap_mm', Range::notNegative(), 0.0);
        $boxes = array_map(Box::read(...), $in->objects('boxes', 50, true));
        $fittings = array_map(Box::read(...), $in->objects('fittings', 50, true));
        $room = Clearance::even($gap);
        if ($in->has('clear_mm')) {
            $room = self::readClearance($in->object('clear_mm'), $gap);
            if ([] !== $boxes || [] !== $fittings) {
                $in->fail('clear_mm', 'With boxes or fittings there is no room for a whole face: leave it out.');
            }
        }
        foreach ($boxes as $index => $box) {
            if (min($box->low) < 0 || $box->high[0] > $outline->high[0] || $box->high[1] > $outline->high[1] || $box->high[2] > $outline->high[2]) {
                $in->fail('boxes/'.$index, 'A box of the body lies within the tank’s sizes.');
            }
        }
        $in->finish();

        return new self($outline, $upright, $room, $boxes, $fittings);
    }

    /** All that must lie in free space, turned, from the turned origin. */
    public function turned(Turn $turn): TurnedTank
    {
        $outline = $turn->box($this->outline);
        $home = [-$outline->low[0], -$outline->low[1], -$outline->low[2]];
        $room = $turn->clearance($this->room);
        $place = static fn (Box $box): Box => $turn->box($box)->moved($home);
        $boxes = array_map($place, $this->boxes);
        $fittings = array_map($place, $this->fittings);
        $body = [] === $boxes ? [$outline->moved($home)] : $boxes;

        return new TurnedTank(
            $outline->moved($home),
            $room,
            $boxes,
            $fittings,
            [...array_map(static fn (Box $box): Box => $box->grown($room), $body), ...$fittings],
        );
    }

    private static function readClearance(InputReader $in, float $gap): Clearance
    {
        $mm = [];
        foreach (self::FACES as $face) {
            $mm[$face] = max($gap, $in->number($face, Range::notNegative(), 0.0));
        }
        $in->finish();

        return new Clearance([$mm['x0'], $mm['y0'], $mm['z0']], [$mm['x1'], $mm['y1'], $mm['z1']]);
    }
}
