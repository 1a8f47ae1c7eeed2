<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use YardCask\Core\Plan\PlanFormat;

final class CommandsTest extends KernelTestCase
{
    /**
     * @return iterable<string, array{string, array<string, mixed>, string, int, string}> command, arguments, the file's content, exit code, a part of
     *                                                                                    the output
     */
    public static function runs(): iterable
    {
        $fellside = (string) file_get_contents(__DIR__.'/../../catalogue/plans/fellside.json');
        yield 'the names' => [
            'yardcask:calc',
            ['--list' => true],
            '',
            0,
            "demand\ntank\npayload\npassage\nbay-fit\nsurge\ntrapped\npipe\nline\ngravity\naccumulator\nheat\nwire\n",
        ];
        yield 'a tank' => ['yardcask:calc', ['name' => 'tank'], '{"shape":"box","length_mm":1000,"width_mm":500,"height_mm":200}', 0, '"gross_l": 100,'];
        yield 'bad input' => ['yardcask:calc', ['name' => 'tank'], '{"shape":"box","length_mm":1000,"width_mm":500}', 2, '"pointer": "/height_mm"'];
        yield 'no JSON' => ['yardcask:calc', ['name' => 'tank'], '{', 2, 'not JSON'];
        yield 'no such calculator' => [
            'yardcask:calc',
            ['name' => 'tides'],
            '{}',
            2,
            'There are: demand, tank, payload, passage, bay-fit, surge, trapped, pipe, line, gravity, accumulator, heat, wire',
        ];
        yield 'a plan with a stop' => ['yardcask:assess', [], $fellside, 1, '"load.rear-over"'];
        yield 'a plan without one' => ['yardcask:assess', [], str_replace('"limit_kg": 1850', '"limit_kg": 2100', $fellside), 0, '"yard-cask-assessment"'];
        yield 'a plan of version 1' => [
            'yardcask:read',
            [],
            (string) file_get_contents(__DIR__.'/../../core/tests/plans/fellside-version-1.json'),
            0,
            '"version": '.PlanFormat::VERSION.',',
        ];
        yield 'the plan of the first answers' => [
            'yardcask:begin',
            [],
            '{"crew":"two","stay":"wild","habit":"frugal","days":3,"rig":"trailer","system":"two_valves"}',
            0,
            '"system": "two_valves"',
        ];
        yield 'the usual system of a rig' => [
            'yardcask:begin',
            [],
            '{"crew":2,"stay":"wild","habit":"frugal","days":3,"rig":"pickup"}',
            0,
            '"system": "can_switched"',
        ];
        yield 'a system that the rig has no tank for' => [
            'yardcask:begin',
            [],
            '{"crew":2,"stay":"wild","habit":"frugal","days":3,"rig":"van","system":"gravity"}',
            2,
            'This system needs a tank above the taps',
        ];
        yield 'answers that are none' => [
            'yardcask:begin',
            [],
            '{"crew":"some of us","stay":"wild","habit":"frugal","days":3,"rig":"van","system":"old"}',
            2,
            '"pointer": "/system"',
        ];
        yield 'no plan to read' => ['yardcask:read', [], '{}', 2, '"pointer": "/format"'];
        yield 'a bad plan' => ['yardcask:assess', [], str_replace('"crew": 2', '"crew": 0', $fellside), 2, '"pointer": "/use/crew"'];
    }

    /** @param array<string, mixed> $arguments */
    #[DataProvider('runs')]
    public function testAnswersInJsonAndExitCode(string $command, array $arguments, string $content, int $exit, string $part): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'yardcask');
        file_put_contents($file, $content);
        $tester = new CommandTester((new Application(self::bootKernel()))->find($command));
        self::assertSame($exit, $tester->execute($arguments + ['file' => $file]));
        self::assertStringContainsString($part, $tester->getDisplay());
        unlink($file);
    }

    public function testEveryFirstPlanOfARigHasItsRow(): void
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('yardcask:first-plans'));
        self::assertSame(0, $tester->execute(['--rig' => ['pickup'], '--system' => ['can_foot', 'gravity'], '--people' => ['1']]));
        preg_match_all('/^\| (?!Pick-up)(.*) \|$/m', $tester->getDisplay(), $rows);
        $cells = array_map(static fn (string $row): array => array_map(trim(...), explode('|', $row)), $rows[1]);
        self::assertCount(18, $cells);
        foreach ($cells as [$system, $stay, , $days, $needsL, $tanksL, , , , $fullKg, $heater, $parts, , $givesWay]) {
            if (str_starts_with($system, 'header')) {
                self::assertStringContainsString('needs a tank above the taps', $givesWay);
                continue;
            }
            self::assertSame(['', ''], [$heater, $givesWay], "$stay $days");
            self::assertGreaterThanOrEqual($needsL, $tanksL, "$stay $days");
            self::assertGreaterThan($tanksL, $fullKg, "$stay $days");
            self::assertGreaterThanOrEqual(3, $parts, "$stay $days");
        }
        $this->expectExceptionMessage('There is no rig “cart”. There are: small-van, ');
        $tester->execute(['--rig' => ['cart']]);
    }

    public function testGeneratedFilesMatchTheCode(): void
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('yardcask:write-docs'));
        self::assertSame(0, $tester->execute(['--check' => true]), $tester->getDisplay());
    }

    public function testTheDemonstrationIsLoadedOnceOnly(): void
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('yardcask:load-demo'));
        $tester->execute([]);
        self::assertSame("Bothy\nFellside\nPetrel\nPrompt Side\n", $tester->getDisplay());
        $tester->execute([]);
        self::assertSame('', $tester->getDisplay());
    }
}
