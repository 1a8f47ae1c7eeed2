<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Figure;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Migration\PlanMigrations;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFormat;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

final class PlanMigrationsTest extends TestCase
{
    public function testOlderVersionsAreMigratedStepByStep(): void
    {
        $migrations = new PlanMigrations(3, [
            1 => static fn (\stdClass $old): \stdClass => (object) (['a' => $old->a.' then two'] + (array) $old),
            2 => static fn (\stdClass $old): \stdClass => (object) (['a' => $old->a.' then three'] + (array) $old),
        ]);
        $old = (object) ['format' => PlanFormat::NAME, 'version' => 1, 'a' => 'one'];
        $new = $migrations->toCurrent($old);
        self::assertSame([3, 'one then two then three'], [$new->version, $new->a]);
        self::assertSame([1, 'one'], [$old->version, $old->a]);
        $this->expectException(InvalidInput::class);
        (new PlanMigrations(3, [2 => static fn (\stdClass $old): \stdClass => $old]))->toCurrent($old);
    }

    public function testAPlanOfVersionOneIsReadAsItWas(): void
    {
        $old = json_decode(SamplePlans::versionOneFile());
        $plan = Plan::fromJson(SamplePlans::versionOneFile());
        self::assertSame(PlanFormat::VERSION, json_decode($plan->toJson())->version);
        self::assertSame($plan->toJson(), Plan::fromJson($plan->toJson())->toJson());
        self::assertSame(['fresh', 'drinking', 'drinking'], array_map(static fn ($tank): string => $tank->holds->value, $plan->tanks));
        self::assertSame(['nothing', 'outside'], [$plan->use->uses[0]->drainsTo, $plan->use->uses[4]->drainsTo]);
        self::assertSame([76.0, 76.0, 0.45], [$plan->load->seats[0]->kg, $plan->load->seats[1]->kg, $plan->load->seats[1]->xM]);
        self::assertSame($old->load->rig->rear->estimated_kg, (int) $plan->load->rig->rearWeighing()->kg());
        self::assertSame(\count($old->load->loads) - 1, \count($plan->load->loads));
        // The weights that version 1 gave: 1883.4 kg on the rear axle, brim full.
        self::assertEqualsWithDelta(1883.4, Assessor::assess($plan)->figures['load.rear.full']->value, 0.05);
    }

    public function testPartsOfOneNameAreNumberedInAPlanOfVersionOne(): void
    {
        $old = json_decode(SamplePlans::versionOneFile());
        foreach ([$old->use->uses, $old->load->loads, $old->tanks] as $parts) {
            $parts[0]->name = $parts[1]->name = $parts[2]->name = 'Alike';
        }
        $plan = Plan::read($old);
        $wanted = ['Alike', 'Alike 2', 'Alike 3'];
        self::assertSame($wanted, \array_slice(array_column($plan->use->uses, 'name'), 0, 3));
        self::assertSame(
            $wanted,
            array_values(array_filter(array_column($plan->load->loads, 'name'), static fn (string $name): bool => str_starts_with($name, 'Alike'))),
        );
        self::assertSame($wanted, array_column($plan->tanks, 'name'));
    }

    public function testABrokenPlanOfVersionOneIsExplainedAtItsPlace(): void
    {
        foreach (['"supply": "drinking"' => '"supply": 3', '"crew": 2' => '"crew": "two"', '"tanks": [' => '"tanks": 5, "x": ['] as $was => $is) {
            try {
                Plan::fromJson(str_replace($was, $is, SamplePlans::versionOneFile()));
                self::fail($is.' was taken.');
            } catch (InvalidInput $e) {
                self::assertNotSame('', $e->errors[0]->pointer);
            }
        }
    }

    public function testAPlanOfVersionTwoIsTheSameWithBoxesForTanksAndNoBaysOrHoses(): void
    {
        $old = (string) file_get_contents(__DIR__.'/../plans/fellside-version-2.json');
        $now = SamplePlans::fellside();
        $nowhere = array_map(
            static fn (PlannedTank $tank): PlannedTank => PartFields::changed(
                $tank,
                ['bay' => null, 'ports' => [], 'heldBy' => null, 'straps' => null, 'strapAngleDeg' => null, 'seeThrough' => 'drink-cans' === $tank->id],
            ),
            $now->tanks,
        );
        self::assertSame(
            PartFields::changed($now, ['bays' => [], 'tanks' => $nowhere, 'runs' => [], 'line' => LinePlan::none(), 'issued' => new IssuedNumbers()])->toJson(),
            // Since then it has been weighed again, with the line in.
            str_replace(
                ['"weighed_with_line": "out"', '"estimated_kg": 1455'],
                ['"weighed_with_line": "full"', '"estimated_kg": 1442'],
                Plan::fromJson($old)->toJson(),
            ),
        );
    }

    public function testAPlanOfVersionFiveIsTheSameUnderItsNewNames(): void
    {
        $old = (string) file_get_contents(__DIR__.'/../plans/two-valves-version-5.json');
        $renamed = str_replace(
            ['"version": 5', '"school":', '"two_way_valve"', '"stock": "two-way-'],
            ['"version": 6', '"system":', '"three_way_valve"', '"stock": "three-way-'],
            $old,
            $count,
        );
        self::assertSame(6, $count);
        self::assertSame(Plan::fromJson($renamed)->toJson(), Plan::fromJson($old)->toJson());
    }

    public function testPipesOfVersionEightDrawAtPortsOfTheirTanks(): void
    {
        $old = (string) file_get_contents(__DIR__.'/../plans/prompt-side-version-8.json');
        $plan = Plan::fromJson($old);
        $outlets = array_map(static fn (PlannedTank $tank): array => array_column($tank->outlets(), 'id'), $plan->tanks);
        self::assertSame([['outlet-1'], ['outlet-2'], [], []], $outlets);
        $pipes = array_column($plan->line->pipes, null, 'id');
        self::assertSame(['left.outlet-1', 'right.outlet-2'], [$pipes['pipe-1']->from, $pipes['pipe-25']->from]);
        // The port is where the water was drawn before, and nobody has said how far its fitting stands out.
        $port = $plan->tanks[0]->outlets()[0];
        self::assertSame(
            [15.0, 'ports/3/up_mm', 15.0, 225.0, 0.0],
            [$plan->tanks[0]->outletMm(), $plan->tanks[0]->outletKey(), $port->boreMm, $port->alongMm, $port->roomMm],
        );
        $value = static fn (Figure $figure): float => $figure->value;
        // Nobody knew of adapters then, nor of parts that are crimped.
        $now = SamplePlans::all()['prompt-side'];
        $parts = array_map(
            static fn (PlannedPart $one, PlannedPart $was): PlannedPart => PartFields::changed($one, ['make' => $was->make, 'figures' => $was->figures]),
            $now->line->parts,
            $plan->line->parts,
        );
        $pipes = array_map(static fn (PlannedPipe $one): PlannedPipe => PartFields::changed($one, ['fromJoint' => null, 'toJoint' => null]), $now->line->pipes);
        $now = PartFields::changed($now, ['line' => PartFields::changed($now->line, ['parts' => $parts, 'pipes' => $pipes])]);
        $figures = static fn (Plan $of): array => array_filter(
            array_map($value, Assessor::assess($of)->figures),
            static fn (string $id): bool => !str_starts_with($id, 'parts.'),
            \ARRAY_FILTER_USE_KEY,
        );
        self::assertSame($figures($now), $figures($plan));
        // A name and an id that are taken are not taken twice, and what is no plan is left to the reader to explain.
        $taken = json_decode($old);
        $taken->tanks[0]->ports[0]->name = 'Outlet';
        $taken->tanks[0]->ports[0]->id = 'outlet-1';
        $taken->runs = [];
        $read = Plan::read($taken)->tanks[0]->outlets()[0];
        self::assertSame(['outlet-2', 'Outlet 2'], [$read->id, $read->name]);
        $broken = [
            '/tanks/0' => static function (\stdClass $plan): void { $plan->tanks[0] = 5; },
            '/tanks/0/ports' => static function (\stdClass $plan): void { $plan->tanks[0]->ports = 'none'; },
            '/line/pipes/0/bore_mm' => static function (\stdClass $plan): void { $plan->line->pipes[0]->bore_mm = 'wide'; },
            '/line/pipes/0/from' => static function (\stdClass $plan): void { $plan->line->pipes[0]->from = 7; },
        ];
        foreach ($broken as $pointer => $break) {
            $plan = json_decode($old);
            $break($plan);
            try {
                Plan::read($plan);
                self::fail('This was taken.');
            } catch (InvalidInput $e) {
                self::assertContains($pointer, array_column($e->errors, 'pointer'));
            }
        }
    }

    public function testCansOfVersionSixThatNoPipeJoinsArePouredByHand(): void
    {
        $old = json_decode((string) file_get_contents(__DIR__.'/../plans/bothy-version-6.json'));
        self::assertSame([false, false, true, false], array_column(Plan::read($old)->tanks, 'poured'));
        $old->line->pipes = array_values(array_filter($old->line->pipes, static fn (\stdClass $pipe): bool => 'cans.outlet' !== $pipe->from));
        self::assertSame([false, true, true, false], array_column(Plan::read($old)->tanks, 'poured'));
        $old->use->crew = 2.5;
        self::assertSame(3.0, Plan::read($old)->use->crew);
        // What is no plan is left to the reader to explain.
        foreach (['pipes' => 3, 'tanks' => [5]] as $key => $wrong) {
            $broken = clone $old;
            $broken->{'tanks' === $key ? 'tanks' : 'line'} = 'tanks' === $key ? $wrong : (object) ['parts' => [], 'pipes' => $wrong];
            try {
                Plan::read($broken);
                self::fail('This was taken.');
            } catch (InvalidInput $e) {
                self::assertStringStartsWith('tanks' === $key ? '/tanks/0' : '/line/pipes', $e->errors[0]->pointer);
            }
        }
    }
}
