<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use YardCask\Server\Access\Listener;

/** Talks to the API as a client would, on a real database; every test leaves it as it was. */
abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient([], [Listener::PARAMETER => Listener::Loopback->value]);
        $this->browser->disableReboot();
    }

    protected static function fellside(): string
    {
        return (string) file_get_contents(\dirname(__DIR__, 2).'/catalogue/plans/fellside.json');
    }

    /** @param array<string, string> $headers */
    protected function send(string $method, string $path, ?string $body = null, array $headers = []): mixed
    {
        $server = ['CONTENT_TYPE' => 'application/json'];
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
        }
        $this->browser->request($method, $path, [], [], $server, $body);

        return json_decode((string) $this->browser->getResponse()->getContent(), false);
    }

    /** @return list<mixed> the lines in which a search answers: how far it is, and at last what it has found */
    protected function search(string $path, string $body): array
    {
        $this->send('POST', $path, $body);
        $this->assertStatus(200);
        $lines = explode("\n", trim($this->browser->getInternalResponse()->getContent()));

        return array_map(static fn (string $line): mixed => json_decode($line, false, flags: \JSON_THROW_ON_ERROR), $lines);
    }

    protected function found(string $path, string $body): mixed
    {
        return array_reverse($this->search($path, $body))[0]->found;
    }

    protected function assertStatus(int $status): void
    {
        self::assertSame($status, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
    }

    protected function assertProblem(int $status, string $part): void
    {
        $this->assertStatus($status);
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertStringContainsString($part, (string) $this->browser->getResponse()->getContent());
    }
}
