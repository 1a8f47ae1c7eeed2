<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\TestWith;
use YardCask\Server\Search\StopFlag;
use YardCask\Server\Search\StreamedWatch;

/** Searches answer while they go on, and end when they are told to or when their time is up. */
final class SearchTest extends ApiTestCase
{
    #[TestWith(['/api/stock'])]
    #[TestWith(['/api/line-sizing'])]
    #[TestWith(['/api/fixes?stage=line'])]
    public function testASearchSaysHowFarItIsAndAtLastWhatItHasFound(string $path): void
    {
        $lines = $this->search($path, self::fellside());
        $answer = array_pop($lines);
        self::assertNotSame([], $lines);
        foreach ($lines as $line) {
            self::assertLessThanOrEqual($line->of, $line->done);
        }
        self::assertNull($answer->stopped);
        self::assertNotEmpty((array) $answer->found);
        self::assertSame(['no', 'application/x-ndjson'], array_map($this->browser->getResponse()->headers->get(...), ['X-Accel-Buffering', 'Content-Type']));
    }

    public function testWhatWasToldToStopEndsWithWhatItHasFound(): void
    {
        $whole = $this->found('/api/stock', self::fellside());
        $this->send('POST', '/api/searches/search-of-mine/stop');
        $this->assertStatus(204);
        $lines = $this->search('/api/stock?search=search-of-mine', self::fellside());
        $answer = array_pop($lines);
        self::assertMatchesRegularExpression('/^Stopped: \d+ of \d+ tried\.$/', $answer->stopped);
        self::assertLessThan(\count($whole->rows), \count($answer->found->rows));
        // Others go on.
        self::assertCount(\count($whole->rows), $this->found('/api/stock?search=search-of-others', self::fellside())->rows);
    }

    public function testASearchEndsWhenItsTimeIsUp(): void
    {
        $sent = '';
        ob_start(static function (string $more) use (&$sent): string {
            $sent .= $more;

            return '';
        });
        $watch = new StreamedWatch(0.0, self::getContainer()->get(StopFlag::class), null);
        $watch->tell(3, 9);
        while (!$watch->isOver()) {
            usleep(10_000);
        }
        self::assertTrue($watch->isOver());
        self::assertSame('This search was stopped after 0 s of computing: 3 of 9 tried.', $watch->stopped());
        ob_end_flush();
        self::assertSame("{\"done\":0,\"of\":0}\n{\"done\":3,\"of\":9}\n", $sent);
    }

    #[TestWith(['short'])]
    #[TestWith(['..%2F..%2Fetc'])]
    #[TestWith(['UPPER-CASE'])]
    public function testWhatIsNoNameOfASearchIsNotWritten(string $name): void
    {
        $this->send('POST', '/api/searches/'.$name.'/stop');
        $this->assertStatus(404);
        self::assertNull(array_reverse($this->search('/api/fixes?stage=use&search='.$name, self::fellside()))[0]->stopped);
    }
}
