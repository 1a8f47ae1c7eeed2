<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
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
            '[{"op":"replace","path":"/tanks/0/ports/3/up_mm","value":360}]',
            '/tanks/0/ports/3/up_mm',
            'below the overflow',
        ];
        yield 'overflow above the lid' => [
            '[{"op":"replace","path":"/tanks/0/overflow_height_mm","value":361}]',
            '/tanks/0/overflow_height_mm',
            'above the lid',
        ];
        yield 'axles longer than the rig' => ['[{"op":"replace","path":"/load/rig/axles/1/x_m","value":5.5}]', '/load/rig/axles/1/x_m', 'longer than the rig'];
        yield 'half a person' => ['[{"op":"replace","path":"/use/crew","value":3.5}]', '/use/crew', 'People are counted whole: 3 or 4, not 3.5.'];
        yield 'a newer version' => ['[{"op":"replace","path":"/version","value":12}]', '/version', 'newer Yard Cask'];
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
}
