<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Doctrine\DBAL\Connection;
use YardCask\Core\Plan\PlanFormat;
use YardCask\Server\Storage\RevisionThinner;

/** A plan's life: begun, saved, contested, restored, put away, given out and taken in. */
final class PlansTest extends ApiTestCase
{
    private const ANSWERS = '{"crew":2,"stay":"wild","habit":"ordinary","days":3,"rig":"van","name":"Test rig"}';

    public function testIsBegunListedAndRead(): void
    {
        $begun = $this->send('POST', '/api/plans', self::ANSWERS);
        $this->assertStatus(201);
        self::assertSame('"1"', $this->browser->getResponse()->headers->get('ETag'));
        $names = array_column($this->send('GET', '/api/plans')->plans, 'name', 'id');
        self::assertSame('Test rig', $names[$begun->id]);
        self::assertEquals($begun, $this->send('GET', '/api/plans/'.$begun->id));
    }

    public function testEachWriteIsARevisionAndAStaleOneIsRefusedWithTheCurrentPlan(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $path = '/api/plans/'.$plan->id;
        $plan->plan->use->days = 4;
        self::assertSame(2, $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => '"1"'])->revision);
        self::assertSame(
            2,
            $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => '"2"'])->revision,
            'Nothing changed, so there is no new revision.',
        );
        $plan->plan->use->days = 5;
        $conflict = $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => '"1"']);
        $this->assertProblem(412, 'now at revision 2');
        self::assertSame([2, 4], [$conflict->current->revision, $conflict->current->plan->use->days]);
        $this->send('PUT', $path, json_encode($plan->plan));
        $this->assertProblem(428, 'If-Match');
    }

    public function testAnyRevisionCanBeReadAndRestored(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $path = '/api/plans/'.$plan->id;
        $plan->plan->name = 'Renamed';
        $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => '"1"']);
        self::assertSame([2, 1], array_column($this->send('GET', $path.'/revisions')->revisions, 'number'));
        self::assertSame('Test rig', $this->send('GET', $path.'/revisions/1')->plan->name);
        $restored = $this->send('POST', $path.'/revisions/1/restore', null, ['If-Match' => '"2"']);
        self::assertSame([3, 'Test rig'], [$restored->revision, $restored->plan->name]);
        $this->send('POST', $path.'/revisions/1/restore', null, ['If-Match' => '"2"']);
        $this->assertProblem(412, 'now at revision 3');
        $this->send('GET', $path.'/revisions/9');
        $this->assertProblem(404, 'no revision 9');
    }

    public function testRevisionsSayHowTheyCameAboutAndWhatChangedAndCanBeNamed(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $path = '/api/plans/'.$plan->id;
        $plan->plan->use->days = 4;
        $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => '"1"']);
        $this->send('POST', $path.'/revisions/1/restore', null, ['If-Match' => '"2"']);
        $this->send('PUT', $path.'/revisions/2/name', '{"name":" four days "}');
        $this->assertStatus(204);
        $this->send('PUT', $path.'/revisions/2/name', '{"name":"'.str_repeat('x', 81).'"}');
        $this->assertProblem(422, '1 to 80 characters');
        $this->send('PUT', $path.'/revisions/8/name', '{"name":"none"}');
        $this->assertProblem(404, 'no revision 8');
        $rows = array_map(
            static fn (\stdClass $row): array => [$row->number, $row->origin, $row->what, $row->name ?? null],
            $this->send('GET', $path.'/revisions')->revisions,
        );
        self::assertSame([
            [3, 'restore', "Restored from an earlier revision. Between fills: 4\u{a0}days → 3\u{a0}days", null],
            [2, 'edit', "Between fills: 3\u{a0}days → 4\u{a0}days", 'four days'],
            [1, 'begun', 'New', null],
        ], $rows);
        $this->send('PUT', $path.'/revisions/2/name', '{"name":""}');
        self::assertObjectNotHasProperty('name', $this->send('GET', $path.'/revisions')->revisions[1]);
    }

    public function testEveryRevisionIsReachedPageByPage(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $path = '/api/plans/'.$plan->id;
        for ($number = 1; $number < 102; ++$number) {
            $plan->plan->use->days = 3 + $number % 2;
            $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => "\"{$number}\""]);
        }
        $seen = [];
        for ($before = ''; null !== $before; $before = null === $page->before ? null : '?before='.$page->before) {
            $page = $this->send('GET', $path.'/revisions'.$before);
            self::assertLessThanOrEqual(50, \count($page->revisions));
            array_push($seen, ...array_column($page->revisions, 'number'));
        }
        self::assertSame(range(102, 1), $seen);
        $this->send('GET', $path.'/revisions?before=yesterday');
        $this->assertProblem(422, 'before=120');
    }

    public function testRevisionsAreStoredCompressedAndThinnedOutAfterADay(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $path = '/api/plans/'.$plan->id;
        for ($number = 1; $number < 10; ++$number) {
            $plan->plan->use->days = 3 + $number;
            $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => "\"{$number}\""]);
        }
        $this->send('PUT', $path.'/revisions/3/name', '{"name":"kept"}');
        $this->send('POST', $path.'/revisions/2/restore', null, ['If-Match' => '"10"']);
        $this->send('PUT', $path, json_encode($plan->plan), ['If-Match' => '"11"']);
        $database = self::getContainer()->get(Connection::class);
        self::assertLessThan(
            0.4,
            $database->fetchOne('SELECT AVG(LENGTH(packed) / LENGTH(UNCOMPRESS(packed))) FROM plan_revision WHERE plan_id = ?', [$plan->id]),
        );
        // Saved 20 s apart from noon on: minutes hold 1 to 3, 4 to 6, 7 to 9, 10 to 12.
        $database->executeStatement(
            'UPDATE plan_revision SET saved_at = TIMESTAMPADD(SECOND, 20 * (number - 1), ?) WHERE plan_id = ?',
            ['2031-05-04 12:00:00', $plan->id],
        );
        $thinner = self::getContainer()->get(RevisionThinner::class);
        self::assertSame(0, $thinner->thin(new \DateTimeImmutable('2031-05-05 12:00:00 UTC')));
        $thinner->thin(new \DateTimeImmutable('2031-05-05 12:02:30 UTC'));
        self::assertSame([12, 11, 10, 9, 8, 6, 3, 1], array_column($this->send('GET', $path.'/revisions')->revisions, 'number'));
        $thinner->thin(new \DateTimeImmutable('2031-05-06 12:00:00 UTC'));
        self::assertSame([12, 11, 9, 6, 3, 1], array_column($this->send('GET', $path.'/revisions')->revisions, 'number'));
        self::assertSame(8, $this->send('GET', $path.'/revisions/6')->plan->use->days);
        self::assertSame(12, $this->send('GET', $path)->revision);
    }

    public function testTheShelfSaysWhatThePlanSaysAlsoAfterAChange(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $note = fn (): \stdClass => array_column($this->send('GET', '/api/plans')->plans, 'note', 'id')[$plan->id];
        $kept = static fn (): mixed => self::getContainer()->get(Connection::class)->fetchOne('SELECT note FROM plan WHERE id = ?', [$plan->id]);
        self::assertIsString($kept(), 'It is worked out with the save, not when the shelf is opened.');
        self::assertStringContainsString('brim full', $note()->answer);
        self::assertSame(['van', 'watch'], [$note()->rig->body, $note()->severity]);
        $plan->plan->load->rig->axles[1]->limit_kg = 1000;
        $this->send('PUT', '/api/plans/'.$plan->id, json_encode($plan->plan), ['If-Match' => '"1"']);
        self::assertStringContainsString('over before any water', $note()->answer);
        self::assertSame('stop', $note()->severity);
        self::assertStringContainsString('The rear axle is', $note()->snag);
        $assessed = $this->send('POST', '/api/assess?stage=load', json_encode($plan->plan));
        $answer = $assessed->stages->load->answer;
        self::assertSame([$answer->before.$answer->figure.$answer->after, $assessed->findings[0]->title], [$note()->answer, $note()->snag]);
    }

    public function testIsCopiedUnderANameOfItsOwn(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $copy = $this->send('POST', '/api/plans/'.$plan->id.'/copy');
        $this->assertStatus(201);
        self::assertSame(['Test rig, copy', 1], [$copy->plan->name, $copy->revision]);
        self::assertNotSame($plan->id, $copy->id);
        self::assertSame('Test rig, copy 2', $this->send('POST', '/api/plans/'.$copy->id.'/copy')->plan->name);
        self::assertEquals($plan->plan->tanks, $copy->plan->tanks);
        $this->send('POST', '/api/plans/ffffffffffff/copy');
        $this->assertProblem(404, 'no plan');
    }

    public function testNoIdIsGivenTwiceWhateverIsRemovedUndoneRestoredOrCopied(): void
    {
        $plan = $this->send('POST', '/api/plans', self::ANSWERS);
        $path = '/api/plans/'.$plan->id;
        $began = $plan->plan;
        $tank = clone $began->tanks[0];
        $tank->id = 'tank-31';
        $tank->name = 'Spare';
        $tank->ports = $tank->levels = [];
        $with = clone $began;
        $with->tanks = [...$began->tanks, $tank];
        $highest = fn (string $method, string $to, mixed $body, int $revision): int => $this->send(
            $method,
            $to,
            null === $body ? null : json_encode($body),
            ['If-Match' => '"'.$revision.'"'],
        )->plan->issued->tank;
        self::assertSame(31, $highest('PUT', $path, $with, 1));
        // Taken back by a window that knows nothing of what was issued.
        self::assertSame(31, $highest('PUT', $path, $began, 2));
        self::assertSame(31, $highest('POST', $path.'/revisions/1/restore', null, 3));
        self::assertSame(31, $highest('POST', $path.'/copy', null, 3));
        self::assertSame(31, $this->send('GET', $path)->plan->issued->tank);
    }

    public function testAPlanOfVersionOneIsTakenInAndGivenOutAsThePresentOne(): void
    {
        $taken = $this->send('POST', '/api/plans/import', (string) file_get_contents(__DIR__.'/../../core/tests/plans/fellside-version-1.json'));
        $this->assertStatus(201);
        self::assertSame([PlanFormat::VERSION, 'fresh'], [$taken->plan->version, $taken->plan->tanks[0]->holds]);
    }

    public function testIsPutAwayAndBroughtBack(): void
    {
        $id = $this->send('POST', '/api/plans', self::ANSWERS)->id;
        $this->send('DELETE', '/api/plans/'.$id);
        $this->assertStatus(204);
        $this->send('GET', '/api/plans/'.$id);
        $this->assertProblem(404, 'may have been deleted');
        $this->send('PUT', '/api/plans/'.$id, self::fellside(), ['If-Match' => '"1"']);
        $this->assertProblem(404, 'may have been deleted');
        self::assertNotContains($id, array_column($this->send('GET', '/api/plans')->plans, 'id'));
        self::assertContains($id, array_column($this->send('GET', '/api/plans')->deleted, 'id'));
        $this->send('POST', '/api/plans/'.$id.'/undelete');
        $this->assertStatus(200);
        self::assertContains($id, array_column($this->send('GET', '/api/plans')->plans, 'id'));
        self::assertNotContains($id, array_column($this->send('GET', '/api/plans')->deleted, 'id'));
        $this->send('POST', '/api/plans/never/undelete');
        $this->assertProblem(404, 'no plan');
    }

    public function testAFileTakenInIsGivenOutByteForByte(): void
    {
        $id = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $this->assertStatus(201);
        $this->send('GET', '/api/plans/'.$id.'/export');
        self::assertSame(self::fellside(), $this->browser->getResponse()->getContent());
        self::assertStringContainsString('Fellside.yardcask.json', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
    }

    public function testANameThatIsNoFileNameIsStillGivenOut(): void
    {
        $id = $this->send('POST', '/api/plans/import', str_replace('"Fellside"', '"Bus/Böt 100% \\\\"', self::fellside()))->id;
        $this->send('GET', '/api/plans/'.$id.'/export');
        $this->assertStatus(200);
    }

    public function testAnIdIsTakenToTheLetter(): void
    {
        do {
            $id = $this->send('POST', '/api/plans/import', self::fellside())->id;
        } while (ctype_digit($id));
        foreach ([strtoupper($id), $id.'%20', '0'.$id, '%F0%9F%9A%B0'] as $other) {
            $this->send('GET', '/api/plans/'.$other);
            $this->assertProblem(404, 'no plan');
        }
    }

    public function testReferenceRoutesAnswer(): void
    {
        self::assertSame('well', $this->send('GET', '/api/health')->status);
        self::assertCount(10, $this->send('GET', '/api/catalogue')->rigs);
        $units = $this->send('GET', '/api/units');
        self::assertSame(['L', 'US gal', 'imp gal'], $units->choices->volume);
        self::assertContains('gal', array_column($units->units, 'spellings', 'symbol')['US gal']);
    }
}
