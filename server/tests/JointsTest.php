<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

/** Ends apart from any plan: judged in pairs and found by what was measured, in whatever unit it is typed. */
final class JointsTest extends ApiTestCase
{
    public function testLengthsAreTakenAsTheyAreTyped(): void
    {
        $body = '{"a":{"system":"barb","outer_mm":"13.4"},"b":{"system":"hose","inner_mm":"1/2 in","wall":"braided"}}';
        $joint = $this->send('POST', '/api/joint', $body);
        $this->assertStatus(200);
        self::assertSame(['sealed', 'a clamp or ring'], [$joint->fit, $joint->with]);
        self::assertEqualsWithDelta(0.7, $joint->gap_mm, 1e-9);
        $found = $this->send('POST', '/api/ends', '{"outer_mm":"0.823 in","pitch_tpi":"14,0"}');
        self::assertSame('Parallel pipe thread (ISO 228), 1/2, male', $found->candidates[0]->name);
    }

    public function testWhatIsNoLengthIsRefusedWhereItWasTyped(): void
    {
        $this->send('POST', '/api/joint', '{"a":{"system":"barb","outer_mm":"wide"},"b":{"system":"tube","outer_mm":15}}');
        $this->assertProblem(422, '"pointer":"/a/outer_mm"');
        $this->send('POST', '/api/ends', '{"outer_mm":"3 L"}');
        $this->assertProblem(422, '"pointer":"/outer_mm"');
        $this->send('POST', '/api/ends', '{"outer_mm":"20.9","pitch_tpi":"many"}');
        $this->assertProblem(422, '"pointer":"/pitch_tpi"');
        $this->send('POST', '/api/ends', '[]');
        $this->assertProblem(422, 'JSON object');
    }

    /** A page that asks for what a form names is never told that it asked for something unknown. */
    public function testEveryFormHoldsWhatItsSystemTakes(): void
    {
        $forms = $this->send('GET', '/api/ends')->systems;
        self::assertCount(11, $forms);
        foreach ($forms as $form) {
            $end = ['system' => $form->system];
            foreach ($form->fields as $field) {
                $options = array_values(array_filter($field->options, static fn (\stdClass $one): bool => '' === $one->standard || $one->standard === ($end['standard'] ?? '')));
                $end[$field->key] = $options[0]->value ?? ('hole_mm' === $field->key ? '20' : '15');
            }
            $this->send('POST', '/api/joint', json_encode(['a' => $end, 'b' => $end], \JSON_THROW_ON_ERROR));
            $this->assertStatus(200);
        }
    }
}
