<?php

declare(strict_types=1);

namespace YardCask\Server\Search;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use YardCask\Core\Search\Watch;
use YardCask\Server\Settings;

/** Answers with what a search finds: lines of JSON that say how far it is, and a last one with what it has found. */
final readonly class Searches
{
    public const TYPE = 'application/x-ndjson';

    public function __construct(private StopFlag $flag)
    {
    }

    /** @param callable(Watch): mixed $search that checks its input before it is called, because after the first line nothing can be refused */
    public function reply(Request $request, callable $search): StreamedResponse
    {
        $name = $request->query->all()['search'] ?? null;
        $name = \is_string($name) && 1 === preg_match('/^'.StopFlag::SYNTAX.'$/D', $name) ? $name : null;

        return new StreamedResponse(
            function () use ($search, $name): void {
                $watch = new StreamedWatch(Settings::searchLimitS(), $this->flag, $name);
                $found = $search($watch);
                StreamedWatch::send(['found' => $found, 'stopped' => $watch->stopped()]);
            },
            // The server in front passes each line on as it comes.
            headers: ['Content-Type' => self::TYPE, 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no'],
        );
    }
}
