<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is sent gets an answer that says what is wrong with it, and never a 500. */
final class HostileInputTest extends ApiTestCase
{
    /** @return iterable<string, array{string, int, string}> body, status, a part of the reason */
    public static function bodies(): iterable
    {
        $fellside = self::fellside();
        yield 'nothing' => ['', 400, 'not JSON'];
        yield 'half an object' => ['{"format":', 400, 'not JSON'];
        yield 'deep nesting' => [str_repeat('{"a":', 5000).'1'.str_repeat('}', 5000), 400, 'nested too deep'];
        yield 'ten megabytes' => ['"'.str_repeat('x', 10_000_000).'"', 413, 'Too large'];
        yield 'a list' => ['[]', 422, 'not a plan'];
        yield 'a number' => ['7', 422, 'not a plan'];
        yield 'huge' => [str_replace('"crew": 2', '"crew": 1e308', $fellside), 422, '/use/crew'];
        yield 'infinite' => [str_replace('"crew": 2', '"crew": 1e999', $fellside), 422, 'too large to hold'];
        yield 'not a number' => [str_replace('"crew": 2', '"crew": "NaN"', $fellside), 422, '/use/crew'];
        yield 'wrong types all over' => [
            str_replace(['"crew": 2', '"days": 3', '"tanks": ['], ['"crew": []', '"days": {}', '"tanks": 5, "x": ['], $fellside),
            422,
            '/tanks',
        ];
        yield 'unknown keys' => [str_replace('"crew": 2', '"crew": 2, "__proto__": {}', $fellside), 422, '/use/__proto__'];
        yield 'an empty key' => [str_replace('"crew": 2', '"crew": 2, "": 1', $fellside), 422, 'not known here'];
        yield 'a key that begins with NUL' => [str_replace('"crew": 2', '"crew": 2, "\u0000a": 1', $fellside), 400, 'not JSON'];
        yield 'the same id twice' => [str_replace('"drink-cans"', '"tail"', $fellside), 422, 'used twice'];
        yield 'broken UTF-8' => [str_replace('Fellside', "Fell\xC3side", $fellside), 400, 'not JSON'];
        yield 'a lone surrogate' => [str_replace('Fellside', 'Fell\ud800side', $fellside), 400, 'not JSON'];
        yield 'control characters' => [str_replace('Fellside', 'Fell\u0007side', $fellside), 422, '/name'];
        yield 'too many tanks' => [
            (string) preg_replace('/"tanks": \[.*\](?=,\s*"runs")/s', '"tanks": ['.implode(',', array_fill(0, 5000, '{}')).']', $fellside),
            422,
            'at most 12',
        ];
    }

    #[DataProvider('bodies')]
    public function testIsRefusedWithItsReasonByEveryRouteThatTakesAPlan(string $body, int $status, string $part): void
    {
        foreach ([['POST', '/api/assess'], ['POST', '/api/fixes?stage=line'], ['POST', '/api/sums'], ['POST', '/api/readings'], ['POST', '/api/drawing?stage=line'], ['POST', '/api/book'], ['POST', '/api/plans/import'], ['POST', '/api/plans/read'], ['POST', '/api/stock'], ['POST', '/api/systems'], ['POST', '/api/line-sizing'], ['POST', '/api/line-pairs'], ['POST', '/api/line-extremes'], ['PUT', '/api/plans/nosuch']] as [$method, $path]) {
            $this->send($method, $path, $body, ['If-Match' => '"1"']);
            $this->assertProblem($status, str_replace('/', '/', $part));
        }
    }

    public function testAForeignContentTypeOrRouteOrMethodIsAProblemDocumentToo(): void
    {
        $this->browser->request('POST', '/api/assess', [], [], ['CONTENT_TYPE' => 'text/plain'], self::fellside());
        $this->assertProblem(415, 'application/json');
        $this->send('GET', '/api/nowhere');
        $this->assertProblem(404, 'nowhere');
        $this->send('PATCH', '/api/plans');
        $this->assertProblem(405, 'PATCH');
        self::assertSame('GET, POST', $this->browser->getResponse()->headers->get('Allow'));
        $this->send('GET', '/api/plans/'.str_repeat('x', 3000));
        $this->assertProblem(404, 'no plan');
    }

    /** @return iterable<string, array{string, string, array<string, string>, int, string}> method, path, headers, status, a part of the reason */
    public static function heads(): iterable
    {
        yield 'a foreign origin' => ['POST', '/api/plans', ['Origin' => 'http://rigs.invalid'], 403, 'rigs.invalid'];
        yield 'another port of this machine' => ['PUT', '/api/plans/nosuch', ['Origin' => 'http://localhost:3000', 'If-Match' => '"1"'], 403, 'localhost:3000'];
        yield 'another scheme' => ['DELETE', '/api/plans/nosuch', ['Origin' => 'https://localhost'], 403, 'https://localhost'];
        yield 'a page without an origin' => ['POST', '/api/plans/nosuch/copy', ['Origin' => 'null'], 403, 'another site'];
        yield 'a foreign page' => ['POST', '/api/plans/nosuch/copy', ['Sec-Fetch-Site' => 'cross-site'], 403, 'cross-site'];
        yield 'a page of a sister site' => ['POST', '/api/plans/nosuch/undelete', ['Sec-Fetch-Site' => 'same-site'], 403, 'same-site'];
        yield 'one of our own pages' => ['POST', '/api/plans/nosuch/copy', ['Sec-Fetch-Site' => 'same-origin', 'Origin' => 'http://localhost'], 404, 'no plan'];
        yield 'a program' => ['DELETE', '/api/plans/nosuch', [], 404, 'no plan'];
        yield 'a link on a foreign page' => ['GET', '/api/plans/nosuch', ['Sec-Fetch-Site' => 'cross-site'], 404, 'no plan'];
        yield 'a method in disguise' => ['POST', '/api/plans/nosuch', ['X-HTTP-Method-Override' => 'DELETE'], 405, 'POST'];
        yield 'a method in the address' => ['POST', '/api/plans/nosuch?_method=DELETE', [], 405, 'POST'];
        yield 'bytes in the path' => ['GET', '/api/plans/%ff%fe', [], 400, 'UTF-8'];
        yield 'a zero byte in the path' => ['GET', '/api/plans/a%00b', [], 404, 'no plan'];
        yield 'bytes in the query' => ['POST', '/api/assess?stage=%c3%28', [], 400, 'UTF-8'];
        yield 'bytes in a header' => ['GET', '/api/plans', ['X-Whatever' => "\xff\xfe"], 400, 'UTF-8'];
        yield 'bytes in If-Match' => ['PUT', '/api/plans/nosuch', ['If-Match' => "\"1\xff\""], 400, 'UTF-8'];
        yield 'bytes in Content-Type' => ['POST', '/api/assess', ['Content-Type' => "text/\xe9"], 400, 'UTF-8'];
        yield 'two values for one' => ['POST', '/api/assess?stage[]=use&stage[]=load', [], 400, 'not JSON'];
    }

    /** @param array<string, string> $headers */
    #[DataProvider('heads')]
    public function testIsLetInOrTurnedAwayByItsHead(string $method, string $path, array $headers, int $status, string $part): void
    {
        $this->send($method, $path, null, $headers);
        $this->assertProblem($status, $part);
    }

    /** @return iterable<string, array{string, int, int}> body, status, the least that must be left unsaid */
    public static function floods(): iterable
    {
        $fellside = json_decode(self::fellside(), true);
        $keys = static fn (int $count): array => array_combine(array_map(static fn (int $key): string => "key {$key}", range(1, $count)), range(1, $count));
        yield 'thousands of unknown keys' => [json_encode($fellside + $keys(20_000)), 422, 19_950];
        yield 'a key of 300 kB' => [json_encode($fellside + [str_repeat('k', 300_000) => 1]), 422, 0];
        yield 'a text of 300 kB' => [json_encode(['name' => str_repeat('n', 300_000)] + $fellside), 422, 0];
        yield 'a format of 300 kB' => [json_encode(['format' => str_repeat('f', 300_000)]), 422, 0];
    }

    #[DataProvider('floods')]
    public function testAnswersBrieflyHoweverMuchIsWrong(string $body, int $status, int $unsaid): void
    {
        $problem = $this->send('POST', '/api/assess', $body);
        $this->assertStatus($status);
        self::assertLessThanOrEqual(50, \count($problem->violations));
        self::assertGreaterThanOrEqual($unsaid, $problem->more_violations ?? 0);
        self::assertLessThan(60_000, \strlen((string) $this->browser->getResponse()->getContent()));
        $this->send('GET', '/api/plans/'.str_repeat('x', 100_000));
        self::assertLessThan(2_000, \strlen((string) $this->browser->getResponse()->getContent()));
    }

    public function testAFileGivenOutHasANameThatNoSystemTripsOver(): void
    {
        $name = "a\u{202e}b\u{200b}/\\:\"c";
        $plan = $this->send('POST', '/api/plans/import', json_encode(['name' => $name] + json_decode(self::fellside(), true)));
        $this->browser->request('GET', "/api/plans/{$plan->id}/export");
        $this->assertStatus(200);
        self::assertSame(
            "attachment; filename=ab-c.yardcask.json; filename*=utf-8''ab----c.yardcask.json",
            $this->browser->getResponse()->headers->get('Content-Disposition'),
        );
    }

    /** @return list<array{string, int, string}> */
    public static function typed(): array
    {
        $plan = self::fellside();

        return [
            ['{"pointer":"/tanks/0/length_mm","text":"3 ft 1","plan":'.$plan.'}', 200, '939.8'],
            ['{"pointer":"/tanks/0/length_mm","text":"25 kg","plan":'.$plan.'}', 422, 'is a mass'],
            ['{"pointer":"/use/uses/0/litres","text":"2 gal","plan":'.$plan.'}', 422, '2 imp gal'],
            ['{"pointer":"/tanks/0/overflow_height_mm","text":"400","plan":'.$plan.'}', 422, '"pointer":"/tanks/0/overflow_height_mm"'],
            ['{"pointer":"/tanks/99999999999999999999/length_mm","text":"350","plan":'.$plan.'}', 422, 'violations'],
            ['{"pointer":"/name","text":"350","plan":'.$plan.'}', 422, 'no measured field'],
            ['{"pointer":7,"text":"350","plan":'.$plan.'}', 422, '/pointer'],
            ['{"pointer":"/use/crew","text":"'.str_repeat('9', 201).'","plan":'.$plan.'}', 422, '/text'],
            ['{"pointer":"/use/crew","text":"'.str_repeat('9', 200).'","plan":'.$plan.'}', 422, '/use/crew'],
            ['{"pointer":"/use/crew","text":"2"}', 422, 'not a plan'],
            ['[]', 422, '/pointer'],
        ];
    }

    #[DataProvider('typed')]
    public function testTypedTextIsReadOrRefused(string $body, int $status, string $part): void
    {
        $this->send('POST', '/api/typed', $body);
        $this->assertStatus($status);
        self::assertStringContainsString($part, (string) $this->browser->getResponse()->getContent());
    }

    public function testAnswersThatAreNotAllowedAreNamed(): void
    {
        $problem = $this->send('POST', '/api/plans', '{"crew":0,"stay":"moon","habit":"ordinary","days":"x","rig":"sledge"}');
        $this->assertStatus(422);
        self::assertSame(['/crew', '/stay', '/days', '/rig'], array_column($problem->violations, 'pointer'));
    }
}
