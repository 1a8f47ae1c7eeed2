<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Doctrine\DBAL\Driver\API\MySQL\ExceptionConverter;
use Doctrine\DBAL\Driver\PDO\Exception as PdoError;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\ErrorHandler\Error\FatalError;
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

    public function testWhatComputesTooLongSaysSo(): void
    {
        $error = new FatalError('Error: Maximum execution time of 30 seconds exceeded', 0, ['type' => \E_ERROR, 'message' => '', 'file' => '', 'line' => 1]);
        $document = self::heard($error);
        self::assertSame(['Stopped', 500, 'This took longer than 30 s and was stopped.'], [$document->title, $document->status, $document->detail]);
    }

    #[DataProvider('errors')]
    public function testSpeaksOfTheDatabase(int $code, int $status, string $title): void
    {
        $document = self::heard((new ExceptionConverter())->convert(new PdoError('as MariaDB says it', null, $code), null));
        self::assertSame([$title, $status], [$document->title, $document->status]);
    }

    /** @return \stdClass the document with which an error is answered */
    private static function heard(\Throwable $error): \stdClass
    {
        $event = new ExceptionEvent(self::bootKernel(), Request::create('/api/plans'), HttpKernelInterface::MAIN_REQUEST, $error);
        self::getContainer()->get('event_dispatcher')->dispatch($event, KernelEvents::EXCEPTION);
        $document = json_decode((string) $event->getResponse()?->getContent(), false, flags: \JSON_THROW_ON_ERROR);
        self::assertSame($event->getResponse()?->getStatusCode(), $document->status);

        return $document;
    }
}
