<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Words\Phrase;

/** One end of a pipe of the line, at the port that it leads to. */
final readonly class PipeEnding
{
    public PlannedPipe $pipe;
    /** Of its pipe in the plan. */
    public int $index;
    public PlannedPart|PlannedTank $owner;
    public PartPort $port;
    /** Which outlet of a tank. */
    public ?PlannedPort $outlet;

    public function __construct(
        private LinePipe $of,
        /** Whether the pipe begins here. */
        public bool $isStart,
    ) {
        $end = $this->end();
        [$this->pipe, $this->index, $this->owner, $this->port, $this->outlet] = [$of->pipe, $of->index, $end->owner, $end->port, $end->outlet];
    }

    /** “pipe-3.from”. */
    public function jointId(): string
    {
        return $this->pipe->id.($this->isStart ? '.from' : '.to');
    }

    public function joint(): ?PlannedJoint
    {
        return $this->isStart ? $this->pipe->fromJoint : $this->pipe->toJoint;
    }

    /** Whether nothing is joined here: the hose hangs in a can, over the water of a tank, or its pump hangs in the water. */
    public function isLoose(): bool
    {
        if ($this->isInTheWater()) {
            return true;
        }

        return $this->owner instanceof PlannedTank
            && (null === $this->outlet || (TankMounting::Fixed !== $this->owner->form && Face::Top === $this->outlet->face));
    }

    /** Whether there is no pipe at all: it only says in which tank a pump hangs. */
    public function isInTheWater(): bool
    {
        foreach ([$this->of->from, $this->of->to] as $end) {
            if ($end->owner instanceof PlannedPart && PartKind::SubmersiblePump === $end->owner->kind && PartPort::In === $end->port) {
                return true;
            }
        }

        return false;
    }

    /** In m, as measured, or by its places, or guessed. */
    public function lengthM(): float
    {
        return $this->of->lengthM;
    }

    public function isGuessed(): bool
    {
        return $this->of->isGuessed();
    }

    /** “the pipe from Tee 3 to the shower”. */
    public function phrase(): Phrase
    {
        return $this->of->phrase();
    }

    public function point(): ?RunPoint
    {
        return $this->end()->point();
    }

    /** Above the ground, or the keel. */
    public function zM(): float
    {
        return $this->end()->zM();
    }

    private function end(): LineEnd
    {
        return $this->isStart ? $this->of->from : $this->of->to;
    }
}
