<?php

declare(strict_types=1);

namespace YardCask\Server\Problem;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\RetryableException;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use YardCask\Core\Input\InvalidInput;

/** Turns whatever went wrong into a problem document. */
final class ProblemListener
{
    /** MariaDB's error numbers for a disk or a table that is full, and for a file that cannot be written. */
    private const FULL = [3, 1021, 1026, 1114];
    /** … and for a connection that broke while it was used. */
    private const BROKEN = [1053, 1927, 2013, 2055];
    /** How PHP says that its time limit is reached. */
    private const OUT_OF_TIME = 'Maximum execution time';

    /** Refusals are answered before the framework logs them as faults. */
    #[AsEventListener(priority: 16)]
    public function refuse(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        $problem = self::refusal($error);
        if (null !== $problem) {
            // A method that is not allowed says which are.
            $event->setResponse(ProblemReply::of($problem, $error instanceof HttpExceptionInterface ? $error->getHeaders() : []));
        }
    }

    /** Whatever is left has been logged by now. */
    #[AsEventListener(priority: -64)]
    public function fail(ExceptionEvent $event): void
    {
        $isTooLong = str_contains($event->getThrowable()->getMessage(), self::OUT_OF_TIME);
        $event->setResponse(ProblemReply::of($isTooLong ? Problem::tooLong() : Problem::fault()));
    }

    private static function refusal(\Throwable $error): ?Problem
    {
        return match (true) {
            $error instanceof Problem => $error,
            $error instanceof InvalidInput => Problem::invalid($error),
            $error instanceof HttpExceptionInterface => $error->getStatusCode() < 500 ? Problem::refused($error->getStatusCode(), $error->getMessage()) : null,
            $error instanceof ConnectionException, $error instanceof RetryableException => Problem::databaseAway(),
            $error instanceof DriverException => self::ofDatabase($error),
            default => null,
        };
    }

    private static function ofDatabase(DriverException $error): ?Problem
    {
        return match (true) {
            \in_array($error->getCode(), self::FULL, true) => Problem::diskFull(),
            \in_array($error->getCode(), self::BROKEN, true) => Problem::databaseAway(),
            default => null,
        };
    }
}
