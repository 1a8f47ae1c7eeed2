<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use YardCask\Core\Input\Json;
use YardCask\Core\Output\Csv;

/** What the Parts stage sends, takes and gives out. */
final class PartsTest extends ApiTestCase
{
    public function testAnEndIsSaidInWhateverUnitAndComesBackAsAPatch(): void
    {
        $plan = Json::decode(self::fellside());
        $edit = static fn (array $end): string => Json::encode(['edit' => ['joint' => 'pipe-2.to', 'side' => 'port', 'end' => $end], 'plan' => $plan]);
        $done = $this->send('POST', '/api/joint-ends', $edit(['system' => 'barb', 'outer_mm' => '0.54 in']));
        $this->assertStatus(200);
        self::assertSame('/line/parts/1/ends', $done->patch[1]->path);
        self::assertStringContainsString('in: barb 13.716', $done->patch[1]->value);
        $problem = $this->send('POST', '/api/joint-ends', $edit(['system' => 'barb', 'outer_mm' => 'thick']));
        $this->assertStatus(422);
        self::assertSame('/end/outer_mm', $problem->violations[0]->pointer);
        foreach (['{}', '[]', '{"edit":7,"plan":null}', 'null', '{"edit":{"joint":"x","side":"port","end":[]},"plan":{}}'] as $body) {
            $this->send('POST', '/api/joint-ends', $body);
            $this->assertStatus(422);
        }
    }

    public function testTheShoppingListIsATable(): void
    {
        $this->send('POST', '/api/shopping.csv', self::fellside());
        $this->assertStatus(200);
        $response = $this->browser->getResponse();
        self::assertSame('text/csv; charset=utf-8', $response->headers->get('Content-Type'));
        $rows = Csv::rows((string) $response->getContent());
        self::assertSame(['shop', 'item', 'name'], \array_slice($rows[0], 0, 3));
        self::assertContains('pump-11', array_column($rows, 1));
    }

    public function testTemplatesAreOnPaperAtTheirTrueSize(): void
    {
        foreach (['mm' => [210.0, 297.0], 'in' => [215.9, 279.4]] as $unit => [$widthMm, $heightMm]) {
            $plan = Json::decode(self::fellside());
            $plan->units->length = $unit;
            $this->send('POST', '/api/templates.pdf', Json::encode($plan));
            $this->assertStatus(200);
            $pdf = (string) $this->browser->getResponse()->getContent();
            self::assertStringStartsWith('%PDF-', $pdf);
            $point = 72 / 25.4;
            self::assertSame(1, preg_match('~/MediaBox \[0\.0+ 0\.0+ ([\d.]+) ([\d.]+)\]~', $pdf, $page));
            self::assertEqualsWithDelta([$widthMm * $point, $heightMm * $point], [(float) $page[1], (float) $page[2]], 0.05);
            // A line of 100 mm is on every sheet, and a circle of 51 mm on one.
            preg_match_all('~([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l\s+S~', $pdf, $lines, \PREG_SET_ORDER);
            $checks = array_filter($lines, static fn (array $line): bool => $line[2] === $line[4] && abs(abs((float) $line[3] - (float) $line[1]) - 100 * $point) < 0.01);
            self::assertCount(substr_count($pdf, '/Type /Page '), $checks);
        }
        $bare = Json::decode(self::fellside());
        [$bare->tanks, $bare->runs, $bare->line] = [[], [], ['parts' => [], 'pipes' => []]];
        $this->send('POST', '/api/templates.pdf', Json::encode($bare));
        $this->assertStatus(200);
    }
}
