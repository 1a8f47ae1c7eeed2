<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Words\Phrase;

/** A joint of the plan: from the end of a tube through its adapters to a port, each meeting of two ends judged. */
final readonly class JudgedJoint
{
    /** @var list<Meeting> one at least */
    public array $meetings;
    public Verdict $verdict;
    public ?PortEnd $tube;
    public ?PortEnd $port;
    /** @var list<PlannedAdapter> from the tube to the port */
    public array $adapters;

    /**
     * @param string $id of the pipe or the run, and which of its ends: “pipe-3.from”
     * @param string $pointer to the plan's joint there
     * @param Phrase $pipe “the pipe from Tee 3 to the shower”
     * @param Phrase $at “the inlet of the filter”
     */
    public function __construct(
        public string $id,
        public string $pointer,
        public Phrase $pipe,
        public Phrase $at,
        public PlacedEnd $tubeEnd,
        public PlacedEnd $portEnd,
        private ?PlannedJoint $planned,
        public bool $isUnderPressure,
        /** How a hose is held here, unless the joint says otherwise. */
        private JoiningMethod $usual,
    ) {
        $this->adapters = $planned->adapters ?? [];
        [$this->tube, $this->port] = [$tubeEnd->end, $portEnd->end];
        $ends = [$this->tube];
        foreach ($this->adapters as $adapter) {
            array_push($ends, $adapter->near(), $adapter->far());
        }
        $ends[] = $this->port;
        $meetings = [];
        for ($index = 0; $index < \count($ends); $index += 2) {
            [$a, $b] = [$ends[$index], $ends[$index + 1] ?? null];
            $known = null === $a?->end || null === $b?->end ? null : new JointInput($a->end, $b->end, $isUnderPressure);
            $meetings[] = new Meeting($a, $b, null === $known ? null : JointCalculator::calculate($known));
        }
        $this->meetings = $meetings;
        $this->verdict = Verdict::worst(...array_map(static fn (Meeting $one): Verdict => $one->verdict, $meetings));
    }

    /** The id of its pipe or run. */
    public function pipeId(): string
    {
        return (string) strtok($this->id, '.');
    }

    public function isPlanned(): bool
    {
        return null !== $this->planned;
    }

    /** The meeting that is to blame. */
    public function worst(): Meeting
    {
        foreach ($this->meetings as $meeting) {
            if ($meeting->verdict === $this->verdict) {
                return $meeting;
            }
        }

        return $this->meetings[0];
    }

    /** @return list<JoiningMethod> how its meetings that are tight are held; threads are screwed */
    public function methods(): array
    {
        return array_values(array_filter(array_map($this->methodOf(...), $this->meetings)));
    }

    /** How a meeting is held; null where it is not tight, and where it holds by itself. */
    public function methodOf(Meeting $meeting): ?JoiningMethod
    {
        $systems = [$meeting->a?->end?->system, $meeting->b?->end?->system];
        $has = static fn (EndSystem $one): bool => \in_array($one, $systems, true);

        return match (true) {
            Verdict::Tight !== $meeting->verdict => null,
            $has(EndSystem::Hose) => $this->planned->method ?? $this->usual,
            $has(EndSystem::Crimp) => JoiningMethod::Crimp,
            $has(EndSystem::Push) => JoiningMethod::Push,
            $has(EndSystem::Compression) => JoiningMethod::Compression,
            $has(EndSystem::Solvent) => JoiningMethod::Solvent,
            $has(EndSystem::Thread) => JoiningMethod::Screwed,
            default => null,
        };
    }
}
