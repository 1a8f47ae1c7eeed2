<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Tanks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Tanks\Shared\HolePlaces;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Holes in tanks have room for their seals, wherever they are proposed. */
final class HolePlacesTest extends TestCase
{
    /** @return iterable<string, array{Face, float, float, float}> the face of a tank of 600 × 400 × 300 mm, along and up it, and what a hole of 21 mm with a seal of 6 mm lacks */
    public static function places(): iterable
    {
        yield 'as low as it goes' => [Face::Rear, 200.0, 16.5, 0.0];
        yield 'too low' => [Face::Rear, 200.0, 10.0, 6.5];
        yield 'too high' => [Face::Rear, 200.0, 290.0, 6.5];
        yield 'at the end of the rear face, which is as wide as the tank' => [Face::Rear, 395.0, 100.0, 11.5];
        yield 'there on a side, which is as long as the tank' => [Face::Left, 395.0, 100.0, 0.0];
        yield 'at the end of a side' => [Face::Right, 583.6, 100.0, 0.1];
        yield 'at the right edge of the lid' => [Face::Top, 300.0, 390.0, 6.5];
        yield 'beside another hole of 21 mm' => [Face::Front, 133.0, 100.0, 0.0];
        yield 'a little into its seal' => [Face::Front, 132.0, 100.0, 1.0];
        yield 'over it' => [Face::Front, 100.0, 130.0, 3.0];
    }

    #[DataProvider('places')]
    public function testAHoleLacksSoMuchRoom(Face $face, float $alongMm, float $upMm, float $missingMm): void
    {
        $other = self::port('port-1', Face::Front, 100.0, 100.0);
        $port = self::port('port-2', $face, $alongMm, $upMm);
        $places = new HolePlaces(self::tank($other, $port), SampleLines::stock());
        self::assertEqualsWithDelta($missingMm, $places->missingMm($port), 1e-9);
        $freed = $places->freed($port);
        self::assertNotNull($freed);
        self::assertSame(0.0, $places->missingMm($freed));
        self::assertSame(0.0 === $missingMm, [$alongMm, $upMm] === [$freed->alongMm, $freed->upMm], 'It is moved only where it has to be.');
    }

    public function testBesideAnotherAHoleStaysAsHighAsItWas(): void
    {
        // To the left of the other there is the edge.
        $other = self::port('port-1', Face::Front, 20.0, 100.0);
        $port = self::port('port-2', Face::Front, 22.0, 100.0);
        $freed = (new HolePlaces(self::tank($other, $port), SampleLines::stock()))->freed($port);
        self::assertSame([53.0, 100.0], [$freed?->alongMm, $freed?->upMm]);
        // It goes to the nearer side.
        $other = self::port('port-1', Face::Front, 100.0, 100.0);
        foreach ([[132.0, 133.0], [68.0, 67.0]] as [$fromMm, $toMm]) {
            $port = self::port('port-2', Face::Front, $fromMm, 100.0);
            self::assertSame($toMm, (new HolePlaces(self::tank($other, $port), SampleLines::stock()))->freed($port)?->alongMm);
        }
    }

    public function testWhereAFaceIsFullNothingIsFreed(): void
    {
        $port = self::port('port-1', Face::Rear, 20.0, 20.0);
        $narrow = PartFields::changed(self::tank($port), ['widthMm' => 32.9]);
        self::assertNull((new HolePlaces($narrow, SampleLines::stock()))->freed($port));
        $others = array_map(static fn (int $of): PlannedPort => self::port('port-1'.$of, Face::Rear, 16.5 + 30.0 * $of, 16.5), range(0, 12));
        $crowded = PartFields::changed(self::tank($port, ...$others), ['heightMm' => 33.0]);
        self::assertNull((new HolePlaces($crowded, SampleLines::stock()))->freed($port));
    }

    public function testWhatIsProposedCanBeDrilled(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 150; ++$round) {
            $sizes = ['lengthMm' => mt_rand(180, 1400), 'widthMm' => mt_rand(180, 600), 'heightMm' => mt_rand(120, 500), 'outletHeightMm' => mt_rand(0, 30)];
            $sizes['overflowHeightMm'] = $sizes['heightMm'] - mt_rand(0, 30);
            $tank = PartFields::changed(self::tank(), ['holds' => [WaterKind::Fresh, WaterKind::Waste][$round % 2]] + array_map(floatval(...), $sizes));
            $workings = Workings::over(PartFields::changed(SamplePlans::begun(), ['tanks' => [$tank]]), SampleLines::stock());
            foreach ([PortRole::Outlet, PortRole::Drain, PortRole::Overflow, PortRole::Vent, PortRole::Fill, PortRole::Gauge] as $role) {
                $face = [null, Face::Rear, Face::Left][mt_rand(0, 2)];
                $port = PortProposal::port($role, $face, $tank, $workings);
                $places = new HolePlaces($tank, SampleLines::stock());
                self::assertSame(0.0, $places->missingMm($port), json_encode([$sizes, $port], \JSON_THROW_ON_ERROR));
                $tank = PartFields::changed($tank, ['ports' => [...$tank->ports, PartFields::changed($port, ['id' => 'port-'.\count($tank->ports)])]]);
            }
        }
    }

    public function testADrainGoesThroughTheBottomWhereThereIsRoomUnderTheTank(): void
    {
        $plan = SamplePlans::demos()['fellside'];
        foreach ([[0.62, Face::Rear], [0.69, Face::Bottom]] as [$zM, $face]) {
            $tank = PartFields::changed($plan->tanks[0], ['ports' => [], 'zM' => $zM]);
            $workings = Workings::over(PartFields::changed($plan, ['tanks' => [$tank]]), SampleLines::stock());
            self::assertSame($face, PortProposal::port(PortRole::Drain, null, $tank, $workings)->face);
        }
    }

    private static function tank(PlannedPort ...$ports): PlannedTank
    {
        return PartFields::changed(SamplePlans::demos()['fellside']->tanks[0], [
            'lengthMm' => 600.0,
            'widthMm' => 400.0,
            'heightMm' => 300.0,
            'bay' => null,
            'ports' => array_values($ports),
        ]);
    }

    private static function port(string $id, Face $face, float $alongMm, float $upMm): PlannedPort
    {
        return new PlannedPort($id, $id, PortRole::Drain, $face, $alongMm, $upMm, 13.0, 50.0, true, null, 'tank-barb-12');
    }
}
