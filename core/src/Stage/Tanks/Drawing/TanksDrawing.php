<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Drawing;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Bays\AcrossDatum;
use YardCask\Core\Plan\Bays\AlongDatum;
use YardCask\Core\Plan\Bays\BayPlace;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Bays\PlannedReach;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\SentBox;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFigures;
use YardCask\Core\Tank\TankMark;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** What the Tanks stage draws beside the tanks' own sizes; of that, where another stage is looked at, only what the rig's views show. */
final readonly class TanksDrawing implements Drawing, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<TankSection> $tanks
     * @param list<BaySketch> $bays
     * @param list<TapeJob> $toTape
     * @param list<RunSketch> $runs
     * @param list<ObstructionSketch> $things
     */
    private function __construct(
        #[ListOf(TankSection::class)]
        public array $tanks,
        #[ListOf(BaySketch::class)]
        public array $bays,
        /** What has only been guessed, the most telling first. */
        #[ListOf(TapeJob::class)]
        public array $toTape,
        #[ListOf(RunSketch::class)]
        public array $runs,
        /** Null where the plan has as many bays as it can. */
        public ?SentFix $addBay,
        /** What is fixed in the rig, in its order. */
        #[ListOf(ObstructionSketch::class)]
        public array $things,
        public ?SentFix $addThing,
    ) {
    }

    public static function of(Workings $workings, bool $looked): self
    {
        $wording = $workings->wording;
        $addBay = $looked ? self::addBay($workings) : null;
        $addThing = $looked ? self::addThing($workings) : null;

        return new self(
            tanks: array_map(
                static fn (TankWorking $working): TankSection => self::section($working, $workings, $looked),
                $workings->of(TanksWorkings::class)->all(),
            ),
            bays: array_map(static fn (int $index): BaySketch => BaySketch::of($index, $workings, $looked), array_keys($workings->plan->bays)),
            toTape: $looked ? TapeJob::all($workings) : [],
            runs: self::runs($workings),
            addBay: null === $addBay ? null : SentFix::of($addBay, $wording),
            things: array_map(
                static fn (PlannedThing $thing): ObstructionSketch => new ObstructionSketch($thing->id, $thing->name, SentBox::of($thing->body())),
                $workings->plan->load->things,
            ),
            addThing: null === $addThing ? null : SentFix::of($addThing, $wording),
        );
    }

    private static function section(TankWorking $working, Workings $workings, bool $looked): TankSection
    {
        $wording = $workings->wording;
        $tank = $working->tank;
        $travelL = $workings->plan->travelFillOf($tank) * $working->volume->fullL();

        return new TankSection(
            id: $tank->id,
            travel: $wording->litres($tank->count * $travelL),
            travelWords: $wording->text(
                'tanks.section.travel',
                ['litres' => Amount::litres($tank->count * $travelL), 'rig' => $workings->plan->load->rig->kind()],
            ),
            travelLevelMm: TankVolumeCalculator::levelMm($tank->tankInput(), $travelL),
            outletMm: $tank->outletMm(),
            outlet: $wording->mm($tank->outletMm()),
            outletKey: $tank->outletKey(),
            overflowMm: $tank->overflowMm(),
            overflow: $wording->mm($tank->overflowMm()),
            overflowKey: $tank->overflowKey(),
            marks: array_map(static fn (TankMark $mark): SectionMark => new SectionMark(
                TanksFigures::markId($tank->id, $mark),
                $wording->share($mark->fraction),
                $wording->litres($mark->usableL),
                $mark->heightMm,
                // Both from the level in whole millimetres, so that they add up to the height.
                $wording->mm(round($mark->heightMm)),
                $wording->mm($tank->heightMm - round($mark->heightMm)),
            ), $looked ? $working->volume->marks : []),
            ports: self::ports($working, $workings, $looked),
            detail: $looked ? TankDetail::of($working, $workings) : null,
        );
    }

    /** @return list<PortSketch> */
    private static function ports(TankWorking $working, Workings $workings, bool $looked): array
    {
        $tank = $working->tank;
        $body = $tank->body();
        $ports = [];
        foreach ($tank->ports as $port) {
            $at = $port->atMm($body->sizeMm());
            $ports[] = new PortSketch(
                $port->id,
                ($body->low[0] + $at[0]) / 1000,
                ($body->low[1] + $at[1]) / 1000,
                ($body->low[2] + $at[2]) / 1000,
                $looked ? PortRoom::isReached($port, $tank, $workings->plan) : null,
            );
        }

        return $ports;
    }

    /** @return list<RunSketch> */
    private static function runs(Workings $workings): array
    {
        $sketches = [];
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            $trapped = $run->trapped();
            if (null !== $run->run && null !== $trapped) {
                $sketches[] = new RunSketch(
                    $run->run->id,
                    $run->port->id,
                    array_map(static fn (RunPoint $point): PointSketch => new PointSketch($point->xM, $point->yM, $point->zM), $run->points()),
                    $workings->wording->text('tanks.run', [
                        'length' => Amount::distance($trapped->lengthM),
                        'empty' => $trapped->litres() >= 0.0005 ? 'no' : 'yes',
                        'litres' => Amount::little($trapped->litres()),
                    ]),
                );
            }
        }

        return $sketches;
    }

    /** A space to begin with, along the left wall at the rear, on the floor. */
    private static function addBay(Workings $workings): ?Fix
    {
        $plan = $workings->plan;
        if (\count($plan->bays) >= Plan::MOST_BAYS) {
            return null;
        }
        $name = FreeName::of($workings->wording->text('tanks.new.bay'), array_column($plan->bays, 'name'));
        $bay = new PlannedBay(
            id: FreeId::of('bay', $plan),
            name: $name,
            place: BayPlace::Inside,
            lengthMm: 1000.0,
            widthMm: 400.0,
            heightMm: 400.0,
            alongFrom: AlongDatum::RearSill,
            alongM: 0.0,
            acrossFrom: AcrossDatum::LeftWall,
            acrossM: 0.0,
            zM: $plan->load->rig->sizes()->floorM,
            opening: Face::Top,
            openingWidthMm: null,
            openingHeightMm: null,
            frost: false,
            taped: false,
            reach: new PlannedReach(false, false, false, false, false, false),
            obstructions: [],
        );

        return new Fix(new Phrase('tanks.fix.add-bay'), PlanPatch::append('/bays', $bay));
    }

    /** A battery by the right wall, in the middle of the rig: somewhere to begin. */
    private static function addThing(Workings $workings): ?Fix
    {
        $plan = $workings->plan;
        if (\count($plan->load->things) >= LoadPlan::MOST_THINGS) {
            return null;
        }
        $rig = $plan->load->rig;
        $sizes = $rig->sizes();
        $name = FreeName::of($workings->wording->text('tanks.new.thing'), array_column($plan->load->things, 'name'));
        $thing = new PlannedThing(
            id: FreeId::of('thing', $plan),
            name: $name,
            need: ThingNeed::Dry,
            lengthMm: 350.0,
            widthMm: 180.0,
            heightMm: 200.0,
            xM: round($rig->bodyFromM() + $sizes->lengthM / 2, 3),
            yM: round($sizes->widthM / 2 - 0.09, 3),
            zM: $sizes->floorM,
        );

        return new Fix(new Phrase('tanks.fix.add-thing'), PlanPatch::append('/load/things', $thing));
    }
}
