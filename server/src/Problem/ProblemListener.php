<?php

declare(strict_types=1);

namespace YardCask\Server\Problem;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** Turns whatever went wrong into a problem document. */
#[AsEventListener(priority: -64)]
final class ProblemListener
{
    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        $headers = ['Content-Type' => 'application/problem+json'];
        if ($error instanceof InvalidInput) {
            $error = Problem::invalid(array_map(static fn (InputError $one): array => $one->jsonSerialize(), $error->errors));
        }
        if ($error instanceof Problem) {
            $event->setResponse(new Response(Json::encode($error->document()), $error->status, $headers));

            return;
        }
        $status = $error instanceof HttpExceptionInterface ? $error->getStatusCode() : 500;
        $title = Response::$statusTexts[$status] ?? 'Error';
        $detail = $status < 500 ? $error->getMessage() : 'Something went wrong here, not with what was sent. The reason is in the server’s log.';
        $event->setResponse(new Response(
            Json::encode(['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail]),
            $status,
            $headers + ($error instanceof HttpExceptionInterface ? $error->getHeaders() : []),
        ));
    }
}
