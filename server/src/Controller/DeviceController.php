<?php

declare(strict_types=1);

namespace YardCask\Server\Controller;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Access\Devices;
use YardCask\Server\Access\Passphrases;
use YardCask\Server\Access\WhoAsks;
use YardCask\Server\Clock;
use YardCask\Server\Entity\DeviceKind;
use YardCask\Server\Entity\DeviceToken;
use YardCask\Server\Http\JsonBody;
use YardCask\Server\Http\JsonReply;
use YardCask\Server\OpenApi\ProblemResponse;

/** Which devices are let in. */
final readonly class DeviceController
{
    public function __construct(
        private Devices $devices,
        private WhoAsks $who,
    ) {
    }

    #[Route('/api/devices', methods: ['GET'])]
    #[OA\Get(path: '/api/devices', operationId: 'listDevices', summary: 'The devices that are let in, the latest seen first')]
    #[OA\Response(response: 200, description: 'The devices', content: new OA\JsonContent(required: ['devices'], properties: [
        new OA\Property(property: 'devices', type: 'array', items: new OA\Items(
            required: ['id', 'name', 'kind', 'added_at', 'last_seen_at', 'is_this'],
            properties: [
                new OA\Property(property: 'id', type: 'string'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'kind', type: 'string', enum: DeviceKind::class),
                new OA\Property(property: 'added_at', type: 'string', format: 'date-time'),
                new OA\Property(property: 'last_seen_at', type: 'string', format: 'date-time'),
                new OA\Property(property: 'is_this', type: 'boolean'),
            ],
            type: 'object',
        )),
    ]))]
    public function list(): Response
    {
        return JsonReply::of(['devices' => array_map(fn (DeviceToken $token): array => [
            'id' => $token->device->id,
            'name' => $token->device->name,
            'kind' => $token->device->kind,
            'added_at' => $token->device->addedAt->format(\DATE_ATOM),
            'last_seen_at' => $token->lastSeenAt->format(\DATE_ATOM),
            'is_this' => $token->device === $this->who->device(),
        ], $this->devices->all())]);
    }

    #[Route('/api/devices/{device}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/devices/{device}', operationId: 'removeDevice', summary: 'Let a device in no more')]
    #[OA\Parameter(name: 'device', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 204, description: 'Removed')]
    #[ProblemResponse(404, 'No such device')]
    public function remove(string $device): Response
    {
        $this->devices->remove($device);

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    #[Route('/api/pairing-codes', methods: ['POST'])]
    #[OA\Post(path: '/api/pairing-codes', operationId: 'newPairingCode', summary: 'A code that lets one device in, for two minutes')]
    #[OA\Response(response: 201, description: 'The code', content: new OA\JsonContent(required: ['code', 'expires_at'], properties: [
        new OA\Property(property: 'code', type: 'string'),
        new OA\Property(property: 'expires_at', type: 'string', format: 'date-time'),
    ]))]
    public function newCode(): Response
    {
        $expires = Clock::now()->modify(Devices::CODE_FOR);

        return JsonReply::of(['code' => $this->devices->newCode(), 'expires_at' => $expires->format(\DATE_ATOM)], Response::HTTP_CREATED);
    }

    #[Route('/api/passphrase', methods: ['PUT'])]
    #[OA\Put(path: '/api/passphrase', operationId: 'changePassphrase', summary: 'Change the passphrase, which signs everybody out')]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(
        properties: [new OA\Property(property: 'passphrase', type: 'string', maxLength: 200, minLength: 10)],
        required: ['passphrase'],
    ))]
    #[OA\Response(response: 204, description: 'Changed')]
    #[ProblemResponse(422, 'Too short')]
    public function changePassphrase(Request $request, Passphrases $passphrases): Response
    {
        $body = JsonBody::read($request);
        if (!$body instanceof \stdClass || !\is_string($body->passphrase ?? null)) {
            throw InvalidInput::at('/passphrase', 'Enter the new passphrase.');
        }
        $passphrases->set($body->passphrase);

        return new Response('', Response::HTTP_NO_CONTENT);
    }
}
