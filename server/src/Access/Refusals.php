<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authorization\AccessDeniedHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Problem\ProblemReply;

/** What those are told who may not do what they ask for. */
final readonly class Refusals implements AuthenticationEntryPointInterface, AccessDeniedHandlerInterface
{
    public function __construct(private WhoAsks $who)
    {
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return ProblemReply::of(Problem::nobody());
    }

    public function handle(Request $request, AccessDeniedException $accessDeniedException): Response
    {
        return ProblemReply::of(Level::Plan === $this->who->caller()?->level ? Problem::passphraseWanted() : Problem::onlyByLink());
    }
}
