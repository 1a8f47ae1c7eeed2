<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Drawing\Handling;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Tests\SamplePlans;

/** Where ports sit, which of them can be reached, and what stays in the hoses. */
final class PortsTest extends TestCase
{
    /**
     * @return iterable<string, array{Face, float, float, list<float>, list<float>}> face, along, up; the middle and the room of a port of 20 mm bore
     *                                                                               that stands out 60 mm, in a tank of 900 × 300 × 400 mm
     */
    public static function ports(): iterable
    {
        yield 'front' => [Face::Front, 100, 50, [0, 100, 50], [-60, 75, 25, 0, 125, 75]];
        yield 'rear' => [Face::Rear, 100, 50, [900, 100, 50], [900, 75, 25, 960, 125, 75]];
        yield 'left' => [Face::Left, 100, 50, [100, 0, 50], [75, -60, 25, 125, 0, 75]];
        yield 'right' => [Face::Right, 100, 50, [100, 300, 50], [75, 300, 25, 125, 360, 75]];
        yield 'top' => [Face::Top, 100, 50, [100, 50, 400], [75, 25, 400, 125, 75, 460]];
        yield 'bottom' => [Face::Bottom, 100, 50, [100, 50, 0], [75, 25, -60, 125, 75, 0]];
        yield 'beyond the edge of a tank made smaller' => [Face::Front, 350, 500, [0, 300, 400], [-60, 275, 375, 0, 300, 400]];
    }

    /**
     * @param list<float> $at
     * @param list<float> $room
     */
    #[DataProvider('ports')]
    public function testAPortSitsOnItsFaceAndItsFittingStandsOutOfIt(Face $face, float $along, float $up, array $at, array $room): void
    {
        $port = new PlannedPort('p', 'Port', PortRole::Fill, $face, $along, $up, 20.0, 60.0, true);
        self::assertEquals($at, $port->atMm([900.0, 300.0, 400.0]));
        $box = $port->room([900.0, 300.0, 400.0]);
        self::assertEquals($room, [...$box->low, ...$box->high]);
    }

    #[DataProvider('ports')]
    public function testFourQuarterTurnsComeBackAndEachKeepsPortsOnTheTank(Face $face, float $along, float $up): void
    {
        $tank = SamplePlans::fellside()->tanks[0];
        $port = new PlannedPort('p', 'Port', PortRole::Fill, $face, min($along, 300.0), min($up, 300.0), 20.0, 60.0, true);
        $tank = PartFields::changed($tank, ['ports' => [$port]]);
        $middle = static function (PlannedTank $one): array {
            $size = $one->body()->sizeMm();
            $at = $one->ports[0]->atMm($size);

            return [$at[0] - $size[0] / 2, $at[1] - $size[1] / 2, $at[2]];
        };
        $turned = $tank->turned();
        // A quarter clockwise from above, x rearward and y to the right: (x, y) → (y, −x).
        [$x, $y, $z] = $middle($tank);
        self::assertEqualsWithDelta([$y, -$x, $z], $middle($turned), 1e-9);
        self::assertEquals($tank, $turned->turned()->turned()->turned());
    }

    public function testAPortThatNoHandReachesIsFittedBefore(): void
    {
        $plan = SamplePlans::fellside();
        $tank = $plan->tanks[0];
        $port = $tank->ports[2];
        self::assertTrue(PortRoom::isReached($port, $tank, $plan), 'The locker opens at the rear, where the drain is.');
        self::assertFalse(PortRoom::isReached(PortRoom::movedTo(Face::Left, $port, $tank), $tank, $plan), 'There is the wall.');
        self::assertTrue(PortRoom::isReached(PortRoom::movedTo(Face::Front, $port, $tank), $tank, $plan), 'There is room for a hand.');
        self::assertTrue(PortRoom::isReached($plan->tanks[0]->ports[0], PartFields::changed($tank, ['bay' => null]), $plan));
    }

    public function testNoMoreThanItsRoomIsTakenWhereTheTankItselfStandsThroughAWall(): void
    {
        $plan = SamplePlans::fellside();
        $tank = $plan->tanks[0]->movedTo($plan->tanks[0]->xM + 0.4, $plan->tanks[0]->yM);
        self::assertSame([0.0, 50.0], [PortRoom::missingMm($tank->ports[2], $plan->tanks[0], $plan), PortRoom::missingMm($tank->ports[2], $tank, $plan)]);
    }

    /** The hand-worked: over 1.52 m, down to 1.38 m and up to 1.63 m; below the sill of 1.52 m lies all of one leg and part of the other. */
    public function testWhatStaysInAHoseIsWhatLiesBelowItsSill(): void
    {
        $run = Workings::over(SamplePlans::demos()['prompt-side'])->of(RunWorkings::class)->all[0];
        $down = sqrt(0.2 ** 2 + 0.05 ** 2 + 0.14 ** 2);
        $up = sqrt(0.2 ** 2 + 0.05 ** 2 + 0.25 ** 2);
        $litres = \M_PI / 4 * 0.38 ** 2 * 10 * ($down + $up * 0.14 / 0.25);
        self::assertEqualsWithDelta($litres, $run->trapped()?->litres(), 1e-9);
    }

    public function testWhatIsProposedHasRoomForNoFinding(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            foreach ($plan->tanks as $index => $tank) {
                $with = $plan;
                foreach (PortRole::cases() as $role) {
                    $workings = Workings::over($with);
                    $with = PortProposal::addition(
                        $role,
                        $workings->of(TanksWorkings::class)->all()[$index],
                        $workings,
                    )?->patch->applyTo($with) ?? self::fail('There is room for a port more.');
                }
                self::assertCount(\count($tank->ports) + \count(PortRole::cases()), $with->tanks[$index]->ports, $name);
                $ids = array_map(static fn (object $finding): string => $finding->code, Assessor::assess($with, '-')->findings);
                self::assertNotContains('tanks.vent-low', $ids, $name.' '.$tank->name);
                self::assertNotContains('tanks.fill-low', $ids, $name.' '.$tank->name);
            }
        }
    }

    public function testALevelIsShownByASenderOrByATubeOnASideThatHasRoom(): void
    {
        $plan = SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/tanks/0/see_through","value":false}]');
        $labels = array_column(array_column(Assessor::fixes(Plan::read($plan), 'tanks'), 'fixes', 'key')['tanks.level-unseen tail'] ?? [], 'label');
        self::assertSame(['Fit a level sender in its top', 'Fit a sight tube on its front side', 'Mark its level as visible'], $labels);
    }

    public function testABoatIsFilledThroughHerDeckAndEmptiedThroughASeacock(): void
    {
        $points = static function (string|Plan $of, PortRole $role, int $tank): array {
            $workings = Workings::over(\is_string($of) ? SamplePlans::all()[$of] : $of);
            $fix = PortProposal::addition($role, $workings->of(TanksWorkings::class)->all()[$tank], $workings);
            $runs = $fix?->patch->applyTo($workings->plan)->runs ?? [];

            return [$workings->plan->load->rig->sizes()->heightM, $runs[\count($runs) - 1]->points];
        };
        [$deckM, $fill] = $points('petrel', PortRole::Fill, 0);
        self::assertSame(['Deck fill', $deckM], [$fill[0]->name, $fill[0]->zM]);
        self::assertSame('Raised loop', $points('petrel', PortRole::Vent, 0)[1][0]->name);
        self::assertSame('Free end', $points('petrel', PortRole::Drain, 0)[1][0]->name);
        self::assertSame('Inlet', $points('fellside', PortRole::Fill, 0)[1][0]->name);
        $petrel = SamplePlans::all()['petrel'];
        $wasteOnly = PartFields::changed($petrel, ['tanks' => [PartFields::changed($petrel->tanks[0], ['holds' => WaterKind::Waste, 'ports' => []])], 'runs' => []]);
        self::assertSame('Seacock', $points($wasteOnly, PortRole::Drain, 0)[1][0]->name);
    }

    #[TestWith([15.0, 'Cut a sender from the lid to 345 mm: it ends at the outlet, below which nothing can be drawn.'])]
    #[TestWith([0.0, 'Cut a sender from the lid to 350 mm: it ends 10 mm above the floor.'])]
    public function testASenderEndsAtTheOutletAndNeverOnTheFloor(float $outletMm, string $words): void
    {
        $plan = SamplePlans::fellside();
        $gauge = new PlannedPort('g', 'Gauge', PortRole::Gauge, Face::Top, 100.0, 50.0, 20.0, 60.0, true);
        $tank = PartFields::changed($plan->tanks[0], ['outletHeightMm' => $outletMm, 'ports' => [$gauge]]);
        $workings = Workings::over(PartFields::changed($plan, ['tanks' => [$tank, ...\array_slice($plan->tanks, 1)]]));
        $said = str_replace("\u{A0}", ' ', implode("\n", Handling::words($workings->of(TanksWorkings::class)->all()[0], $workings)));
        self::assertStringContainsString($words, $said);
    }

    public function testFilesWithPortsAndHosesComeBackAsTheyWere(): void
    {
        foreach (SamplePlans::demos() as $plan) {
            self::assertSame($plan->toJson(), Plan::fromJson($plan->toJson())->toJson());
        }
    }
}
