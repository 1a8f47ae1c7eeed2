<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Parts\Drawing\HoleCard;
use YardCask\Core\Stage\Parts\Drilling\Behind;
use YardCask\Core\Stage\Parts\Drilling\DrillList;
use YardCask\Core\Stage\Parts\Drilling\FaceTemplate;
use YardCask\Core\Stage\Parts\Drilling\Hole;
use YardCask\Core\Stage\Parts\Drilling\HoleIn;
use YardCask\Core\Stage\Parts\Drilling\PartHoles;
use YardCask\Core\Stage\Parts\Drilling\TemplateSvg;
use YardCask\Core\Stage\Parts\Drilling\WallHole;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;
use YardCask\Core\Words\Phrase;

/** The holes to drill, and their templates at true size. */
final class DrillingTest extends TestCase
{
    public function testAHoleIsMeasuredFromTheNearerEdgesAndSaysWhatIsNear(): void
    {
        $plan = SamplePlans::demos()['fellside'];
        $workings = Workings::over($plan, SampleLines::stock());
        $holes = DrillList::of($workings);
        $said = array_map(
            static fn (Hole $one): string => str_replace("\u{00A0}", ' ', $workings->wording->phrase($one->what).' '.$workings->wording->phrase($one->where)),
            $holes,
        );
        // The tank is 950 × 370 mm: its vent sits 870 mm along, 80 mm from the rear edge.
        self::assertContains('“Vent” of Tail tank On its top: 80 mm from its rear edge, 185 mm from its left edge, to the middle of the hole.', $said);
        $wall = array_values(array_filter($holes, static fn (Hole $one): bool => HoleIn::OuterWall === $one->in))[0];
        self::assertSame([], Behind::of($wall, $workings));
        $at = ['id' => 'thing-900', 'name' => 'Fuse box', 'need' => 'dry', 'length_mm' => 100, 'width_mm' => 100, 'height_mm' => 100];
        foreach ([59 => ['Fuse box'], 61 => []] as $mm => $names) {
            $things = json_decode($plan->toJson());
            $things->load->things[] = (object) [...$at, 'x_m' => $wall->at->xM + 0.05 + $mm / 1000, 'y_m' => $wall->at->yM, 'z_m' => $wall->at->zM - 0.05];
            $near = Behind::of($wall, Workings::over(Plan::read($things), SampleLines::stock()));
            self::assertSame($names, array_values(array_intersect($near, ['Fuse box'])), "$mm mm");
        }
    }

    /** @return iterable<string, array{string, string, float|null, float, list<array{float, HoleIn, string|null}>}> the demonstration, the part, where it is along the rig and how high, and its holes with their plates */
    public static function partsWithHoles(): iterable
    {
        yield 'an inlet in the wall, covered by the smallest plate that is wide enough' => ['fellside', 'mains-inlet', 3.0, 0.9, [[57.0, HoleIn::OuterWall, 'wall-plate-80']]];
        yield 'without a place yet' => ['fellside', 'mains-inlet', null, 0.9, [[57.0, HoleIn::OuterWall, 'wall-plate-80']]];
        yield 'below the floor there is no lining' => ['fellside', 'mains-inlet', 3.0, 0.3, [[57.0, HoleIn::OuterWall, null]]];
        yield 'nor in a boat' => ['petrel', 'mains-inlet', 3.0, 0.9, [[57.0, HoleIn::OuterWall, null]]];
        yield 'a hole as wide as the plate covers' => ['fellside', 'outside-shower', 3.0, 0.9, [[76.0, HoleIn::OuterWall, 'wall-plate-80']]];
        yield 'a tap in the worktop' => ['fellside', 'tap-galley', 3.0, 1.1, [[35.0, HoleIn::Worktop, null]]];
        yield 'a valve needs none' => ['fellside', 'ball-valve-12', 3.0, 0.9, []];
    }

    /** @param list<array{float, HoleIn, string|null}> $expected */
    #[DataProvider('partsWithHoles')]
    public function testAPartThatIsSetIntoAWallOrAWorktopHasAHole(string $demo, string $stock, ?float $xM, float $zM, array $expected): void
    {
        $part = PartFields::changed(SampleLines::stock()->part($stock)?->planned('part-900', 'Kestrel', $zM) ?? self::fail($stock), ['xM' => $xM, 'yM' => 0.9]);
        $plan = SamplePlans::demos()[$demo];
        $workings = Workings::over(PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => [$part], 'pipes' => []])]), SampleLines::stock());
        $holes = array_values(PartHoles::all($workings));
        self::assertSame($expected, array_map(static fn (Hole $one): array => [$one->holeMm, $one->in, $one->plate?->id], $holes));
        foreach ($holes as $hole) {
            // What the hole is for is not in its way.
            self::assertNotContains('Kestrel', Behind::of($hole, $workings));
            $said = $workings->wording->phrase($hole->where);
            self::assertSame(null === $xM, str_contains($said, 'not in the plan yet'));
            self::assertSame(HoleIn::Worktop === $hole->in, str_contains($said, 'Hold it in place first'));
        }
        $list = array_column(array_map(static fn (ShoppingLine $one): array => [$one->item->key, $one->amount], ShoppingList::of($workings)->lines), 1, 0);
        $card = array_column(HoleCard::all($workings), 'plate', 'what');
        foreach (array_filter($holes, static fn (Hole $one): bool => null !== $one->plate) as $hole) {
            $plate = $hole->plate ?? self::fail('It has none.');
            self::assertGreaterThanOrEqual(1.0, $list[$plate->id] ?? 0.0);
            self::assertStringContainsString($plate->name, $card['The hole for “Kestrel” in the outer wall']);
            $template = array_column(FaceTemplate::all($workings), null, 'id')['part-900'];
            // The plate, with 40 mm of the wall round it.
            self::assertSame([200.0, 120.0], [$template->widthMm, $template->holes[0]->plateMm]);
            $svg = new \SimpleXMLElement(TemplateSvg::write($template, $workings->wording));
            $radii = array_map(static fn (\SimpleXMLElement $one): float => (float) $one['r'], iterator_to_array($svg->circle, false));
            self::assertSame([$hole->holeMm / 2, 60.0], $radii);
        }
    }

    /** @return iterable<string, array{float, string}> metres behind the front end of a body of 5.9 m, and what is said of it */
    public static function places(): iterable
    {
        yield 'nearer to the front' => [2.9, '2 900 mm from the front end of the body, 900 mm above the ground, to the middle of the hole.'];
        yield 'nearer to the rear' => [3.0, '2 900 mm from the rear end of the body, 900 mm above the ground, to the middle of the hole.'];
    }

    #[DataProvider('places')]
    public function testAHoleInTheWallIsMeasuredFromTheNearerEnd(float $behindM, string $expected): void
    {
        $plan = SamplePlans::demos()['fellside'];
        $rig = $plan->load->rig;
        self::assertEqualsWithDelta(5.9, $rig->sizes()->lengthM, 1e-9);
        $workings = Workings::over($plan, SampleLines::stock());
        $said = $workings->wording->phrase(WallHole::where(new RunPoint($rig->bodyFromM() + $behindM, 0.9, 0.9), $workings));
        self::assertSame($expected, str_replace("\u{00A0}", ' ', $said));
    }

    /** @return iterable<string, array{Face, float, float, float, float}> the face, along and up it, and where that is seen from outside of a tank of 600 × 400 × 300 mm */
    public static function faces(): iterable
    {
        yield 'from above, the front up' => [Face::Top, 80.0, 100.0, 100.0, 80.0];
        yield 'from below, right is left' => [Face::Bottom, 80.0, 100.0, 300.0, 80.0];
        yield 'at its front, right is left' => [Face::Front, 80.0, 50.0, 320.0, 250.0];
        yield 'at its rear' => [Face::Rear, 80.0, 50.0, 80.0, 250.0];
        yield 'from its left, the front is left' => [Face::Left, 80.0, 50.0, 80.0, 250.0];
        yield 'from its right, the front is right' => [Face::Right, 80.0, 50.0, 520.0, 250.0];
    }

    #[DataProvider('faces')]
    public function testATemplateIsSeenFromOutsideAtItsTrueSize(Face $face, float $alongMm, float $upMm, float $xMm, float $yMm): void
    {
        $plan = SamplePlans::demos()['fellside'];
        $port = PartFields::changed($plan->tanks[0]->ports[0], ['face' => $face, 'alongMm' => $alongMm, 'upMm' => $upMm, 'fitting' => 'tank-barb-38', 'name' => 'A & <b>']);
        $tank = PartFields::changed($plan->tanks[0], ['lengthMm' => 600.0, 'widthMm' => 400.0, 'heightMm' => 300.0, 'ports' => [$port]]);
        $workings = Workings::over(PartFields::changed($plan, ['tanks' => [$tank]]), SampleLines::stock());
        [$template] = FaceTemplate::all($workings);
        self::assertSame([$xMm, $yMm, 51.0], [$template->holes[0]->xMm, $template->holes[0]->yMm, $template->holes[0]->acrossMm]);
        $svg = new \SimpleXMLElement(TemplateSvg::write($template, $workings->wording));
        // One unit is a millimetre.
        self::assertSame([$svg['width'].'', $svg['height'].''], [explode(' ', (string) $svg['viewBox'])[2].'mm', explode(' ', (string) $svg['viewBox'])[3].'mm']);
        $of = static fn (string $tag, string $class = ''): array => array_values(array_filter(
            iterator_to_array($svg->{$tag}, false),
            static fn (\SimpleXMLElement $one): bool => '' === $class || $class === (string) $one['class'],
        ));
        [$check] = $of('line', 'check');
        self::assertEqualsWithDelta(100.0, (float) $check['x2'] - (float) $check['x1'], 1e-9);
        [$outline] = $of('rect');
        self::assertSame([$template->widthMm, $template->heightMm], [(float) $outline['width'], (float) $outline['height']]);
        [$circle] = $of('circle');
        self::assertEqualsWithDelta([$xMm, $yMm, 25.5], [(float) $circle['cx'] - (float) $outline['x'], (float) $circle['cy'] - (float) $outline['y'], (float) $circle['r']], 1e-9);
        self::assertStringContainsString('A & <b>', (string) $of('text')[0]);
    }

    public function testAHoleInTheWallHasATemplateOfItsOwn(): void
    {
        $workings = Workings::over(SamplePlans::demos()['petrel'], SampleLines::stock());
        $templates = array_column(FaceTemplate::all($workings), null, 'id');
        $wall = $templates['run-1'] ?? self::fail('There is none.');
        // A hole of 51 mm with 40 mm of the wall round it.
        self::assertSame([131.0, 131.0, 65.5, 65.5, 51.0], [$wall->widthMm, $wall->heightMm, $wall->holes[0]->xMm, $wall->holes[0]->yMm, $wall->holes[0]->acrossMm]);
        $svg = TemplateSvg::write($wall, $workings->wording);
        self::assertStringContainsString('above the keel', $svg);
        self::assertStringContainsString('Measure it before', $svg);
    }

    public function testALargeTemplateIsDividedAmongSheetsThatCoverIt(): void
    {
        $templates = array_column(FaceTemplate::all(Workings::over(SamplePlans::demos()['fellside'], SampleLines::stock())), null, 'id');
        // The lid is 370 mm wide and 950 mm long.
        $template = $templates['tail.top'];
        $sheets = $template->sheets(190.0, 259.0);
        self::assertSame([[0.0, 0.0], [190.0, 0.0], [0.0, 259.0], [190.0, 259.0]], \array_slice(array_map(static fn ($one): array => [$one->leftMm, $one->aboveMm], $sheets), 0, 4));
        self::assertCount(8, $sheets);
        self::assertSame([1, 8], [$sheets[0]->number, $sheets[7]->number]);
        self::assertCount(1, $template->sheets(1000.0, 1000.0));
    }

    /** @return iterable<string, array{float, string}> */
    public static function holes(): iterable
    {
        yield 'the smallest for a saw' => [20.0, 'parts.hole.tool.saw'];
        yield 'the largest for a step drill' => [19.9, 'parts.hole.tool.step'];
    }

    #[DataProvider('holes')]
    public function testAHoleHasItsTool(float $holeMm, string $tool): void
    {
        $hole = new Hole(for: 'X', what: new Phrase('parts.title'), where: new Phrase('parts.title'), holeMm: $holeMm, fitting: 'X', in: HoleIn::Tank, missingMm: 0.0, at: null);
        self::assertSame($tool, $hole->tool()->key);
    }
}
