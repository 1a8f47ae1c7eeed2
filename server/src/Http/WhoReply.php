<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use YardCask\Server\Access\Caller;
use YardCask\Server\Access\Level;
use YardCask\Server\Access\Listener;

/** Who asks, as the API says it. */
final class WhoReply
{
    /**
     * @param Caller|null $caller null when nobody knows who it is
     * @param string|null $plan that a link leads to, for those who see every plan
     */
    public static function of(Request $request, ?Caller $caller, ?string $plan = null): Response
    {
        $address = Address::ofThisServer();

        return JsonReply::of([
            'may' => $caller->level ?? Level::Nobody,
            'here' => Listener::Loopback === Listener::of($request),
            'device' => $caller?->device?->name,
            'plan' => $plan ?? $caller?->plan,
            'address' => $address->open,
            'trust' => $address->trust,
        ]);
    }
}
