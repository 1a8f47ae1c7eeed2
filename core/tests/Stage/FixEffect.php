<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Assessor;

/** What a fix does to a plan, by the plan before and after: its findings, its places and its fittings. */
final readonly class FixEffect
{
    /** Of what is only worth knowing, the growth in shares of its limit that has to be said. */
    private const WORTH_SAYING = 0.05;
    /** Near the least growth that counts, rounding decides. */
    private const UNDECIDED = 1e-3;

    public Plan $after;

    public function __construct(
        private SentFix $fix,
        private string $key,
        private Plan $before,
        private ?PartStock $stock = null,
    ) {
        $this->after = $fix->patch->applyTo($before);
    }

    /** @return list<string> whatever is wrong with it, each as a sentence */
    public function complaints(): array
    {
        $all = [...$this->uncleared(), ...$this->grave(), ...$this->unsaid(), ...$this->movedInSilence(), ...$this->lostTanks()];

        return array_map(fn (string $one): string => $this->fix->label.' '.$one, $all);
    }

    /** @return list<string> */
    private function uncleared(): array
    {
        return isset($this->found($this->after)[$this->key]) ? ['does not clear it.'] : [];
    }

    /** @return list<string> */
    private function grave(): array
    {
        $brought = array_diff_key($this->found($this->after), $this->found($this->before));
        $grave = array_filter($brought, static fn (SentFinding $one): bool => Severity::Stop === $one->severity || self::code($one)->isImpossible());

        return array_values(array_map(static fn (SentFinding $one): string => 'brings: '.$one->title, $grave));
    }

    /** @return list<string> what is new or worse and not among its costs, and costs of which nothing is new or worse */
    private function unsaid(): array
    {
        $said = mb_strtolower($this->fix->cost ?? '');
        $complaints = [];
        $changed = 0;
        foreach ($this->found($this->after) as $key => $one) {
            $was = $this->found($this->before)[$key] ?? null;
            $least = Severity::Watch === $one->severity ? self::WORTH_SAYING : 0.0;
            $grown = null === $was ? \INF : $one->measure->grownFrom($was->measure);
            $changed += $grown > $least ? 1 : 0;
            if ($grown > $least + self::UNDECIDED && !str_contains($said, mb_strtolower($one->title))) {
                $complaints[] = 'does not say: '.$one->title;
            }
        }

        return 0 === $changed && '' !== $said ? [...$complaints, 'says what is not so: '.$this->fix->cost] : $complaints;
    }

    /** @return list<string> what stands elsewhere, or is no more there, without being named */
    private function movedInSilence(): array
    {
        $complaints = [];
        $after = self::places($this->after);
        foreach (self::places($this->before) as $id => [$names, $place]) {
            $isNamed = [] !== array_filter($names, fn (string $name): bool => str_contains(mb_strtolower($this->fix->label), mb_strtolower($name)));
            if (!$isNamed && $place !== ($after[$id][1] ?? null)) {
                $complaints[] = (isset($after[$id]) ? 'moves ' : 'takes away ').$id.' ('.implode(', ', $names).') in silence.';
            }
        }

        return $complaints;
    }

    /** @return list<string> tanks that are out of their bay, or without a fitting that they had */
    private function lostTanks(): array
    {
        $complaints = [];
        $tanks = array_column($this->after->tanks, null, 'id');
        foreach ($this->before->tanks as $tank) {
            $now = $tanks[$tank->id] ?? null;
            if (null !== $now && null !== $this->before->bayOf($tank) && null === $this->after->bayOf($now)) {
                $complaints[] = 'takes '.$tank->name.' out of its bay.';
            }
            $lost = null === $now ? [] : array_diff(array_column($tank->ports, 'id'), array_column($now->ports, 'id'));
            foreach ($lost as $port) {
                $complaints[] = 'drops '.$port.' of '.$tank->name.'.';
            }
        }

        return $complaints;
    }

    /** @return array<string, array{list<string>, string}> of all that has a place, by id: what it may be called by, and where it is */
    private static function places(Plan $plan): array
    {
        $places = [];
        foreach ($plan->bays as $bay) {
            $places[$bay->id] = [[$bay->name], Json::encode($bay)];
        }
        foreach ($plan->load->things as $thing) {
            $places[$thing->id] = [[$thing->name], Json::encode([$thing->xM, $thing->yM])];
        }
        $runs = [];
        foreach ($plan->tanks as $tank) {
            $places[$tank->id] = [[$tank->name], Json::encode([$tank->bay, $tank->xM, $tank->yM, $tank->zM])];
            foreach ($tank->ports as $port) {
                $runs[$port->id] = $tank->name;
                $places[$port->id] = [[$tank->name, $port->name, $port->role->value], self::inItsTank($tank, $port)];
            }
        }
        foreach ($plan->runs as $run) {
            foreach ($run->points as $number => $point) {
                $places[$run->id.'/'.$number] = [[$run->name, $runs[$run->from] ?? $run->name], Json::encode([$point->xM, $point->yM, $point->zM])];
            }
        }
        foreach ($plan->line->parts as $part) {
            // A tee goes with the branch that it was for.
            if (PartKind::Tee !== $part->kind) {
                $places[$part->id] = [[$part->spoken(), $part->name], Json::encode([$part->xM, $part->yM, $part->zM])];
            }
        }

        return $places;
    }

    private static function inItsTank(PlannedTank $tank, PlannedPort $port): string
    {
        return Json::encode([$port->face, $port->alongMm, $port->upMm, $tank->lengthMm, $tank->widthMm, $tank->heightMm]);
    }

    private static function code(SentFinding $finding): FindingCode
    {
        $codes = array_column(array_map(static fn (Stage $one): array => [$one->name(), $one->findingCodes()], Assessor::stages()), 1, 0);

        return $codes[$finding->stage]::from($finding->code);
    }

    /** @return array<string, SentFinding> by key, without any fix; of one plan worked out once */
    private function found(Plan $plan): array
    {
        /** @var \WeakMap<Plan, array<string, SentFinding>>|null $known */
        static $known = null;
        $known ??= new \WeakMap();

        $found = $known[$plan] ??= array_column(Assessor::assess($plan, '-', $this->stock)->findings, null, 'key');
        // What joins what is settled once a part is in the plan: other stages' fixes say nothing of it.
        $isOfParts = str_starts_with($this->key, 'parts.');

        return array_filter($found, static fn (SentFinding $one): bool => $isOfParts || 'parts' !== $one->stage);
    }
}
