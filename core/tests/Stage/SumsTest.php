<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use YardCask\Core\Arithmetic\Expression;
use YardCask\Core\Arithmetic\Term;
use YardCask\Core\Assessment\Figure;
use YardCask\Core\Assessment\Sum;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\QuantityParser;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\OutletExtremes;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Every sum gives its figure: with its values, and with nothing but what is printed, whoever works it out. */
final class SumsTest extends TestCase
{
    private static function language(): ExpressionLanguage
    {
        $language = new ExpressionLanguage();
        foreach (Term::FUNCTIONS as $name) {
            $php = match ($name) {
                'sum' => static fn (float|int ...$of): float => array_sum($of),
                'min', 'max' => static fn (float|int ...$of): float => $name(array_values($of)),
                default => static fn (float|int $of): float => (float) $name($of),
            };
            $language->register($name, static fn (): string => '', static fn (array $names, float|int ...$of): float => $php(...$of));
        }

        return $language;
    }

    /** @return iterable<string, Plan> */
    private static function plans(): iterable
    {
        yield from SamplePlans::all();
        foreach (SystemType::cases() as $system) {
            if (SystemType::CanSwitched !== $system) {
                yield $system->value => SampleLines::of($system)->plan;
            }
        }
        $whole = PlanPatch::add('/load/rig/whole_weighed_kg', 2890)->applyTo(SamplePlans::fellside());
        yield 'whole and rear weighed' => $whole;
        $none = PlanPatch::remove('/load/rig/axles/1/weighed_kg')->applyTo($whole);
        yield 'only the whole weighed' => $none;
        yield 'whole and front weighed' => PlanPatch::add('/load/rig/axles/0/weighed_kg', 1440)->applyTo($none);
        $american = new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit);
        $british = new UnitPreferences(Unit::ImperialGallon, Unit::Millimetre, Unit::Kilogram, Unit::Bar, Unit::Celsius);
        foreach (['over_lid', 'brackets'] as $held) {
            yield 'held by '.$held => PlanPatch::replace('/tanks/0/held_by', $held)->applyTo(SamplePlans::fellside());
        }
        for ($seed = 1800; $seed < 1850; ++$seed) {
            $plan = SamplePlans::varied($seed);
            yield 'seed '.$seed => match ($seed % 3) {
                0 => PartFields::changed($plan, ['units' => $american]),
                1 => PartFields::changed($plan, ['units' => $british]),
                default => $plan,
            };
        }
    }

    public function testEverySumGivesItsFigureByItsValuesAndByWhatIsPrinted(): void
    {
        $language = self::language();
        $wrong = [];
        $seen = [];
        foreach (self::plans() as $name => $plan) {
            $figures = Assessor::assess($plan, '-')->figures + array_column(array_filter(array_column(OutletExtremes::all($plan), 'mainsFigure')), null, 'id');
            $parser = new QuantityParser($plan->units);
            foreach (Assessor::sums($plan) as $id => $sum) {
                $seen[(string) preg_replace('~\.[^.]+\.~', '.*.', $id)] = true;
                $at = $name.' '.$id.' = '.$sum->expression;
                $symbols = array_column($sum->inputs, 'symbol');
                self::assertEqualsCanonicalizing(Expression::of($sum->expression)->symbols(), $symbols, $at);
                if (Expression::of($sum->expression)->isLoneSymbol()) {
                    self::assertTrue(null !== $sum->inputs[0]->pointer || $sum->inputs[0]->found, $at);
                }
                $value = self::worked($language, $sum, array_column($sum->inputs, 'value'));
                if (abs($value - $figures[$id]->value) > 0.005 * abs($figures[$id]->value) + 1e-6) {
                    $wrong[] = \sprintf('%s: %s for %s', $at, $value, $figures[$id]->value);
                    continue;
                }
                $printed = self::worked($language, $sum, array_map(static fn (SumInput $input): float => self::read($input, $parser), $sum->inputs));
                if (!self::agrees($printed, $figures[$id], $parser)) {
                    $wrong[] = \sprintf('%s from %s: %s for %s', $at, implode(', ', array_column($sum->inputs, 'text')), $printed, $figures[$id]->text);
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(60, \count($seen), implode(', ', array_keys($seen)));
    }

    public function testSaysInWhichUnitsItIsWorkedOutWhereThePlanIsWrittenInOthers(): void
    {
        $units = static fn (Plan $plan, string $id): ?string => Assessor::sums($plan)[$id]->units;
        $american = new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit);
        $abroad = PartFields::changed(SamplePlans::fellside(), ['units' => $american]);
        foreach (['tanks.tail.gross' => 'Worked out in mm and L.', 'load.gross.spare' => 'Worked out in kg.'] as $id => $said) {
            self::assertSame($said, $units($abroad, $id));
            self::assertNull($units(SamplePlans::fellside(), $id));
        }
    }

    public function testTheMostWaterToTravelWithSaysHowItWasFound(): void
    {
        $sum = static fn (Plan $plan): Sum => Assessor::sums($plan)['load.max_fill'];
        $limits = static fn (Plan $plan, float $kg): Plan => PlanPatch::replace('/load/rig/gross_limit_kg', $kg)
            ->and(PlanPatch::replace('/load/rig/axles/0/limit_kg', $kg))->and(PlanPatch::replace('/load/rig/axles/1/limit_kg', $kg))->applyTo($plan);
        $fellside = SamplePlans::fellside();
        self::assertSame(['full * (limit - held - empty) / adds', 'At the limit that is reached first.'], [$sum($fellside)->expression, $sum($fellside)->note]);
        self::assertSame('Brim full: no limit is reached.', $sum($limits($fellside, 5000))->note);
        self::assertSame('No fill keeps every limit from setting off to used up.', $sum($limits($fellside, 900))->note);
        self::assertSame('full * share', $sum($limits($fellside, 900))->expression);
        $nosed = SamplePlans::begun(['rig' => 'trailer']);
        $light = PlanPatch::add('/load/rig/nose_weighed_kg', 56)->and(PlanPatch::add('/load/rig/weighed_kg', 900))
            ->and(PlanPatch::replace('/tanks/0/x_m', 4.6))->applyTo($nosed);
        self::assertStringStartsWith('Found by halving: with more, the nose would not keep 5', (string) $sum($light)->note);
    }

    public function testThereIsAShareOfThePayloadOnlyWhereThereIsWaterAndPayload(): void
    {
        $has = static fn (Plan $plan): bool => isset(Assessor::sums($plan)['load.water_share']);
        self::assertTrue($has(SamplePlans::fellside()));
        self::assertFalse($has(PlanPatch::replace('/tanks', [])->applyTo(SamplePlans::fellside())));
        self::assertFalse($has(PlanPatch::replace('/load/rig/gross_limit_kg', 1000)->applyTo(SamplePlans::fellside())));
    }

    /** @param list<float> $values */
    private static function worked(ExpressionLanguage $language, Sum $sum, array $values): float
    {
        return (float) $language->evaluate($sum->expression, ['pi' => \M_PI] + array_combine(array_column($sum->inputs, 'symbol'), $values));
    }

    /** What is printed of an input, in the unit of its value. */
    private static function read(SumInput $input, QuantityParser $parser): float
    {
        $text = str_replace("\u{A0}", ' ', $input->text);
        if ('on the centreline' === $text) {
            return 0.0;
        }
        $unit = '' === $input->unit ? Unit::Fraction : Unit::from($input->unit);
        if ('' === $input->unit && !str_ends_with($text, '%')) {
            return (float) str_replace([' ', '−'], ['', '-'], $text);
        }
        $isSideways = str_ends_with($text, ' left') || str_ends_with($text, ' right');
        $kind = $isSideways ? Kind::Sideways : $unit->kind();
        $sign = str_starts_with($text, '−') ? -1 : 1;

        return $sign * $parser->parse(ltrim($text, '−'), $kind)->in($unit);
    }

    /** Whether a result, in the unit of the figure's value, is the figure as it is printed, give or take one in its last digit. */
    private static function agrees(float $result, Figure $figure, QuantityParser $parser): bool
    {
        $text = str_replace("\u{A0}", ' ', $figure->text);
        $isLess = str_starts_with($text, 'less than ');
        $text = ltrim($isLess ? substr($text, 10) : $text, '−');
        $unit = '' === $figure->symbol ? Unit::One : Unit::from($figure->symbol);
        $decimals = 1 === preg_match('~\.(\d+)~', $text, $digits) ? \strlen($digits[1]) : 0;
        $step = Unit::Inch === $unit && !str_contains($text, '.') ? 1 / 16 : 10 ** -$decimals;
        $kind = Unit::Second === $unit ? Kind::Period : $unit->kind();
        $size = Unit::One === $unit ? (float) str_replace(' ', '', $text) : $parser->parse($text, $kind)->in($unit);
        $printed = $isLess ? 0.0 : (str_starts_with($figure->figure, '−') ? -1 : 1) * $size;

        // Degrees do not begin at nothing.
        $shown = Kind::Temperature === $unit->kind() ? Quantity::of($result, Unit::Celsius)->in($unit) : $result * self::scale($figure, $printed, $unit);

        return abs($shown - $printed) <= $step * (1 + 1e-6);
    }

    /** How many of the printed unit one of the unit of the figure's value is. */
    private static function scale(Figure $figure, float $printed, Unit $unit): float
    {
        $kind = $unit->kind();
        $units = match ($kind) {
            Kind::Length => [Unit::Metre, Unit::Millimetre],
            Kind::Volume => [Unit::Litre],
            Kind::Mass => [Unit::Kilogram],
            Kind::Pressure => [Unit::Kilopascal],
            Kind::Flow => [Unit::LitrePerMinute],
            Kind::Share => [Unit::Fraction],
            Kind::Duration => [Unit::Second === $unit ? Unit::Second : Unit::Minute],
            default => [$unit],
        };
        $scales = array_map(static fn (Unit $one): float => Quantity::of(1.0, $one)->in($unit), $units);
        usort($scales, static fn (float $a, float $b): int => abs($figure->value * $a - $printed) <=> abs($figure->value * $b - $printed));

        return $scales[0];
    }
}
