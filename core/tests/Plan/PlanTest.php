<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Migration\PlanMigrations;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFormat;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Spoken\TypedText;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Quantity\UnreadableQuantity;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

final class PlanTest extends TestCase
{
    public function testAPlanFileIsReadAndWrittenByteForByte(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            self::assertSame($plan->toJson(), Plan::fromJson($plan->toJson())->toJson(), $name);
        }
        self::assertSame(SamplePlans::fellsideFile(), SamplePlans::fellside()->toJson());
    }

    /** @return iterable<string, array{string, string, string}> a patch, the pointer of the error it makes, and a part of its message */
    public static function badPlans(): iterable
    {
        yield 'wrong type' => ['[{"op":"replace","path":"/use/crew","value":"two"}]', '/use/crew', 'This must be a number'];
        yield 'out of range' => ['[{"op":"replace","path":"/use/days","value":0}]', '/use/days', 'from 0.25 to 120'];
        yield 'unknown key' => ['[{"op":"add","path":"/use/mood","value":1}]', '/use/mood', 'not known here'];
        yield 'missing key' => ['[{"op":"remove","path":"/load/rig/axles/0/track_m"}]', '/load/rig/axles/0/track_m', 'missing'];
        yield 'unknown choice' => ['[{"op":"replace","path":"/units/volume","value":"gal"}]', '/units/volume', '"US gal"'];
        yield 'no rig of that kind' => ['[{"op":"replace","path":"/load/rig/kind","value":"raft"}]', '/load/rig/kind', '"trailer"'];
        yield 'a body of another kind' => ['[{"op":"replace","path":"/load/rig/body","value":"boat"}]', '/load/rig/body', '"pickup"'];
        yield 'a name twice' => ['[{"op":"replace","path":"/tanks/1/name","value":"Tail tank"}]', '/tanks/1/name', 'for example “Tail tank 2”'];
        yield 'an id twice' => ['[{"op":"replace","path":"/tanks/1/id","value":"bunk"}]', '/tanks/1/id', 'first used at /load/loads/0'];
        yield 'an id with a blank' => ['[{"op":"replace","path":"/tanks/1/id","value":"a b"}]', '/tanks/1/id', 'for example “tank-1”'];
        yield 'an empty name' => ['[{"op":"replace","path":"/name","value":"  "}]', '/name', '1 to 80 characters'];
        yield 'a name on two lines' => ['[{"op":"replace","path":"/name","value":"a\nb"}]', '/name', 'on one line'];
        yield 'litres and flow' => ['[{"op":"add","path":"/use/uses/0/minutes","value":3}]', '/use/uses/0/litres', 'not both'];
        yield 'outlet above overflow' => [
            '[{"op":"replace","path":"/tanks/0/outlet_height_mm","value":350}]',
            '/tanks/0/outlet_height_mm',
            'below the overflow',
        ];
        yield 'overflow above the lid' => [
            '[{"op":"replace","path":"/tanks/0/overflow_height_mm","value":361}]',
            '/tanks/0/overflow_height_mm',
            'above the lid',
        ];
        yield 'axles longer than the rig' => ['[{"op":"replace","path":"/load/rig/axles/1/x_m","value":5.5}]', '/load/rig/axles/1/x_m', 'longer than the rig'];
        yield 'half a person' => ['[{"op":"replace","path":"/use/crew","value":3.5}]', '/use/crew', 'People are counted whole: 3 or 4, not 3.5.'];
        yield 'a newer version' => ['[{"op":"replace","path":"/version","value":8}]', '/version', 'newer Yard Cask'];
        yield 'no plan' => ['[{"op":"replace","path":"/format","value":"shopping-list"}]', '/format', 'not a plan'];
    }

    #[DataProvider('badPlans')]
    public function testSaysWhereAPlanIsWrongAndWhatIsAllowed(string $patch, string $pointer, string $message): void
    {
        $document = SamplePlans::patched(SamplePlans::fellside(), $patch);
        try {
            Plan::read($document);
            self::fail('This plan was taken.');
        } catch (InvalidInput $e) {
            self::assertContains($pointer, array_map(static fn (InputError $error): string => $error->pointer, $e->errors));
            self::assertStringContainsString($message, $e->getMessage());
        }
    }

    public function testAllErrorsAreReportedTogether(): void
    {
        $document = SamplePlans::patched(
            SamplePlans::fellside(),
            '[{"op":"replace","path":"/use/crew","value":-1},{"op":"replace","path":"/tanks/2/x_m","value":"far"},{"op":"add","path":"/load/loads/0/colour","value":"red"}]',
        );
        try {
            Plan::read($document);
            self::fail('This plan was taken.');
        } catch (InvalidInput $e) {
            self::assertSame(
                ['/use/crew', '/load/loads/0/colour', '/tanks/2/x_m'],
                array_map(static fn (InputError $error): string => $error->pointer, $e->errors),
            );
        }
    }

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

    public function testDeepNestingAndBrokenJsonAreRefused(): void
    {
        foreach ([str_repeat('[', 60).str_repeat(']', 60) => 'nested too deep', '{"format":' => 'not JSON', "\xff" => 'not JSON'] as $json => $message) {
            try {
                Plan::fromJson((string) $json);
                self::fail('This was taken.');
            } catch (InvalidInput $e) {
                self::assertStringContainsString($message, $e->getMessage());
            }
        }
    }

    /** @return list<array{string, string, float|string}> pointer, typed text, the value to store or a part of the refusal */
    public static function typed(): array
    {
        return [
            ['/tanks/0/length_mm', '3 ft 1', 939.8],
            ['/tanks/0/y_m', '620 left', -0.62],
            ['/load/rig/axles/0/weighed_kg', '1,5 t', 1500.0],
            ['/use/reserve', '1/8', 0.125],
            ['/load/rig/axles/1/x_m', '3300', 3.3],
            ['/tanks/0/length_mm', '25 m', '“25 m” was read as 25 000 mm; a tank’s length can be from 20 mm to 4 000 mm.'],
            ['/tanks/0/outlet_height_mm', '350 mm', '“350 mm” was read as 350 mm. The outlet (350 mm) must be below the overflow (345 mm).'],
            ['/tanks/9/length_mm', '900', 'There is no measured field here.'],
            ['/tanks/0/travel_fill', '60', 0.6],
            ['/load/rig/axles/0/weighed_kg', '1.350', '“1.350” is far from the 1 455 kg next to it. Is it 1 350 kg or 1.35 kg?'],
            ['/load/rig/axles/0/weighed_kg', '1,350', 'two ways: the comma may part thousands or decimals'],
            ['/load/rig/axles/0/weighed_kg', '135', 'Is it 1 350 kg or 135 kg?'],
            ['/load/rig/axles/0/weighed_kg', '9000', 'Is it 900 kg or 9 000 kg?'],
            ['/load/rig/axles/0/weighed_kg', '486', 486.0],
            ['/load/rig/axles/1/limit_kg', '185', 'Is it 1 850 kg or 185 kg?'],
            ['/load/rig/gross_limit_kg', '35 000', 'Is it 3 500 kg or 35 000 kg?'],
            ['/use/days', '5.', 5.0],
            ['/use/uses/0/litres', '0x10', '“0x10”'],
            ['/use/uses/4/minutes', '2 5', 'not one quantity'],
            ['/use/uses/4/minutes', '2 5 min', 'not one quantity'],
            ['/use/uses/0/times', 'once', 1.0],
            ['/use/uses/0/times', 'twice', 2.0],
            ['/use/uses/0/times', '2 a day', 2.0],
            ['/use/uses/0/times', 'twice daily', 2.0],
            ['/use/uses/0/times', '3 times per stay', 3.0],
            ['/use/uses/0/times', '2 kg', 'takes a number of times'],
            ['/tanks/0/count', '2.5', 'not a whole number'],
            ['/name', '9', 'There is no measured field here.'],
            ['/use/uses/0/litres', '2 gal', 'two ways'],
            ['/use/crew', '3.5', 'People are counted whole: 3 or 4'],
        ];
    }

    #[DataProvider('typed')]
    public function testReadsTypedTextForItsField(string $pointer, string $text, float|string $expected): void
    {
        try {
            $value = TypedText::read($pointer, $text, SamplePlans::fellside());
            self::assertSame($expected, $value);
        } catch (InvalidInput|UnreadableQuantity $e) {
            self::assertIsString($expected, $e->getMessage());
            self::assertStringContainsString($expected, str_replace("\u{00A0}", ' ', $e->getMessage()));
        }
    }

    public function testAnUnlikelyWeightIsTakenOnceItIsConfirmed(): void
    {
        self::assertSame(135.0, TypedText::read('/load/rig/axles/0/weighed_kg', '135 kg', SamplePlans::fellside(), true));
        self::assertSame(1350.0, TypedText::read('/load/rig/axles/0/weighed_kg', "1\u{00A0}350\u{00A0}kg", SamplePlans::fellside()));
    }

    /** @return list<array{string, string, string}> the unit of length, a pointer, and the range that its refusal names */
    public static function ranges(): array
    {
        return [
            ['mm', '/tanks/0/length_mm', 'from 20 mm to 4 000 mm'],
            ['in', '/tanks/0/length_mm', 'from 0.788 in to 157.48 in'],
            ['in', '/tanks/0/y_m', 'from 118.11 in left to 118.11 in right'],
            ['in', '/load/rig/height_m', 'from 19.686 in to 196.85 in'],
        ];
    }

    #[DataProvider('ranges')]
    public function testWhatARefusalNamesAsAllowedIsAllowed(string $unit, string $pointer, string $range): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/units/length","value":"'.$unit.'"}]'));
        try {
            TypedText::read($pointer, '900 ft', $plan);
            self::fail('900 ft were taken.');
        } catch (InvalidInput $e) {
            $said = str_replace("\u{00A0}", ' ', $e->errors[0]->message);
            self::assertStringContainsString($range, $said);
            preg_match('/from (.+) to (.+)\./', $range.'.', $ends);
            foreach (\array_slice($ends, 1) as $end) {
                try {
                    TypedText::read($pointer, $end, $plan);
                } catch (InvalidInput $other) {
                    self::assertStringNotContainsString('can be from', $other->getMessage());
                }
            }
        }
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

    public function testAPatchIsAppliedAsJsonPatchSays(): void
    {
        $plan = SamplePlans::fellside();
        $patch = PlanPatch::replace('/use/days', 4)->and(PlanPatch::remove('/tanks/1'))->and(PlanPatch::append('/tanks', SamplePlans::fellside()->tanks[1]));
        $ours = $patch->applyTo($plan);
        $theirs = Plan::read(SamplePlans::patched($plan, Json::encode($patch)));
        self::assertSame($theirs->toJson(), $ours->toJson());
        self::assertSame(['tail', 'waste', 'drink-cans'], array_map(static fn ($tank): string => $tank->id, $ours->tanks));
    }

    #[TestWith(['Fellside', 'Fellside.yardcask.json'])]
    #[TestWith(['A/B\\C: “two”?', 'A-B-C- “two”-.yardcask.json'])]
    #[TestWith(["\u{202E}txt.exe\u{200B}", 'txt.exe.yardcask.json'])]
    #[TestWith(["\u{200F}", 'plan.yardcask.json'])]
    #[TestWith(['Żółw 小舟', 'Żółw 小舟.yardcask.json'])]
    public function testItsFileHasANameThatNoSystemTripsOver(string $name, string $file): void
    {
        $plan = PartFields::changed(Plan::fromJson(SamplePlans::versionOneFile()), ['name' => $name]);
        self::assertSame($file, $plan->fileName());
    }

    public function testAPlanOfVersionTwoIsTheSameWithBoxesForTanksAndNoBaysOrHoses(): void
    {
        $old = (string) file_get_contents(__DIR__.'/../plans/fellside-version-2.json');
        $now = SamplePlans::fellside();
        $nowhere = array_map(
            static fn (PlannedTank $tank): PlannedTank => PartFields::changed(
                $tank,
                ['bay' => null, 'ports' => [], 'straps' => null, 'strapAngleDeg' => null, 'seeThrough' => 'drink-cans' === $tank->id],
            ),
            $now->tanks,
        );
        self::assertSame(
            PartFields::changed($now, ['bays' => [], 'tanks' => $nowhere, 'runs' => [], 'line' => LinePlan::none()])->toJson(),
            Plan::fromJson($old)->toJson(),
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

    /**
     * @return iterable<string, array{string, float, float, float, float, float}> shape, sizes in mm; litres in all, litres below half and below a
     *                                                                            quarter of the height
     */
    public static function shapes(): iterable
    {
        yield 'a box' => ['box', 1000, 500, 400, 200, 50];
        yield 'a drum' => ['upright_cylinder', 400, 400, 1000, 40 * \M_PI, 10 * \M_PI];
        yield 'an oval drum' => ['upright_cylinder', 800, 200, 1000, 40 * \M_PI, 10 * \M_PI];
        yield 'a barrel on its side' => ['lying_cylinder', 1000, 400, 400, 40 * \M_PI, 40 * (\M_PI / 3 - sqrt(3) / 4)];
        yield 'a barrel across' => ['lying_cylinder', 400, 1000, 400, 40 * \M_PI, 40 * (\M_PI / 3 - sqrt(3) / 4)];
        yield 'a flat barrel' => ['lying_cylinder', 1000, 800, 200, 40 * \M_PI, 40 * (\M_PI / 3 - sqrt(3) / 4)];
    }

    #[DataProvider('shapes')]
    public function testATankHoldsWhatItsShapeHolds(string $shape, float $length, float $width, float $height, float $litres, float $quarter): void
    {
        $tank = PartFields::changed(SamplePlans::fellside()->tanks[0], ['lengthMm' => $length, 'widthMm' => $width, 'heightMm' => $height]);
        $inside = PlannedShape::from($shape)->inside($tank->sizeMm(), $tank->arch, $tank->levels);
        self::assertSame($height, $inside->heightMm());
        self::assertEqualsWithDelta(
            [$litres, $litres / 2, $quarter],
            [$inside->litresBelow($height), $inside->litresBelow($height / 2), $inside->litresBelow($height / 4)],
            1e-9,
        );
    }
}
