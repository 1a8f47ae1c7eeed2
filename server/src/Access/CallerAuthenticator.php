<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/** Tells who asks: by where the request came in, and by the device's cookie. */
final class CallerAuthenticator extends AbstractAuthenticator
{
    /** @param \Closure(): DeviceTokens $tokens at this machine nobody looks for them */
    public function __construct(
        #[AutowireServiceClosure(DeviceTokens::class)]
        private readonly \Closure $tokens,
    ) {
    }

    public function supports(Request $request): bool
    {
        return Listener::Loopback === Listener::of($request) || $request->cookies->has(DeviceCookie::NAME);
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $caller = Listener::Loopback === Listener::of($request) ? Caller::here() : ($this->tokens)()->caller($request->cookies->getString(DeviceCookie::NAME));
        if (null === $caller) {
            throw new UserNotFoundException();
        }

        return new SelfValidatingPassport(new UserBadge($caller->getUserIdentifier(), static fn (): Caller => $caller));
    }

    /** Null: the request continues to its route. */
    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): null
    {
        return null;
    }

    /** Null: it continues too, as that of an unknown caller. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }
}
