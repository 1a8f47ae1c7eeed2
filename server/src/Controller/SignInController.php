<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InputReader;
use YardCask\Server\Access\DeviceCookie;
use YardCask\Server\Access\Devices;
use YardCask\Server\Access\DeviceTokens;
use YardCask\Server\Access\Level;
use YardCask\Server\Access\Listener;
use YardCask\Server\Access\Passphrases;
use YardCask\Server\Access\Shares;
use YardCask\Server\Access\WhoAsks;
use YardCask\Server\Entity\Device;
use YardCask\Server\Entity\DeviceKind;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\WhoReply;
use YardCask\Server\OpenApi\ProblemResponse;
use YardCask\Server\OpenApi\WhoResponse;
use YardCask\Server\Problem\Problem;

/** How a device gets in, and out again. */
final readonly class SignInController
{
    private const LONGEST_SECRET = 200;

    public function __construct(
        private WhoAsks $who,
        private DeviceTokens $tokens,
        private Devices $devices,
    ) {
    }

    #[Route('/api/who', methods: ['GET'])]
    #[OA\Get(path: '/api/who', operationId: 'whoAsks', summary: 'Who asks, and what that one may do')]
    #[WhoResponse]
    public function who(Request $request): Response
    {
        $reply = WhoReply::of($request, $this->who->caller());
        if (null !== $this->who->device()) {
            // So that a device in use is never forgotten.
            $reply->headers->setCookie(DeviceCookie::of($request->cookies->getString(DeviceCookie::NAME)));
        }

        return $reply;
    }

    #[Route('/api/sign-in', methods: ['POST'])]
    #[OA\Post(path: '/api/sign-in', operationId: 'signIn', summary: 'Sign in with the passphrase, or give it again')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(
        properties: [
            new OA\Property(property: 'passphrase', type: 'string'),
            new OA\Property(property: 'name', description: 'Of this device, which what it saves will carry', type: 'string', maxLength: Device::LONGEST_NAME),
        ],
        required: ['passphrase', 'name'],
    ))]
    #[WhoResponse]
    #[ProblemResponse(403, 'Wrong passphrase')]
    #[ProblemResponse(409, 'Nobody signs in at the machine itself')]
    #[ProblemResponse(422, 'A name is missing')]
    #[ProblemResponse(429, 'Too many wrong attempts; paired devices are not affected')]
    public function signIn(Request $request, Passphrases $passphrases): Response
    {
        self::seeThatItIsFromElsewhere($request);
        [$passphrase, $name] = self::texts($request, 'passphrase');
        $passphrases->check($passphrase);
        $before = $request->cookies->getString(DeviceCookie::NAME);
        $device = $this->tokens->device($before);
        // The same device goes on; a secret that somebody may have put into it before does not.
        $secret = null !== $device && DeviceKind::Link !== $device->kind
            ? $this->tokens->issue($device, true, null)
            : $this->devices->add($name, DeviceKind::SignedIn, true, null);
        $this->tokens->end($before);

        return $this->letIn($request, $secret);
    }

    #[Route('/api/sign-out', methods: ['POST'])]
    #[OA\Post(path: '/api/sign-out', operationId: 'signOut', summary: 'Have this device forgotten')]
    #[OA\Response(response: 204, description: 'It is')]
    public function signOut(Request $request): Response
    {
        $device = $this->tokens->device($request->cookies->getString(DeviceCookie::NAME));
        if (null !== $device) {
            $this->devices->remove($device->id);
        }
        $reply = new Response('', Response::HTTP_NO_CONTENT);
        $reply->headers->setCookie(DeviceCookie::gone());

        return $reply;
    }

    #[Route('/api/pair', methods: ['POST'])]
    #[OA\Post(path: '/api/pair', operationId: 'pairDevice', summary: 'Let this device in for good, with a code that “Devices” shows')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(
        properties: [
            new OA\Property(property: 'code', type: 'string', example: '042917'),
            new OA\Property(property: 'name', type: 'string', maxLength: Device::LONGEST_NAME),
        ],
        required: ['code', 'name'],
    ))]
    #[WhoResponse]
    #[ProblemResponse(403, 'Wrong code')]
    #[ProblemResponse(409, 'Nobody pairs the machine itself')]
    #[ProblemResponse(422, 'A name is missing')]
    #[ProblemResponse(429, 'Too many wrong attempts; paired devices are not affected')]
    public function pair(Request $request): Response
    {
        self::seeThatItIsFromElsewhere($request);
        [$code, $name] = self::texts($request, 'code');

        return $this->letIn($request, $this->devices->pair((string) preg_replace('/\s+/', '', $code), $name));
    }

    #[Route('/api/enter', methods: ['POST'])]
    #[OA\Post(path: '/api/enter', operationId: 'enterByLink', summary: 'Come in by a link to one plan')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(
        properties: [
            new OA\Property(property: 'secret', description: 'What the link holds behind its #', type: 'string'),
            new OA\Property(property: 'name', description: 'Of whoever comes in, which notes will carry', type: 'string', maxLength: Device::LONGEST_NAME),
        ],
        required: ['secret', 'name'],
    ))]
    #[WhoResponse]
    #[ProblemResponse(404, 'No such link, or no longer')]
    #[ProblemResponse(409, 'Not at the machine itself')]
    #[ProblemResponse(422, 'A name is missing')]
    public function enter(Request $request, Shares $shares): Response
    {
        self::seeThatItIsFromElsewhere($request);
        [$secret, $name] = self::texts($request, 'secret');

        $share = $shares->find($secret);
        $caller = $this->who->caller();
        if (\in_array($caller?->level, [Level::Plan, Level::Keep], true)) {
            // A device of the workshop stays what it is, and sees that plan anyway.
            return WhoReply::of($request, $caller, $share->plan->id);
        }

        return $this->letIn($request, $this->devices->add($name, DeviceKind::Link, false, $share));
    }

    /** Says who that is now, and sets the cookie by which the device is known again. */
    private function letIn(Request $request, string $secret): Response
    {
        $reply = WhoReply::of($request, $this->tokens->caller($secret));
        $reply->headers->setCookie(DeviceCookie::of($secret));

        return $reply;
    }

    /** @throws Problem at the machine that serves this */
    private static function seeThatItIsFromElsewhere(Request $request): void
    {
        if (Listener::Loopback === Listener::of($request)) {
            throw Problem::signedInHere();
        }
    }

    /** @return array{string, string} the secret of that key, and the name */
    private static function texts(Request $request, string $key): array
    {
        $in = InputReader::of(JsonBody::read($request));
        $secret = $in->text($key, self::LONGEST_SECRET);
        $name = $in->text('name', Device::LONGEST_NAME);
        $in->throwIfInvalid();

        return [$secret, $name];
    }
}
