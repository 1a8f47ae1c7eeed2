<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\PartFigures;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A part of which the catalogue knows other figures by now, or nothing. */
final class StockChanged implements RuleOfSections
{
    /** What is set in the rig and not made so. */
    private const SETTINGS = [
        'prechargeKpa',
        'setKpa',
        'setC',
        'leastLpm',
        'mostLpm',
        'leastKpa',
        'mostKpa',
        'cutInKpa',
        'cutOutKpa',
        'hotC',
        'wireM',
        'coolerBecause',
    ];

    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        if ([] === $workings->plan->line->parts || $workings->stock->isEmpty()) {
            return [];
        }
        $findings = [];
        foreach ($workings->plan->line->parts as $part) {
            if (null === $part->stock) {
                continue;
            }
            $stock = $workings->stock->part($part->stock);
            if (null === $stock) {
                $text = new SnagText('line.stock-changed.title.unknown', 'line.stock-changed.why.unknown', ['part' => $part->spoken()]);
                $findings[] = new Finding(
                    LineFinding::StockChanged,
                    [$part->id],
                    new Measure(1.0, 0.0, ''),
                    $text,
                    static fn (): array => [self::asOwn($part, $workings)],
                );
            } elseif ($stock->kind === $part->kind && self::differ($stock->figures, $part->figures)) {
                $text = new SnagText('line.stock-changed.title', 'line.stock-changed.why', ['part' => $part->spoken()]);
                $findings[] = new Finding(
                    LineFinding::StockChanged,
                    [$part->id],
                    new Measure(1.0, 0.0, ''),
                    $text,
                    static fn (): array => [...LineFixes::over($workings)->asInCatalogue($part), self::asOwn($part, $workings)],
                );
            }
        }

        return $findings;
    }

    private static function asOwn(PlannedPart $part, Workings $workings): Fix
    {
        return new Fix(new Phrase('line.fix.own-part'), LineDraft::of($workings->plan)->changed($part, ['stock' => null])->patch());
    }

    /** Whether the catalogue says something else of what the plan says; what nobody has said there may be. */
    private static function differ(PartFigures $stock, PartFigures $own): bool
    {
        $unsaid = array_keys(array_intersect_key(get_object_vars($own), ['takesDisinfectant' => 0, 'source' => 0, 'doubleWall' => 0]), null, true);

        return self::without($stock, [...self::SETTINGS, ...$unsaid]) !== self::without($own, [...self::SETTINGS, ...$unsaid]);
    }

    /**
     * @param list<string> $settings what is set in the rig and not made so
     *
     * @return array<array-key, mixed>
     */
    private static function without(PartFigures $figures, array $settings): array
    {
        return array_map(
            static fn (mixed $value): mixed => \is_array($value) ? Json::encode($value) : $value,
            array_diff_key(get_object_vars($figures), array_flip($settings)),
        );
    }
}
