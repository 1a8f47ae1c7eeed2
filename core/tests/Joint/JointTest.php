<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Joint;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** Whether two ends go together: every pair of systems, the bounds of each rule, and the order of the two. */
final class JointTest extends TestCase
{
    private const THREAD = '{"system":"thread","standard":"%s","size":"%s","sex":"%s"}';

    /** @return iterable<string, array{string, string, string, string|null}> one end, the other, what comes of it, and with what */
    public static function joints(): iterable
    {
        $thread = static fn (string $standard, string $size, string $sex): string => \sprintf(self::THREAD, $standard, $size, $sex);
        $flat = static fn (string $size, string $sex): string => '{"system":"thread","standard":"iso_228","size":"'.$size.'","sex":"'.$sex.'","seat":"flat"}';
        yield 'two males' => [$thread('iso_7', '1/2', 'male'), $thread('iso_7', '1/2', 'male'), 'no', null];
        yield 'two females of two standards' => [$thread('iso_228', '1/2', 'female'), $thread('iso_7', '1/2', 'female'), 'no', null];
        yield 'parallel, a flat seat outside' => [$flat('3/4', 'male'), $thread('iso_228', '3/4', 'female'), 'sealed', 'a washer'];
        yield 'parallel, a flat seat inside' => [$thread('iso_228', '3/4', 'male'), $flat('3/4', 'female'), 'sealed', 'a washer'];
        yield 'parallel without a seat' => [$thread('iso_228', '3/4', 'male'), $thread('iso_228', '3/4', 'female'), 'leaks', null];
        yield 'tapered' => [$thread('iso_7', '1', 'male'), $thread('iso_7', '1', 'female'), 'sealed', 'tape or paste'];
        yield 'tapered, American' => [$thread('asme_b1_20_1', '1', 'male'), $thread('asme_b1_20_1', '1', 'female'), 'sealed', 'tape or paste'];
        yield 'garden hose' => [$thread('asme_b1_20_7', '3/4', 'male'), $thread('asme_b1_20_7', '3/4', 'female'), 'sealed', 'a washer'];
        yield 'tapered into parallel' => [$thread('iso_7', '1/2', 'male'), $thread('iso_228', '1/2', 'female'), 'sealed', 'tape or paste'];
        yield 'parallel into tapered' => [$thread('iso_228', '1/2', 'male'), $thread('iso_7', '1/2', 'female'), 'leaks', null];
        yield 'alike, 55 against 60 degrees' => [$thread('iso_7', '3/4', 'male'), $thread('asme_b1_20_1', '3/4', 'female'), 'leaks', null];
        yield 'parallel and American, one pitch' => [$thread('iso_228', '1/2', 'female'), $thread('asme_b1_20_1', '1/2', 'male'), 'leaks', null];
        yield 'one size, two pitches' => [$thread('iso_7', '1/4', 'male'), $thread('asme_b1_20_1', '1/4', 'female'), 'no', null];
        yield 'one pitch, two sizes' => [$thread('iso_7', '1/2', 'male'), $thread('asme_b1_20_1', '3/4', 'female'), 'no', null];
        yield 'garden hose and pipe' => [$thread('asme_b1_20_7', '3/4', 'male'), $thread('iso_228', '3/4', 'female'), 'no', null];
        yield 'two sizes' => [$thread('iso_7', '1/2', 'male'), $thread('iso_7', '3/4', 'female'), 'no', null];

        $barb = static fn (float $mm): string => '{"system":"barb","outer_mm":'.$mm.'}';
        $tube = static fn (float $mm): string => '{"system":"tube","outer_mm":'.$mm.'}';
        $hose = static fn (float $mm, string $wall): string => '{"system":"hose","inner_mm":'.$mm.',"wall":"'.$wall.'"}';
        foreach (['soft' => 12.5, 'braided' => 12.0, 'stiff' => 10.6] as $wall => $mostMm) {
            yield "barb at the least, $wall" => [$barb(10.2), $hose(10, $wall), 'sealed', 'a clamp or ring'];
            yield "barb below it, $wall" => [$barb(10.19), $hose(10, $wall), 'leaks', null];
            yield "barb at the most, $wall" => [$barb($mostMm), $hose(10, $wall), 'sealed', 'a clamp or ring'];
            yield "barb above it, $wall" => [$barb($mostMm + 0.01), $hose(10, $wall), 'no', null];
            yield "barb, no pressure, as wide as the hose, $wall" => [$barb(10), $hose(10, $wall).'|loose', 'sealed', 'a clamp or ring'];
            yield "barb, no pressure, thinner than the hose, $wall" => [$barb(9.99), $hose(10, $wall).'|loose', 'leaks', null];
            yield "tube under pressure, $wall" => [$tube(10.5), $hose(10, $wall), 'soft' === $wall ? 'leaks' : 'no', null];
            yield "tube without pressure, $wall" => [$tube(10.5), $hose(10, $wall).'|loose', 'sealed', 'a clamp or ring'];
            yield "tube too thick, $wall" => [$tube(13), $hose(10, $wall).'|loose', 'no', null];
        }
        foreach (['push' => ['fits', null], 'compression' => ['sealed', 'a ring'], 'solvent' => ['sealed', 'cement'], 'grommet' => ['fits', null]] as $system => [$fit, $with]) {
            $socket = '{"system":"'.$system.'","outer_mm":15'.('grommet' === $system ? ',"hole_mm":20' : '').'}';
            yield "$system, exact" => [$tube(15), $socket, $fit, $with];
            yield "$system, as thick as it may be" => [$tube(15.15), $socket, $fit, $with];
            yield "$system, too thick" => [$tube(15.16), $socket, 'no', null];
            yield "$system, as thin as it may be" => [$tube(14.85), $socket, $fit, $with];
            yield "$system, a little too thin" => [$tube(14.84), $socket, 'leaks', null];
            yield "$system, as thin as still goes in" => [$tube(14.4), $socket, 'leaks', null];
            yield "$system, much too thin" => [$tube(14.39), $socket, 'no', null];
            yield "$system and a barb" => [$barb(15), $socket, 'no', null];
        }
        yield 'crimp' => ['{"system":"crimp","nominal":"16"}', '{"system":"crimp_tube","nominal":"16"}', 'sealed', 'a ring'];
        yield 'crimp, two sizes' => ['{"system":"crimp","nominal":"16"}', '{"system":"crimp_tube","nominal":"20"}', 'no', null];
        yield 'two crimp spigots' => ['{"system":"crimp","nominal":"16"}', '{"system":"crimp","nominal":"16"}', 'no', null];
        $own = static fn (string $family, string $side): string => '{"system":"own","family":"'.$family.'","side":"'.$side.'"}';
        yield 'a coupling' => [$own('Clip 12', 'plug'), $own('Clip 12', 'socket'), 'fits', null];
        yield 'two sockets' => [$own('Clip 12', 'socket'), $own('Clip 12', 'socket'), 'no', null];
        yield 'two families' => [$own('Clip 12', 'plug'), $own('Snap 12', 'socket'), 'no', null];
        yield 'a thread and a hose' => [$thread('iso_228', '1/2', 'male'), $hose(12, 'soft'), 'no', null];
        yield 'two hoses' => [$hose(12, 'soft'), $hose(12, 'soft'), 'no', null];
    }

    #[DataProvider('joints')]
    public function testTwoEndsAreJudgedInEitherOrder(string $a, string $b, string $fit, ?string $with): void
    {
        [$b, $loose] = [...explode('|', $b), ''];
        $pressure = 'loose' === $loose ? ',"pressure":false' : '';
        $one = self::calculated(CalculatorName::Joint, \sprintf('{"a":%s,"b":%s%s}', $a, $b, $pressure));
        self::assertSame([$fit, $with], [$one->fit, $one->with]);
        self::assertNotSame('', $one->why);
        self::assertNotSame('', $one->source);
        self::assertEquals($one, self::calculated(CalculatorName::Joint, \sprintf('{"a":%s,"b":%s%s}', $b, $a, $pressure)));
    }

    public function testTheGapIsThatOfWhatGoesOverOrIn(): void
    {
        $gap = static fn (string $a, string $b): ?float => self::calculated(CalculatorName::Joint, \sprintf('{"a":%s,"b":%s}', $a, $b))->gap_mm;
        self::assertEqualsWithDelta(0.7, $gap('{"system":"hose","inner_mm":12.7,"wall":"braided"}', '{"system":"barb","outer_mm":13.4}'), 1e-9);
        self::assertEqualsWithDelta(0.5, $gap('{"system":"tube","outer_mm":15.5}', '{"system":"push","outer_mm":16}'), 1e-9);
        self::assertNull($gap('{"system":"tube","outer_mm":15.5}', '{"system":"barb","outer_mm":16}'));
    }

    /** @return iterable<string, array{string, list<string>}> what was measured, and what it may be, the likeliest first */
    public static function measured(): iterable
    {
        yield 'half an inch, with its pitch' => ['{"outer_mm":20.9,"pitch_tpi":14}', ['iso_228 1/2', 'iso_7 1/2', 'asme_b1_20_1 1/2']];
        yield 'the same in millimetres, tapered' => ['{"outer_mm":20.9,"pitch_mm":1.814,"taper":true}', ['iso_7 1/2', 'asme_b1_20_1 1/2']];
        yield 'the same, parallel' => ['{"outer_mm":20.9,"pitch_tpi":14,"taper":false}', ['iso_228 1/2']];
        yield 'inside a female one' => ['{"inner_mm":18.6,"pitch_tpi":14}', ['iso_228 1/2', 'iso_7 1/2', 'asme_b1_20_1 1/2']];
        yield 'a garden hose' => ['{"outer_mm":26.9,"pitch_tpi":11.5}', ['asme_b1_20_7 3/4']];
        yield 'smooth, or a ridge' => ['{"outer_mm":15}', ['tube 15', 'barb for 13', 'barb for 12.7']];
        yield 'nothing that there is' => ['{"outer_mm":300}', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('measured')]
    public function testWhatWasMeasuredIsFound(string $measured, array $expected): void
    {
        $found = self::calculated(CalculatorName::Ends, $measured)->candidates;
        $named = array_map(static fn (\stdClass $one): string => match ($one->end->system) {
            'thread' => $one->end->standard.' '.$one->end->size,
            'tube' => 'tube '.$one->end->outer_mm,
            default => 'barb for '.round($one->end->outer_mm - $one->off_mm, 3),
        }, $found);
        self::assertSame($expected, $named);
        foreach ($found as $one) {
            self::assertNotSame('', $one->tell);
        }
    }

    public function testWhatIsJustNearEnoughIsFound(): void
    {
        $names = static fn (string $measured): array => array_column(self::calculated(CalculatorName::Ends, $measured)->candidates, 'name');
        $half = 'Parallel pipe thread (ISO 228), 1/2, male';
        self::assertContains($half, $names('{"outer_mm":21.655,"pitch_tpi":14.6}'));
        self::assertNotContains($half, $names('{"outer_mm":21.656,"pitch_tpi":14.6}'));
        self::assertNotContains($half, $names('{"outer_mm":21.655,"pitch_tpi":14.61}'));
        self::assertContains('Tube of 15 mm', $names('{"outer_mm":15.3}'));
        self::assertNotContains('Tube of 15 mm', $names('{"outer_mm":15.31}'));
    }

    public function testTheStandardsOfBothAreTheSource(): void
    {
        $source = static fn (string $standard, string $other): string => self::calculated(
            CalculatorName::Joint,
            \sprintf('{"a":'.self::THREAD.',"b":'.self::THREAD.'}', $standard, '1/2', 'male', $other, '1/2', 'female'),
        )->source;
        self::assertSame('ISO 7-1', $source('iso_7', 'iso_7'));
        self::assertSame('ISO 7-1, ISO 228-1', $source('iso_7', 'iso_228'));
    }

    public function testWhatTellsThreadsApartIsSaid(): void
    {
        $tell = array_column(self::calculated(CalculatorName::Ends, '{"outer_mm":20.9,"pitch_tpi":14}')->candidates, 'tell');
        self::assertStringContainsString('parallel', $tell[0]);
        self::assertStringContainsString('55°', $tell[1]);
        self::assertStringContainsString('60°', $tell[2]);
    }

    /** @return iterable<string, array{CalculatorName, string, list<string>}> the input, and the place of every error */
    public static function wrong(): iterable
    {
        $hose = '{"system":"hose","inner_mm":12,"wall":"soft"}';
        yield 'a size that there is not' => [CalculatorName::Joint, \sprintf('{"a":'.self::THREAD.',"b":%s}', 'iso_7', '5/8', 'male', $hose), ['/a/size']];
        yield 'a hole no wider than its tube' => [CalculatorName::Joint, '{"a":{"system":"grommet","hole_mm":15,"outer_mm":15},"b":'.$hose.'}', ['/a/hole_mm']];
        yield 'everything at the same time' => [CalculatorName::Joint, '{"a":{"system":"barb"},"b":{"system":"hose","inner_mm":-1,"wall":"thin"},"c":1}', ['/a/outer_mm', '/b/inner_mm', '/b/wall', '/c']];
        yield 'nothing measured' => [CalculatorName::Ends, '{}', ['/outer_mm']];
        yield 'two measured, two pitches' => [CalculatorName::Ends, '{"outer_mm":20,"inner_mm":18,"pitch_tpi":14,"pitch_mm":2}', ['/outer_mm', '/pitch_mm']];
    }

    /** @param list<string> $pointers */
    #[DataProvider('wrong')]
    public function testBadInputIsRefusedWhereItStands(CalculatorName $name, string $input, array $pointers): void
    {
        try {
            $name->calculate(Json::decode($input));
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertSame($pointers, array_column($e->errors, 'pointer'));
        }
    }

    private static function calculated(CalculatorName $name, string $input): \stdClass
    {
        $result = Json::decode(Json::encode($name->calculate(Json::decode($input))));
        self::assertInstanceOf(\stdClass::class, $result);

        return $result;
    }
}
