<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Calculator;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** The calculators against worked cases from an independent implementation, and against input that is wrong. */
final class WorkedCasesTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, mixed}> */
    public static function cases(): iterable
    {
        foreach (glob(__DIR__.'/../cases/*.json') ?: [] as $file) {
            $data = json_decode((string) file_get_contents($file), false, 64, \JSON_THROW_ON_ERROR);
            foreach ($data->cases as $number => $case) {
                yield basename($file).' '.$number => [$data->calculator, $case->input, $case->expect];
            }
        }
    }

    #[DataProvider('cases')]
    public function testAgreesWithTheWorkedCase(string $calculator, mixed $input, mixed $expect): void
    {
        self::assertMatches($expect, Json::decode(Json::encode(CalculatorName::from($calculator)->calculate($input))), '');
    }

    /** @return iterable<string, array{CalculatorName, string, list<string>}> the pointers of all errors, in order */
    public static function badInput(): iterable
    {
        $road = '"kind":"road","gross_limit_kg":3500,"axles":{"wheelbase_m":3,"front":{"weighed_kg":1400,"limit_kg":1850},"rear":{"weighed_kg":1400,"limit_kg":1950}},"track_m":1.7';
        yield 'not an object' => [CalculatorName::Tank, '[1]', ['']];
        yield 'unknown shape' => [CalculatorName::Tank, '{"shape":"egg","length_mm":1,"width_mm":1,"height_mm":1}', ['/shape']];
        yield 'all at once' => [
            CalculatorName::Tank,
            '{"shape":"box","length_mm":-3,"width_mm":"a","zz":1,"marks":[2,"x"]}',
            ['/length_mm', '/width_mm', '/height_mm', '/marks/0', '/marks/1', '/zz'],
        ];
        yield 'infinite' => [CalculatorName::Tank, '{"shape":"box","length_mm":1e999,"width_mm":1e308,"height_mm":1}', ['/length_mm', '/width_mm']];
        yield 'not a number' => [
            CalculatorName::Tank,
            '{"shape":"box","length_mm":"NaN","width_mm":true,"height_mm":null}',
            ['/length_mm', '/width_mm', '/height_mm'],
        ];
        yield 'outlet above overflow' => [
            CalculatorName::Tank,
            '{"shape":"box","length_mm":9,"width_mm":9,"height_mm":9,"outlet_height_mm":5,"overflow_height_mm":5}',
            ['/outlet_height_mm'],
        ];
        yield 'overflow above the lid' => [
            CalculatorName::Tank,
            '{"shape":"lying_cylinder","length_mm":9,"diameter_mm":9,"overflow_height_mm":10}',
            ['/overflow_height_mm'],
        ];
        yield 'arch larger than the tank' => [
            CalculatorName::Tank,
            '{"shape":"wheel_arch","length_mm":9,"width_mm":9,"height_mm":9,"arch_length_mm":10,"arch_width_mm":9,"arch_height_mm":11}',
            ['/arch_length_mm', '/arch_height_mm'],
        ];
        yield 'nothing but arch' => [
            CalculatorName::Tank,
            '{"shape":"wheel_arch","length_mm":9,"width_mm":9,"height_mm":9,"arch_length_mm":9,"arch_width_mm":9,"arch_height_mm":9}',
            ['/arch_height_mm'],
        ];
        yield 'falling profile' => [
            CalculatorName::Tank,
            '{"shape":"profile","points":[{"height_mm":0,"litres":0},{"height_mm":9,"litres":5},{"height_mm":8,"litres":4}]}',
            ['/points/2/height_mm', '/points/2/litres'],
        ];
        yield 'one point' => [CalculatorName::Tank, '{"shape":"profile","points":[{"height_mm":9,"litres":5}]}', ['/points']];
        yield 'litres and flow' => [
            CalculatorName::Demand,
            '{"crew":2,"days":3,"uses":[{"name":"a","litres":1,"flow_lpm":2,"minutes":1,"each":"rig","per_day":1}]}',
            ['/uses/0/litres'],
        ];
        yield 'flow without minutes' => [
            CalculatorName::Demand,
            '{"crew":2,"days":3,"uses":[{"name":"a","flow_lpm":2,"each":"rig","per_day":1}]}',
            ['/uses/0/minutes'],
        ];
        yield 'a day and a stay' => [
            CalculatorName::Demand,
            '{"crew":2,"days":3,"uses":[{"name":"a","litres":2,"each":"rig","per_day":1,"per_stay":1}]}',
            ['/uses/0/per_stay'],
        ];
        yield 'no days, negative crew' => [CalculatorName::Demand, '{"crew":-2,"days":0,"uses":{}}', ['/crew', '/days', '/uses']];
        yield 'spread above one' => [
            CalculatorName::Demand,
            '{"crew":2,"days":3,"uses":[{"name":"a","litres":2,"each":"dog","per_day":1,"spread":1.5}]}',
            ['/uses/0/each', '/uses/0/spread'],
        ];
        yield 'loads missing' => [CalculatorName::Payload, '{'.$road.',"tanks":[]}', ['/loads']];
        yield 'negative weight, unknown key' => [
            CalculatorName::Payload,
            '{'.$road.',"loads":[{"name":"a","kg":-1,"x_m":0,"y_m":0,"q~/":1}],"tanks":[3]}',
            ['/tanks/0', '/loads/0/kg', '/loads/0/q~0~1'],
        ];
        yield 'nose heavier than the trailer' => [
            CalculatorName::Payload,
            '{"kind":"trailer","gross_limit_kg":1300,"weighed_kg":100,"nose_weighed_kg":101,"nose_limit_kg":100,"coupling_to_axle_m":3,"axle_limit_kg":1200,"loads":[],"tanks":[]}',
            ['/nose_weighed_kg'],
        ];
        yield 'more than the box holds, half a cell' => [
            CalculatorName::Surge,
            '{"length_m":1,"width_m":1,"height_m":1,"litres":1001,"port_height_m":-1,"baffle_cells":1.5}',
            ['/port_height_m', '/baffle_cells'],
        ];
        yield 'more than the box holds' => [CalculatorName::Surge, '{"length_m":1,"width_m":1,"height_m":1,"litres":1001,"port_height_m":1}', ['/litres']];
        yield 'a run of one point' => [CalculatorName::Trapped, '{"bore_mm":10,"points":[{"x_m":0,"z_m":0}]}', ['/points']];
        yield 'a run through nowhere' => [
            CalculatorName::Trapped,
            '{"bore_mm":0,"points":[{"x_m":0},{"z_m":0,"w_m":1}]}',
            ['/bore_mm', '/points/0/z_m', '/points/1/x_m', '/points/1/w_m'],
        ];
        yield 'a body larger than the tank' => [
            CalculatorName::BayFit,
            '{"bay":{"length_mm":9,"width_mm":9,"height_mm":9},"tank":{"length_mm":5,"width_mm":5,"height_mm":5,"boxes":[{"x_mm":1,"y_mm":0,"z_mm":0,"length_mm":5,"width_mm":5,"height_mm":5}]}}',
            ['/tank/boxes/0'],
        ];
        yield 'room for a face and a fitting' => [
            CalculatorName::BayFit,
            '{"bay":{"length_mm":9,"width_mm":9},"tank":{"length_mm":5,"width_mm":5,"height_mm":5,"clear_mm":{"x0":-1,"q":2},"fittings":[{"x_mm":5,"y_mm":0,"z_mm":0,"length_mm":1,"width_mm":1,"height_mm":1}]}}',
            ['/bay/height_mm', '/tank/clear_mm', '/tank/clear_mm/q', '/tank/clear_mm/x0'],
        ];
        yield 'a pipe as rough as it is wide' => [CalculatorName::Pipe, '{"length_m":1,"bore_mm":10,"flow_lpm":5,"roughness_mm":1}', ['/roughness_mm']];
        yield 'water that boils, flowing backwards' => [
            CalculatorName::Pipe,
            '{"length_m":1,"bore_mm":0,"flow_lpm":-5,"water_c":101}',
            ['/bore_mm', '/flow_lpm', '/water_c'],
        ];
        $line = '{"nodes":[{"id":"a","z_m":0},{"id":"b","z_m":0}],"sources":[{"node":"a","level_m":1}],"outlets":[],"links":[%s]}';
        yield 'a link to nowhere' => [
            CalculatorName::Line,
            \sprintf($line, '{"id":"x","kind":"pipe","from":"a","to":"c","length_m":1,"bore_mm":10}'),
            ['/links/0/to'],
        ];
        yield 'a pump curve that rises' => [
            CalculatorName::Line,
            \sprintf($line, '{"id":"x","kind":"pump","from":"a","to":"b","curve":[[0,100],[5,120],[4,"a"]]}'),
            ['/links/0/curve/1', '/links/0/curve/2', '/links/0/curve/2/1'],
        ];
        yield 'a curve that begins elsewhere, and half of what passes when it is off' => [
            CalculatorName::Line,
            \sprintf($line, '{"id":"x","kind":"pump","from":"a","to":"b","curve":[[1,100],[5,20]],"off_rated_lpm":4}'),
            ['/links/0/curve/0', '/links/0/off_rated_kpa'],
        ];
        yield 'a level and a pressure, a node twice' => [
            CalculatorName::Line,
            '{"nodes":[{"id":"a","z_m":0},{"id":"a","z_m":1}],"sources":[{"node":"a","level_m":1,"pressure_kpa":3}],"outlets":[],"links":[]}',
            ['/nodes/1/id', '/sources/0/pressure_kpa'],
        ];
        yield 'more than is above the port' => [
            CalculatorName::Gravity,
            '{"surface_m2":0.1,"level_m":0.1,"drop_m":0.5,"pipe":{"length_m":1,"bore_mm":10},"outlet_lpm_at_100kpa":9,"deliver_l":11}',
            ['/deliver_l'],
        ];
        yield 'a pump that stops before it starts' => [
            CalculatorName::Accumulator,
            '{"volume_l":1,"precharge_kpa":100,"cut_in_kpa":200,"cut_out_kpa":200,"pump_lpm":5,"tap_lpm":1}',
            ['/cut_out_kpa'],
        ];
        yield 'warmed to less than it has' => [
            CalculatorName::Heat,
            '{"store":{"litres":5,"from_c":60,"to_c":20,"watts":500},"mix":[]}',
            ['/mix', '/store/to_c'],
        ];
        yield 'no current' => [CalculatorName::Wire, '{"length_m":4,"amps":0,"volts":12,"max_drop":1.2}', ['/amps', '/max_drop']];
        yield 'unknown kind' => [CalculatorName::Payload, '{"kind":"raft"}', ['/kind']];
    }

    /** @param list<string> $pointers */
    #[DataProvider('badInput')]
    public function testReportsEveryErrorWithItsPointer(CalculatorName $calculator, string $json, array $pointers): void
    {
        try {
            $calculator->calculate(Json::decode($json));
            self::fail('This input was taken.');
        } catch (InvalidInput $e) {
            $found = array_column(Json::decode(Json::encode($e->errors)), 'pointer');
            sort($found);
            sort($pointers);
            self::assertSame($pointers, array_values(array_unique($found)));
        }
    }

    private static function assertMatches(mixed $expect, mixed $actual, string $pointer): void
    {
        if (\is_int($expect) || \is_float($expect)) {
            self::assertIsNumeric($actual, $pointer);
            self::assertEqualsWithDelta($expect, $actual, max(1e-6, abs($expect) * 0.005), $pointer);
        } elseif (\is_array($expect) || $expect instanceof \stdClass) {
            foreach ((array) $expect as $key => $value) {
                $children = (array) $actual;
                self::assertArrayHasKey($key, $children, $pointer);
                self::assertMatches($value, $children[$key], $pointer.'/'.$key);
            }
        } else {
            self::assertSame($expect, $actual, $pointer);
        }
    }
}
