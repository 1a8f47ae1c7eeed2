<?php

declare(strict_types=1);

namespace YardCask\Server\Search;

use YardCask\Core\Input\Json;
use YardCask\Core\Search\Watch;

/**
 * Sends how far a search is, a line of JSON each time, while it goes on. It ends when its time is up, when it was told to stop, and when
 * nobody is there any more: PHP notices that the browser has gone only when it sends something.
 */
final class StreamedWatch implements Watch
{
    private const EVERY_S = 0.1;
    /** On a busy machine a search may last this many times its processor time. */
    private const BUSY = 4;

    private readonly float $beganS;
    private readonly float $beganUsedS;
    private float $spokeS = -\INF;
    private int $done = 0;
    private int $of = 0;
    /** Why it is over, in words; null while it goes on. */
    private ?string $stopped = null;

    /**
     * @param float $limitS of processor time, after which it is over: a busy machine takes longer but finds as much
     * @param string|null $search what the page calls it; null where nobody can stop it
     */
    public function __construct(private readonly float $limitS, private readonly StopFlag $flag, private readonly ?string $search)
    {
        $this->beganS = microtime(true);
        $this->beganUsedS = self::processorS();
        ignore_user_abort(true);
        $this->speak();
    }

    public function isOver(): bool
    {
        if (null === $this->stopped && microtime(true) - $this->spokeS >= self::EVERY_S) {
            $this->speak();
            $this->stopped = $this->reason();
        }

        return null !== $this->stopped;
    }

    public function tell(int $done, int $of): void
    {
        [$this->done, $this->of] = [$done, $of];
    }

    /** @return string|null why not all was tried, in words */
    public function stopped(): ?string
    {
        return null === $this->stopped ? null : \sprintf('%s: %d of %d tried.', $this->stopped, $this->done, $this->of);
    }

    private function reason(): ?string
    {
        $tookS = max(self::processorS() - $this->beganUsedS, (microtime(true) - $this->beganS) / self::BUSY);

        return match (true) {
            0 !== connection_aborted() => 'Nobody waits any more',
            null !== $this->search && $this->flag->isFor($this->search) => 'Stopped',
            $tookS >= $this->limitS => \sprintf('This search was stopped after %s s of computing', round($this->limitS, 1)),
            default => null,
        };
    }

    /** What this process has used of the processor since it began, in s. */
    private static function processorS(): float
    {
        /** @var array<string, int> $used */
        $used = getrusage();

        return $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec'] + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
    }

    private function speak(): void
    {
        $this->spokeS = microtime(true);
        self::send(['done' => $this->done, 'of' => $this->of]);
    }

    /** @param array<string, mixed> $line */
    public static function send(array $line): void
    {
        echo Json::encode($line, digits: Json::WORKED_OUT), "\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
