<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Doctrine\DBAL\Driver\API\MySQL\ExceptionConverter;
use Doctrine\DBAL\Driver\PDO\Exception as PdoError;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\HttpKernel\KernelEvents;

/** What of a database that falls, is away or is full reaches the client. */
final class ProblemListenerTest extends KernelTestCase
{
    /** @return iterable<string, array{int, int, string}> MariaDB’s error number, status, title */
    public static function errors(): iterable
    {
        yield 'the table is full' => [1114, 507, 'Disk full'];
        yield 'the disk is full' => [1021, 507, 'Disk full'];
        yield 'a file cannot be written' => [3, 507, 'Disk full'];
        yield 'nobody listens' => [2002, 503, 'Away'];
        yield 'it went away' => [2006, 503, 'Away'];
        yield 'lost during a query' => [2013, 503, 'Away'];
        yield 'shutting down' => [1053, 503, 'Away'];
        yield 'a deadlock' => [1213, 503, 'Away'];
        yield 'a fault of ours' => [1064, 500, 'Fault'];
    }

    #[DataProvider('errors')]
    public function testSpeaksOfTheDatabase(int $code, int $status, string $title): void
    {
        $kernel = self::bootKernel();
        $error = (new ExceptionConverter())->convert(new PdoError('as MariaDB says it', null, $code), null);
        $event = new ExceptionEvent($kernel, Request::create('/api/plans'), HttpKernelInterface::MAIN_REQUEST, $error);
        self::getContainer()->get('event_dispatcher')->dispatch($event, KernelEvents::EXCEPTION);
        self::assertSame($status, $event->getResponse()?->getStatusCode());
        $document = json_decode((string) $event->getResponse()->getContent());
        self::assertSame([$title, $status], [$document->title, $document->status]);
    }
}
