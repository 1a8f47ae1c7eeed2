<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\Tube;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
use YardCask\Core\Words\Phrase;

/** Every joint of a plan, judged: of the line under pressure, of fills, vents, drains and waste without. */
final readonly class PlanJoints implements StageWorkings
{
    /** @param list<JudgedJoint> $all pipes first, in the order of the plan */
    private function __construct(public array $all)
    {
    }

    public static function over(Workings $workings): static
    {
        $plan = $workings->plan;
        $parts = array_flip(array_column($plan->line->parts, 'id'));
        $ports = [];
        foreach ($plan->tanks as $tankIndex => $tank) {
            foreach ($tank->ports as $index => $port) {
                $ports[$port->id] = new PlacedEnd('/tanks/'.$tankIndex.'/ports/'.$index.'/end', $port->end);
            }
        }
        $all = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            // What the line knows of a tank's port may be older than what it joins to.
            $port = $ending->owner instanceof PlannedPart
                ? new PlacedEnd('/line/parts/'.$parts[$ending->owner->id].'/ends', $ending->owner->ends, $ending->port->value)
                : $ports[$ending->outlet->id ?? ''] ?? null;
            if (null !== $port && !$ending->isLoose()) {
                $all[] = self::ofPipe($ending, $port, $plan);
            }
        }
        foreach ($plan->tanks as $tank) {
            foreach ($tank->ports as $port) {
                $run = $plan->runFrom($port);
                if (null !== $run) {
                    $index = (int) array_search($run, $plan->runs, true);
                    $from = new Phrase('parts.at.tank', ['port' => $port->name, 'tank' => $tank->name]);
                    array_push($all, ...self::ofRun($index, $run, $ports[$port->id], $from, $plan));
                }
            }
        }

        return new self($all);
    }

    public static function sections(): array
    {
        return ['line_joints', 'tanks', 'runs'];
    }

    /** @return list<JudgedJoint> */
    public function that(Verdict $verdict): array
    {
        return array_values(array_filter($this->all, static fn (JudgedJoint $one): bool => $verdict === $one->verdict));
    }

    private static function ofPipe(PipeEnding $ending, PlacedEnd $port, Plan $plan): JudgedJoint
    {
        $tube = $ending->pipe->tube;
        $owner = $ending->owner;
        $side = $ending->isStart ? 'from' : 'to';
        $path = '/line/pipes/'.$ending->index;

        return new JudgedJoint(
            id: $ending->jointId(),
            pointer: $path.'/'.$side.'_joint',
            pipe: $ending->phrase(),
            at: $owner instanceof PlannedPart
                ? new Phrase('parts.at', [
                    'port' => $ending->port->word(),
                    'branch' => $ending->port->isBranch() ? 'yes' : 'no',
                    'ports' => \count($owner->kind->ports()),
                    'part' => $owner->spoken(),
                ])
                : new Phrase('parts.at.tank', ['port' => $ending->outlet->name ?? '', 'tank' => $owner->name]),
            tubeEnd: new PlacedEnd($path.'/end', $tube->end),
            portEnd: $port,
            planned: $ending->joint(),
            isUnderPressure: true,
            usual: self::usual($tube, $plan),
        );
    }

    /**
     * @param Phrase $from the port that it leads from
     *
     * @return list<JudgedJoint> where its hose leaves the tank, and where it ends at something
     */
    private static function ofRun(int $index, PlannedRun $run, PlacedEnd $port, Phrase $from, Plan $plan): array
    {
        $path = '/runs/'.$index;
        $one = static fn (string $side, Phrase $at, PlacedEnd $end): JudgedJoint => new JudgedJoint(
            id: $run->id.'.'.$side,
            pointer: $path,
            pipe: new Phrase('parts.hose', ['run' => $run->name]),
            at: $at,
            tubeEnd: new PlacedEnd($path.'/hose_end', $run->hoseEnd),
            portEnd: $end,
            planned: null,
            isUnderPressure: false,
            usual: $plan->line->joining ?? JoiningMethod::Clamp,
        );
        $joints = [$one('from', $from, $port)];
        if (null !== $run->fittingEnd || \in_array($run->end, [RunEnd::Outside, RunEnd::Valve, RunEnd::Cap], true)) {
            $joints[] = $one('to', new Phrase('parts.at.end', ['run' => $run->name]), new PlacedEnd($path.'/fitting_end', $run->fittingEnd));
        }

        return $joints;
    }

    /** As the plan says of all, or else as such hoses usually are. */
    private static function usual(Tube $tube, Plan $plan): JoiningMethod
    {
        return $plan->line->joining ?? (JoiningMethod::Crimp === $tube->joint ? JoiningMethod::Crimp : JoiningMethod::Clamp);
    }
}
