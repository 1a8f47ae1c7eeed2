<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanMigrations;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\TypedText;
use YardCask\Core\Quantity\UnreadableQuantity;
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
        yield 'wrong type' => ['[{"op":"replace","path":"/use/crew","value":"two"}]', '/use/crew', 'A number is wanted'];
        yield 'out of range' => ['[{"op":"replace","path":"/use/days","value":0}]', '/use/days', 'from 0.25 to 120'];
        yield 'unknown key' => ['[{"op":"add","path":"/use/mood","value":1}]', '/use/mood', 'not known here'];
        yield 'missing key' => ['[{"op":"remove","path":"/load/rig/track_m"}]', '/load/rig/track_m', 'missing'];
        yield 'unknown choice' => ['[{"op":"replace","path":"/units/volume","value":"gal"}]', '/units/volume', '"US gal"'];
        yield 'no rig of that kind' => ['[{"op":"replace","path":"/load/rig/kind","value":"raft"}]', '/load/rig/kind', '"trailer"'];
        yield 'a body of another kind' => ['[{"op":"replace","path":"/load/rig/body","value":"boat"}]', '/load/rig/body', '"pickup"'];
        yield 'an id twice' => ['[{"op":"replace","path":"/tanks/1/id","value":"crew"}]', '/tanks/1/id', 'stands first at /load/loads/0'];
        yield 'an id with a blank' => ['[{"op":"replace","path":"/tanks/1/id","value":"a b"}]', '/tanks/1/id', 'for example “tank-1”'];
        yield 'an empty name' => ['[{"op":"replace","path":"/name","value":"  "}]', '/name', '1 to 80 characters'];
        yield 'a name on two lines' => ['[{"op":"replace","path":"/name","value":"a\nb"}]', '/name', 'on one line'];
        yield 'litres and flow' => ['[{"op":"add","path":"/use/uses/0/minutes","value":3}]', '/use/uses/0/litres', 'not both'];
        yield 'outlet above overflow' => ['[{"op":"replace","path":"/tanks/0/outlet_height_mm","value":350}]', '/tanks/0/outlet_height_mm', 'below the overflow'];
        yield 'overflow above the lid' => ['[{"op":"replace","path":"/tanks/0/overflow_height_mm","value":361}]', '/tanks/0/overflow_height_mm', 'above the lid'];
        yield 'axles longer than the rig' => ['[{"op":"replace","path":"/load/rig/wheelbase_m","value":5.5}]', '/load/rig/wheelbase_m', 'longer than the rig'];
        yield 'a newer version' => ['[{"op":"replace","path":"/version","value":2}]', '/version', 'newer Yard Cask'];
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
        $document = SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/use/crew","value":-1},{"op":"replace","path":"/tanks/2/x_m","value":"far"},{"op":"add","path":"/load/loads/0/colour","value":"red"}]');
        try {
            Plan::read($document);
            self::fail('This plan was taken.');
        } catch (InvalidInput $e) {
            self::assertSame(['/use/crew', '/load/loads/0/colour', '/tanks/2/x_m'], array_map(static fn (InputError $error): string => $error->pointer, $e->errors));
        }
    }

    public function testOlderVersionsAreMigratedStepByStep(): void
    {
        $migrations = new PlanMigrations(3, [
            1 => static fn (\stdClass $old): \stdClass => (object) (['a' => $old->a.' then two'] + (array) $old),
            2 => static fn (\stdClass $old): \stdClass => (object) (['a' => $old->a.' then three'] + (array) $old),
        ]);
        $old = (object) ['format' => Plan::FORMAT, 'version' => 1, 'a' => 'one'];
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
            ['/load/rig/front/weighed_kg', '1,5 t', 1500.0],
            ['/use/reserve', '1/8', 0.125],
            ['/load/rig/wheelbase_m', '3300', 3.3],
            ['/tanks/0/length_mm', '25 m', '“25 m” was read as 25 000 mm; a tank\'s length can be from 20 mm to 4 000 mm.'],
            ['/tanks/0/outlet_height_mm', '350 mm', '“350 mm” was read as 350 mm. The outlet (350 mm) must lie below the overflow (345 mm).'],
            ['/tanks/9/length_mm', '900', 'was read as 900 mm'],
            ['/name', '9', 'Nothing that is measured stands here.'],
            ['/use/uses/0/litres', '2 gal', 'two ways'],
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

    public function testAPatchIsAppliedAsJsonPatchSays(): void
    {
        $plan = SamplePlans::fellside();
        $patch = PlanPatch::replace('/use/days', 4)->and(PlanPatch::remove('/tanks/1'))->and(PlanPatch::append('/tanks', SamplePlans::fellside()->tanks[1]));
        $ours = $patch->applyTo($plan);
        $theirs = Plan::read(SamplePlans::patched($plan, Json::encode($patch)));
        self::assertSame($theirs->toJson(), $ours->toJson());
        self::assertSame(['tail', 'drink-2', 'drink-1'], array_map(static fn ($tank): string => $tank->id, $ours->tanks));
    }
}
