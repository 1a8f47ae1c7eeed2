<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

/** What schema/openapi.json promises of each route is what happens. */
final class ApiDescriptionTest extends ApiTestCase
{
    private const NOBODY = 'aaaaaaaaaaaa';
    private const NOTHING = '00000000-0000-4000-8000-000000000000';

    /** @return list<array{string, string, \stdClass}> method, path and description of each route */
    private static function operations(): array
    {
        $description = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/schema/openapi.json'), false);
        $operations = [];
        foreach ((array) $description->paths as $path => $methods) {
            foreach ((array) $methods as $method => $operation) {
                $operations[] = [strtoupper($method), (string) $path, $operation];
            }
        }

        return $operations;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $_SERVER['YARDCASK_ADDRESS'] = 'https://bench.local:8443';
    }

    protected function tearDown(): void
    {
        unset($_SERVER['YARDCASK_ADDRESS']);
        parent::tearDown();
    }

    public function testWhatIsNotThereIsRefusedAsDescribed(): void
    {
        $tried = 0;
        foreach (self::operations() as [$method, $path, $operation]) {
            if (!str_contains($path, '{id}')) {
                continue;
            }
            ++$tried;
            $body = isset($operation->requestBody) ? self::valid($path) : null;
            // Whose body is no JSON: PhotosTest and ArchiveTest.
            if ('PUT' === $method && str_contains($path, '/photos/')) {
                continue;
            }
            $this->send($method, strtr($path, ['{id}' => self::NOBODY, '{number}' => '1', '{uuid}' => self::NOTHING]), $body, ['If-Match' => '"1"']);
            // Whoever removes a part or a tank wants it gone, and it is.
            $this->assertStatus(str_contains($path, '/own-') ? 204 : 404);
            $this->assertDescribed($operation, "$method $path");
        }
        self::assertGreaterThan(10, $tried);
    }

    public function testABodyThatIsNotUnderstoodIsRefusedAsDescribed(): void
    {
        $id = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $tried = 0;
        foreach (self::operations() as [$method, $path, $operation]) {
            if (!isset($operation->requestBody)) {
                continue;
            }
            ++$tried;
            foreach (['{"name": 5, "plan": "none", "text": 7}', '[]', '"only a text"'] as $body) {
                $query = '/api/drawing' === $path || '/api/fixes' === $path ? '?stage=use' : '';
                $this->send($method, strtr($path, ['{id}' => $id, '{number}' => '1', '{uuid}' => self::NOTHING]).$query, $body, ['If-Match' => '"1"']);
                $this->assertDescribed($operation, "$method $path with $body");
                self::assertGreaterThanOrEqual(400, $this->browser->getResponse()->getStatusCode(), "$method $path took $body.");
            }
        }
        self::assertGreaterThan(15, $tried);
    }

    /** A body that each route takes. */
    private static function valid(string $path): string
    {
        return match (true) {
            str_ends_with($path, '/name') => '{"name":"First"}',
            str_contains($path, '/records/') => '{"uuid":"'.self::NOTHING.'","kind":"note","revision":1,"happened_at":"2026-06-01T08:00:00Z","note":{"text":"Seen"}}',
            str_ends_with($path, '/shares') => '{"may_note":false,"days":7}',
            default => self::fellside(),
        };
    }

    private function assertDescribed(\stdClass $operation, string $what): void
    {
        $response = $this->browser->getResponse();
        self::assertArrayHasKey((string) $response->getStatusCode(), (array) $operation->responses, $what.': '.$response->getContent());
        if ($response->getStatusCode() >= 400) {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'), $what);
            self::assertNotSame('', json_decode((string) $response->getContent(), false)->title ?? '', $what);
        }
    }
}
