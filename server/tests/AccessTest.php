<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Routing\RouterInterface;
use YardCask\Server\Access\DeviceCookie;
use YardCask\Server\Access\Devices;
use YardCask\Server\Access\DeviceTokens;
use YardCask\Server\Access\Listener;
use YardCask\Server\Access\Secret;
use YardCask\Server\Access\Shares;
use YardCask\Server\Clock;
use YardCask\Server\Entity\Device;
use YardCask\Server\Entity\DeviceKind;
use YardCask\Server\Entity\DeviceToken;

/** Every route, asked by everybody. */
final class AccessTest extends ApiTestCase
{
    private const UUID = '00000000-0000-4000-8000-000000000009';
    /** Who gets through to a route of that level; the others are refused with the status that is given for them. */
    private const LEVELS = [
        'anybody' => [],
        'read' => ['nobody' => 401, 'removed' => 401],
        'note' => ['nobody' => 401, 'removed' => 401, 'reader' => 403],
        'plan' => ['nobody' => 401, 'removed' => 401, 'reader' => 403, 'noter' => 403],
        'keep' => ['nobody' => 401, 'removed' => 401, 'reader' => 403, 'noter' => 403, 'device' => 403, 'stale' => 403],
    ];
    private const CALLERS = ['loopback', 'nobody', 'signed in', 'stale', 'device', 'removed', 'reader', 'noter'];

    /** Each route with the level that it needs, and how it answers those who have it. */
    private const ROUTES = [
        'GET /api/who' => ['anybody', 200],
        'POST /api/sign-in' => ['anybody', 422],
        'POST /api/sign-out' => ['anybody', 204],
        'POST /api/pair' => ['anybody', 422],
        'POST /api/enter' => ['anybody', 422],
        'GET /api/health' => ['anybody', 200],
        'GET /api/nothing' => ['anybody', 200],
        'POST /api/nothing' => ['anybody', 200],
        'PUT /api/passphrase' => ['keep', 422],
        'POST /api/pairing-codes' => ['keep', 201],
        'GET /api/devices' => ['plan', 200],
        'DELETE /api/devices/{device}' => ['keep', 404],
        'GET /api/plans/{id}/shares' => ['plan', 200],
        'POST /api/plans/{id}/shares' => ['keep', 422],
        'DELETE /api/plans/{id}/shares/{share}' => ['keep', 404],
        'POST /api/assess' => ['read', 422],
        'POST /api/assess-archive' => ['plan', 415],
        'POST /api/drawing' => ['read', 422],
        'POST /api/book' => ['read', 422],
        'POST /api/readings' => ['read', 422],
        'POST /api/sums' => ['read', 422],
        'GET /api/catalogue' => ['read', 200],
        'GET /api/units' => ['read', 200],
        'GET /api/plans/{id}' => ['read', 200],
        'GET /api/plans/{id}/export' => ['read', 200],
        'GET /api/plans/{id}/records' => ['read', 200],
        'GET /api/plans/{id}/photos/{uuid}' => ['read', 404],
        'PUT /api/plans/{id}/records/{uuid}' => ['note', 422],
        'PUT /api/plans/{id}/photos/{uuid}' => ['note', 415],
        'GET /api/plans/{id}/records.csv' => ['plan', 200],
        'GET /api/plans/{id}/archive.zip' => ['plan', 200],
        'POST /api/plans/archive' => ['plan', 415],
        'GET /api/plans' => ['plan', 200],
        'POST /api/plans' => ['plan', 422],
        'POST /api/plans/preview' => ['plan', 422],
        'POST /api/plans/import' => ['plan', 422],
        'POST /api/plans/read' => ['plan', 422],
        'PUT /api/plans/{id}' => ['plan', 428],
        'DELETE /api/plans/{id}' => ['plan', 204],
        'POST /api/plans/{id}/copy' => ['plan', 201],
        'POST /api/plans/{id}/undelete' => ['plan', 200],
        'GET /api/plans/{id}/revisions' => ['plan', 200],
        'GET /api/plans/{id}/revisions/{number}' => ['plan', 200],
        'PUT /api/plans/{id}/revisions/{number}/name' => ['plan', 422],
        'POST /api/plans/{id}/revisions/{number}/restore' => ['plan', 428],
        'POST /api/fixes' => ['plan', 422],
        'POST /api/ends' => ['plan', 422],
        'GET /api/ends' => ['plan', 200],
        'POST /api/joint' => ['plan', 422],
        'POST /api/levels' => ['plan', 422],
        'GET /api/parts' => ['plan', 200],
        'POST /api/systems' => ['plan', 422],
        'POST /api/line-sizing' => ['plan', 422],
        'POST /api/line-pairs' => ['plan', 422],
        'POST /api/line-extremes' => ['read', 422],
        'POST /api/line-scenes' => ['plan', 422],
        'POST /api/line-edits' => ['plan', 422],
        'POST /api/joint-ends' => ['plan', 422],
        'POST /api/shopping.csv' => ['plan', 422],
        'POST /api/shopping-table' => ['plan', 422],
        'POST /api/templates.pdf' => ['plan', 422],
        'GET /api/own-parts' => ['plan', 200],
        'POST /api/own-parts' => ['plan', 422],
        'GET /api/own-parts.csv' => ['plan', 200],
        'POST /api/own-parts/table' => ['plan', 422],
        'DELETE /api/own-parts/{id}' => ['plan', 204],
        'GET /api/own-tanks' => ['plan', 200],
        'POST /api/own-tanks' => ['plan', 422],
        'DELETE /api/own-tanks/{id}' => ['plan', 204],
        'POST /api/searches/{search}/stop' => ['plan', 204],
        'POST /api/stock' => ['plan', 422],
        'POST /api/typed' => ['plan', 422],
    ];

    private string $plan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->plan = $this->send('POST', '/api/plans/import', self::fellside())->id;
    }

    public function testEveryRouteHasItsRow(): void
    {
        $routes = [];
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $route) {
            foreach ($route->getMethods() as $method) {
                $routes[] = $method.' '.$route->getPath();
            }
        }
        self::assertEqualsCanonicalizing(array_keys(self::ROUTES), $routes);
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function routes(): iterable
    {
        foreach (self::ROUTES as $route => [$level, $status]) {
            yield $route => [$route, $level, $status];
        }
    }

    #[DataProvider('routes')]
    public function testWhoGetsThroughToIt(string $route, string $level, int $status): void
    {
        $path = ['{id}' => $this->plan, '{device}' => 'aaaaaaaaaaaa', '{share}' => 'aaaaaaaaaaaa', '{uuid}' => self::UUID, '{number}' => '1', '{search}' => 'search-1'];
        [$method, $address] = explode(' ', strtr($route, $path));
        $secrets = $this->secrets();
        $database = self::getContainer()->get(Connection::class);
        foreach (self::CALLERS as $caller) {
            $database->beginTransaction();
            $this->ask($secrets[$caller], $method, $address, '{}');
            $database->rollBack();
            self::getContainer()->get(EntityManagerInterface::class)->clear();
            $expected = self::LEVELS[$level][$caller] ?? ('loopback' === $caller && 422 === $status && 'anybody' === $level ? 409 : $status);
            self::assertSame($expected, $this->browser->getResponse()->getStatusCode(), "$caller: ".$this->browser->getResponse()->getContent());
        }
    }

    public function testALinkShowsItsPlanAndNoOther(): void
    {
        $other = $this->send('POST', '/api/plans/import', self::fellside())->id;
        foreach (['reader', 'noter'] as $caller) {
            $secret = $this->secrets()[$caller];
            foreach (['', '/export', '/records', '/photos/'.self::UUID] as $path) {
                $this->ask($secret, 'GET', "/api/plans/$other$path");
                $this->assertProblem(404, 'photos' === explode('/', $path.'/')[1] ? 'no such photograph' : 'There is no plan');
            }
            $this->ask($secret, 'PUT', "/api/plans/$other/records/".self::UUID, self::note(self::UUID));
            $this->assertStatus('reader' === $caller ? 403 : 404);
        }
    }

    public function testANoteByALinkCarriesItsNameAndChangesOnlyItsOwn(): void
    {
        [$first, $second, $third] = ['00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000002', '00000000-0000-4000-8000-000000000003'];
        $records = "/api/plans/{$this->plan}/records/";
        $this->send('PUT', $records.$first, self::note($first));
        $noter = $this->secrets()['noter'];
        $kept = $this->ask($noter, 'PUT', $records.$second, self::note($second));
        self::assertSame('Visitor', $kept->device);
        $this->ask($noter, 'PUT', $records.$third, self::note($third, $first));
        $this->assertProblem(403, 'only the notes that you wrote yourself');
        $this->ask($noter, 'PUT', $records.$third, self::note($third, $second));
        $this->assertStatus(201);
        $listed = $this->send('GET', "/api/plans/{$this->plan}/records")->records;
        self::assertSame(['Visitor', null], array_map(static fn (\stdClass $one): ?string => $one->device ?? null, $listed));
    }

    public function testARevisionSaysWhoSavedIt(): void
    {
        $plan = json_decode(self::fellside());
        $plan->name = 'Renamed on the phone';
        $this->ask($this->secrets()['device'], 'PUT', "/api/plans/{$this->plan}", (string) json_encode($plan), ['HTTP_IF_MATCH' => '"1"']);
        $this->assertStatus(200);
        $revisions = $this->send('GET', "/api/plans/{$this->plan}/revisions")->revisions;
        self::assertSame(['Phone', null], array_map(static fn (\stdClass $one): ?string => $one->device, $revisions));
    }

    public function testNoHeaderMakesTheNetworkThisMachine(): void
    {
        $forged = ['HTTP_X_FORWARDED_FOR' => '127.0.0.1', 'HTTP_X_FORWARDED_HOST' => '127.0.0.1', 'HTTP_FORWARDED' => 'for=127.0.0.1', 'HTTP_X_REAL_IP' => '127.0.0.1',
            'HTTP_YARDCASK_LISTENER' => 'loopback', 'HTTP_HOST' => '127.0.0.1', 'REMOTE_ADDR' => '127.0.0.1'];
        foreach ([[], $forged] as $headers) {
            $this->ask('', 'GET', '/api/plans', null, $headers);
            $this->assertProblem(401, 'Sign in with the passphrase');
        }
        // Where the web server does not say where a request came in, it is not from here.
        foreach (['', 'open', 'LOOPBACK', 'loopback,open'] as $listener) {
            $this->browser->request('GET', '/api/plans', server: [Listener::PARAMETER => $listener]);
            $this->assertStatus(401);
        }
    }

    /** @return array<string, string> the secret of each caller; empty for whoever has none */
    private function secrets(): array
    {
        $container = self::getContainer();
        $devices = $container->get(Devices::class);
        $link = function (bool $mayNote) use ($container): string {
            [$share] = $container->get(Shares::class)->make($this->plan, $mayNote, 7);

            return $container->get(Devices::class)->add('Visitor', DeviceKind::Link, false, $share);
        };
        $removed = $devices->add('Lost phone', DeviceKind::Paired, false, null);
        $devices->remove($container->get(DeviceTokens::class)->device($removed)?->id ?? '');
        $stale = Secret::new();
        $orm = $container->get(EntityManagerInterface::class);
        $laptop = new Device(bin2hex(random_bytes(6)), 'Laptop', DeviceKind::SignedIn, Clock::now());
        $orm->persist($laptop);
        $orm->persist(new DeviceToken(Secret::digest($stale), $laptop, Clock::now(), Clock::now()->modify('-901 seconds'), null));
        $orm->flush();

        return [
            'loopback' => 'here',
            'nobody' => '',
            'signed in' => $devices->add('Laptop', DeviceKind::SignedIn, true, null),
            'stale' => $stale,
            'device' => $devices->add('Phone', DeviceKind::Paired, false, null),
            'removed' => $removed,
            'reader' => $link(false),
            'noter' => $link(true),
        ];
    }

    /** @param array<string, string> $server */
    private function ask(string $secret, string $method, string $path, ?string $body = null, array $server = []): mixed
    {
        $this->browser->getCookieJar()->clear();
        if ('here' !== $secret && '' !== $secret) {
            $this->browser->getCookieJar()->set(new Cookie(DeviceCookie::NAME, $secret, secure: true));
        }
        $listener = 'here' === $secret ? Listener::Loopback : Listener::Open;
        $this->browser->request($method, $path, [], [], $server + ['CONTENT_TYPE' => 'application/json', 'HTTPS' => 'on', Listener::PARAMETER => $listener->value], $body);

        return json_decode((string) $this->browser->getResponse()->getContent(), false);
    }

    private static function note(string $uuid, ?string $replaces = null): string
    {
        return (string) json_encode([
            'uuid' => $uuid, 'kind' => 'note', 'revision' => 1, 'happened_at' => '2026-06-01T08:00:00Z', 'note' => ['text' => 'Seen'],
        ] + (null === $replaces ? [] : ['replaces' => $replaces]));
    }
}
