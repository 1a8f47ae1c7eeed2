<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use YardCask\Server\Problem\Problem;

/** Lets in what our own pages and programs ask, before anything else looks at it. Which Host is served, nginx sees to. */
#[AsEventListener(priority: 1024)]
final class Door
{
    /** Methods by which nothing is changed. */
    private const READING = ['GET', 'HEAD', 'OPTIONS'];

    /** @throws Problem when a page of another place asks for a change, or the request's head is no text */
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        // A method is what its first line says, whatever a header pretends.
        $request->headers->remove('X-HTTP-Method-Override');
        if (!self::isText($request)) {
            throw Problem::noText();
        }
        if (!\in_array($request->getRealMethod(), self::READING, true)) {
            self::seeThatItIsOurs($request);
        }
    }

    private static function isText(Request $request): bool
    {
        $head = [rawurldecode($request->getRequestUri())];
        foreach ($request->headers->all() as $values) {
            array_push($head, ...array_map(strval(...), $values));
        }

        return [] === array_filter($head, static fn (string $one): bool => !mb_check_encoding($one, 'UTF-8'));
    }

    /** Browsers say where a request comes from; programs say nothing. */
    private static function seeThatItIsOurs(Request $request): void
    {
        $origin = $request->headers->get('Origin');
        if (null !== $origin && $origin !== $request->getSchemeAndHttpHost()) {
            throw Problem::foreignPage($origin);
        }
        $site = $request->headers->get('Sec-Fetch-Site', 'none');
        if (!\in_array($site, ['same-origin', 'none'], true)) {
            throw Problem::foreignPage($site);
        }
    }
}
