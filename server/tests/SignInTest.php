<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;
use YardCask\Server\Access\DeviceCookie;
use YardCask\Server\Access\Listener;
use YardCask\Server\Storage\UpgradeSign;

/** Getting in from the workshop's network, as a browser does it. */
final class SignInTest extends ApiTestCase
{
    use ClockSensitiveTrait;

    private const PASSPHRASE = 'seven kegs under the bench';

    protected function setUp(): void
    {
        parent::setUp();
        $this->send('PUT', '/api/passphrase', (string) json_encode(['passphrase' => self::PASSPHRASE]));
        $this->assertStatus(204);
    }

    public function testThePassphraseLetsADeviceInUnderItsName(): void
    {
        self::assertSame('nobody', $this->elsewhere('GET', '/api/who')->may);
        $this->elsewhere('POST', '/api/sign-in', ['passphrase' => 'six kegs under the bench', 'name' => 'Laptop']);
        $this->assertProblem(403, 'not the passphrase');
        $who = $this->signIn();
        self::assertSame(['keep', 'Laptop', false], [$who->may, $who->device, $who->here]);
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(200);
        $cookie = strtolower((string) $this->browser->getResponse()->headers->get('Set-Cookie'));
        self::assertSame('', $cookie, 'Only signing in and asking who one is set it.');
        $this->elsewhere('GET', '/api/who');
        $cookie = strtolower((string) $this->browser->getResponse()->headers->get('Set-Cookie'));
        foreach (['__host-yardcask=', 'path=/', 'secure', 'httponly', 'samesite=strict'] as $part) {
            self::assertStringContainsString($part, $cookie);
        }
        self::assertStringNotContainsString('domain', $cookie);
    }

    public function testItCountsAsJustGivenForAQuarterOfAnHour(): void
    {
        $clock = self::mockTime('2026-06-01 08:00:00');
        $this->signIn();
        $this->elsewhere('POST', '/api/pairing-codes');
        $this->assertStatus(201);
        $clock->sleep(14 * 60 + 59);
        $this->elsewhere('POST', '/api/pairing-codes');
        $this->assertStatus(201);
        $clock->sleep(1);
        self::assertTrue($this->elsewhere('POST', '/api/pairing-codes')->passphrase);
        $this->assertProblem(403, 'Enter the passphrase again');
        self::assertSame('plan', $this->elsewhere('GET', '/api/who')->may);
        self::assertSame(['keep', 'Laptop'], [$this->signIn('Another name')->may, $this->elsewhere('GET', '/api/who')->device], 'It is the same device still.');
        self::assertCount(1, $this->send('GET', '/api/devices')->devices);
    }

    public function testWhenADeviceWasSeenIsWrittenDownOnceAMinuteAndNotDuringAnUpgrade(): void
    {
        $clock = self::mockTime('2026-06-01 08:00:00');
        $this->signIn();
        $seen = fn (): string => substr($this->send('GET', '/api/devices')->devices[0]->last_seen_at, 11, 8);
        $sign = self::getContainer()->get(UpgradeSign::class);
        foreach ([60 => '08:00:00', 1 => '08:01:01'] as $seconds => $expected) {
            $clock->sleep($seconds);
            $this->elsewhere('GET', '/api/plans');
            self::getContainer()->get(EntityManagerInterface::class)->clear();
            self::assertSame($expected, $seen());
        }
        $sign->putUp();
        $clock->sleep(120);
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(200);
        self::getContainer()->get(EntityManagerInterface::class)->clear();
        self::assertSame('08:01:01', $seen());
    }

    public function testACodeLetsOneDeviceInForTwoMinutes(): void
    {
        $clock = self::mockTime('2026-06-01 08:00:00');
        $code = $this->send('POST', '/api/pairing-codes')->code;
        self::assertMatchesRegularExpression('/^\d{6}$/D', $code);
        $this->elsewhere('POST', '/api/pair', ['code' => $code, 'name' => '  ']);
        $this->assertProblem(422, 'name');
        self::assertSame('plan', $this->elsewhere('POST', '/api/pair', ['code' => substr($code, 0, 3).' '.substr($code, 3), 'name' => 'Phone'])->may);
        $this->browser->getCookieJar()->clear();
        $this->elsewhere('POST', '/api/pair', ['code' => $code, 'name' => 'Another phone']);
        $this->assertProblem(403, 'already been used');
        $late = $this->send('POST', '/api/pairing-codes')->code;
        $clock->sleep(121);
        $this->elsewhere('POST', '/api/pair', ['code' => $late, 'name' => 'Late phone']);
        $this->assertProblem(403, 'two minutes');
        $before = $this->send('POST', '/api/pairing-codes')->code;
        $this->send('POST', '/api/pairing-codes');
        $this->elsewhere('POST', '/api/pair', ['code' => $before, 'name' => 'Phone with the code before']);
        $this->assertStatus(403);
        self::assertSame(['Phone'], array_column($this->send('GET', '/api/devices')->devices, 'name'));
    }

    public function testARemovedDeviceIsOutAtOnceAndItsNameStays(): void
    {
        $plan = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $code = $this->send('POST', '/api/pairing-codes')->code;
        $this->elsewhere('POST', '/api/pair', ['code' => $code, 'name' => 'Phone']);
        $note = '00000000-0000-4000-8000-000000000001';
        $this->elsewhere('PUT', "/api/plans/$plan/records/$note", ['uuid' => $note, 'kind' => 'note', 'revision' => 1, 'happened_at' => '2026-06-01T08:00:00Z', 'note' => ['text' => 'Seen']]);
        $this->assertStatus(201);
        $device = $this->send('GET', '/api/devices')->devices[0];
        $this->send('DELETE', '/api/devices/'.$device->id);
        $this->assertStatus(204);
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(401);
        $this->send('DELETE', '/api/devices/'.$device->id);
        $this->assertProblem(404, 'no such device');
        self::assertSame('Phone', $this->send('GET', "/api/plans/$plan/records")->records[0]->device);
    }

    public function testTooManyWrongAttemptsWaitAndPairedDevicesDoNot(): void
    {
        $clock = self::mockTime('2026-06-01 08:00:00');
        $this->elsewhere('POST', '/api/pair', ['code' => $this->send('POST', '/api/pairing-codes')->code, 'name' => 'Phone']);
        $jar = $this->browser->getCookieJar()->all();
        $this->browser->getCookieJar()->clear();
        $code = $this->send('POST', '/api/pairing-codes')->code;
        $wrong = str_pad((string) ((int) $code ^ 1), 6, '0', \STR_PAD_LEFT);
        $statuses = ['/api/sign-in' => [], '/api/pair' => []];
        for ($attempt = 0; $attempt < 12; ++$attempt) {
            $this->elsewhere('POST', '/api/sign-in', ['passphrase' => "wrong guess $attempt", 'name' => 'Stranger'], ['REMOTE_ADDR' => "10.0.0.$attempt"]);
            $statuses['/api/sign-in'][] = $this->browser->getResponse()->getStatusCode();
            $this->elsewhere('POST', '/api/pair', ['code' => $wrong, 'name' => 'Stranger']);
            $statuses['/api/pair'][] = $this->browser->getResponse()->getStatusCode();
        }
        self::assertSame([...array_fill(0, 10, 403), 429, 429], $statuses['/api/sign-in']);
        self::assertSame([...array_fill(0, 10, 403), 429, 429], $statuses['/api/pair']);
        $this->elsewhere('POST', '/api/pair', ['code' => $code, 'name' => 'Stranger']);
        $this->assertProblem(429, 'Try again in 5 min');
        self::assertSame('300', $this->browser->getResponse()->headers->get('Retry-After'));
        foreach ($jar as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
        }
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(200);
        $clock->sleep(300);
        $this->browser->getCookieJar()->clear();
        self::assertSame('keep', $this->signIn()->may);
    }

    public function testASecretThatSomebodyPutThereGainsNothing(): void
    {
        $this->elsewhere('POST', '/api/sign-in', ['passphrase' => 'wrong', 'name' => 'Laptop'], ['HTTP_COOKIE' => DeviceCookie::NAME.'=known-to-a-stranger']);
        $this->browser->getCookieJar()->set(new Cookie(DeviceCookie::NAME, 'known-to-a-stranger', secure: true));
        $this->signIn();
        $secret = $this->browser->getCookieJar()->get(DeviceCookie::NAME)?->getValue();
        self::assertNotSame('known-to-a-stranger', $secret);
        // Signing in again makes a new one, and the one before is over.
        $this->signIn();
        self::assertNotSame($secret, $this->browser->getCookieJar()->get(DeviceCookie::NAME)?->getValue());
        $this->browser->getCookieJar()->clear();
        $this->browser->getCookieJar()->set(new Cookie(DeviceCookie::NAME, (string) $secret, secure: true));
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(401);
    }

    public function testOneOfTenCharactersAndOneOfTwoHundredWillDo(): void
    {
        foreach (['0123456789', str_repeat('é', 200)] as $passphrase) {
            $this->send('PUT', '/api/passphrase', (string) json_encode(['passphrase' => $passphrase]));
            $this->assertStatus(204);
            $this->elsewhere('POST', '/api/sign-in', ['passphrase' => $passphrase, 'name' => 'Laptop']);
            $this->assertStatus(200);
        }
        $this->send('PUT', '/api/passphrase', (string) json_encode(['passphrase' => str_repeat('é', 201)]));
        $this->assertStatus(422);
    }

    #[TestWith(['012345678'])]
    #[TestWith(['          '])]
    public function testAPoorPassphraseIsRefused(string $poor): void
    {
        $this->send('PUT', '/api/passphrase', (string) json_encode(['passphrase' => $poor]));
        $this->assertProblem(422, 'it needs 10 to 200');
        self::assertSame('keep', $this->signIn()->may, 'The one before still counts.');
    }

    public function testANewPassphraseSignsEverybodyOutAndEndsLinks(): void
    {
        $_SERVER['YARDCASK_ADDRESS'] = 'https://bench.local:8443';
        $plan = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $link = $this->send('POST', "/api/plans/$plan/shares", '{"may_note":false,"days":7}')->link;
        unset($_SERVER['YARDCASK_ADDRESS']);
        self::assertStringStartsWith('https://bench.local:8443/shared#', $link);
        $this->signIn();
        $this->send('PUT', '/api/passphrase', '{"passphrase":"eight kegs under the bench"}');
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(401);
        $this->elsewhere('POST', '/api/enter', ['secret' => explode('#', $link)[1], 'name' => 'Visitor']);
        $this->assertProblem(404, 'does not work');
    }

    public function testALinkLetsInUntilItExpiresOrIsEnded(): void
    {
        $clock = self::mockTime('2026-06-01 08:00:00');
        $_SERVER['YARDCASK_ADDRESS'] = 'https://bench.local:8443';
        $plan = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $made = $this->send('POST', "/api/plans/$plan/shares", '{"may_note":true,"days":2}');
        unset($_SERVER['YARDCASK_ADDRESS']);
        $secret = explode('#', $made->link)[1];
        $who = $this->elsewhere('POST', '/api/enter', ['secret' => $secret, 'name' => 'Visitor']);
        self::assertSame(['note', $plan, 'Visitor'], [$who->may, $who->plan, $who->device]);
        self::assertStringNotContainsString($secret, (string) json_encode($this->send('GET', "/api/plans/$plan/shares")));
        $clock->sleep(2 * 24 * 3600 - 1);
        $this->elsewhere('GET', '/api/plans/'.$plan);
        $this->assertStatus(200);
        $clock->sleep(1);
        $this->elsewhere('GET', '/api/plans/'.$plan);
        $this->assertStatus(401);
        $this->elsewhere('POST', '/api/enter', ['secret' => $secret, 'name' => 'Visitor']);
        $this->assertProblem(404, 'no longer');
        self::assertSame([], $this->send('GET', "/api/plans/$plan/shares")->shares);
        $this->send('DELETE', "/api/plans/$plan/shares/".$made->share->id);
        $this->assertStatus(204);
        $this->send('POST', "/api/plans/$plan/shares", '{"may_note":true,"days":91}');
        $this->assertProblem(422, '90');
        $this->send('POST', "/api/plans/$plan/shares", '{"may_note":true,"days":7}');
        $this->assertProblem(409, 'start --open');
    }

    public function testADeviceOfTheWorkshopStaysWhatItIsWhenItFollowsALink(): void
    {
        $_SERVER['YARDCASK_ADDRESS'] = 'https://bench.local:8443';
        $plan = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $link = $this->send('POST', "/api/plans/$plan/shares", '{"may_note":false,"days":2}')->link;
        unset($_SERVER['YARDCASK_ADDRESS']);
        $this->signIn();
        $who = $this->elsewhere('POST', '/api/enter', ['secret' => explode('#', $link)[1], 'name' => 'Visitor']);
        self::assertSame(['keep', $plan, 'Laptop'], [$who->may, $who->plan, $who->device]);
        $this->elsewhere('GET', '/api/plans');
        $this->assertStatus(200);
        self::assertCount(1, $this->send('GET', '/api/devices')->devices);
    }

    public function testWhileTheTablesAreUpgradedNothingIsWritten(): void
    {
        $sign = self::getContainer()->get(UpgradeSign::class);
        $plan = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $sign->putUp();
        $this->send('PUT', '/api/plans/'.$plan, self::fellside(), ['If-Match' => '"1"']);
        $this->assertProblem(503, 'being upgraded');
        $this->send('GET', '/api/plans/'.$plan);
        $this->assertStatus(200);
        $sign->takeDown();
        $this->send('PUT', '/api/plans/'.$plan, self::fellside(), ['If-Match' => '"1"']);
        $this->assertStatus(200);
    }

    private function signIn(string $name = 'Laptop'): \stdClass
    {
        $who = $this->elsewhere('POST', '/api/sign-in', ['passphrase' => self::PASSPHRASE, 'name' => $name]);
        $this->assertStatus(200);

        return $who;
    }

    /**
     * @param array<string, mixed>|null $body
     * @param array<string, string> $server
     */
    private function elsewhere(string $method, string $path, ?array $body = null, array $server = []): mixed
    {
        $this->browser->request($method, $path, [], [], $server + ['CONTENT_TYPE' => 'application/json', 'HTTPS' => 'on', Listener::PARAMETER => Listener::Open->value], null === $body ? null : (string) json_encode($body));

        return json_decode((string) $this->browser->getResponse()->getContent(), false);
    }
}
