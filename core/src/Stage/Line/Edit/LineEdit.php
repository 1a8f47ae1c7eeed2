<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Words\Phrasebook;

/** What somebody does to the line, read from what the screen sends: it gives a patch. */
final class LineEdit
{
    /**
     * @param mixed $edit decoded JSON, objects as stdClass: {"do": "into", "pipe": "pipe-3", "part": "filter-carbon-5"}
     *
     * @throws InvalidInput with what is wrong with it
     */
    public static function patch(mixed $edit, Plan $plan, PartStock $stock): PlanPatch
    {
        $in = InputReader::of($edit);
        $do = $in->choice('do', LineEditKind::cases());
        $in->throwIfInvalid();
        $draft = LineDraft::of($plan);
        $done = match ($do) {
            LineEditKind::Into => $draft->into(self::pipe('pipe', $in, $plan), self::inPath('part', $in, $stock)),
            LineEditKind::Branch => self::branch($draft, $in, $plan, $stock),
            LineEditKind::After => self::after($draft, $in, $plan, $stock),
            LineEditKind::TakeOut => $draft->without(self::part('part', $in, $plan)),
            LineEditKind::Turn => $draft->turned(self::part('part', $in, $plan)),
            LineEditKind::Swap => self::swap($draft, $in, $plan, $stock),
            LineEditKind::Move => self::move($draft, $in, $plan),
            LineEditKind::Join => $draft->joined(self::port('from', $in, $plan), self::port('to', $in, $plan), self::usualHose($in, $stock)),
            LineEditKind::Hose => $draft->withBore(self::pipe('pipe', $in, $plan), self::hose('hose', $in, $stock)),
            LineEditKind::TakePipe => $draft->withoutPipes([self::pipe('pipe', $in, $plan)]),
        };
        $in->finish();
        $in->throwIfInvalid();
        if (\count($done->line->parts) > LinePlan::MOST_PARTS || \count($done->line->pipes) > LinePlan::MOST_PIPES) {
            throw self::refused('/part', 'line.input.too-many', ['parts' => (string) LinePlan::MOST_PARTS, 'pipes' => (string) LinePlan::MOST_PIPES]);
        }

        return $done->patch()->withTests($plan);
    }

    /** What is joined behind a port, with the hose that is usual there, or another. */
    private static function after(LineDraft $draft, InputReader $in, Plan $plan, PartStock $stock): LineDraft
    {
        [$port, $draft] = self::portOrOutlet('port', $in, $draft, $plan);

        return $draft->after($port, self::stock('part', $in, $stock), self::usualHose($in, $stock));
    }

    private static function branch(LineDraft $draft, InputReader $in, Plan $plan, PartStock $stock): LineDraft
    {
        $pipe = self::pipe('pipe', $in, $plan);
        $tee = $stock->usual(UsualFor::Tee, $pipe->tube) ?? throw self::refused('/pipe', 'line.input.no-tee');

        return $draft->branched($pipe, $tee, self::stock('part', $in, $stock));
    }

    private static function swap(LineDraft $draft, InputReader $in, Plan $plan, PartStock $stock): LineDraft
    {
        $part = self::part('part', $in, $plan);
        $other = self::stock('stock', $in, $stock);
        if ($other->kind->family() !== $part->kind->family() || $other->kind->ports() !== $part->kind->ports()) {
            throw self::refused('/stock', 'line.input.other-kind', ['stock' => $other->name, 'part' => $part->spoken(), 'kind' => $other->kind->word()]);
        }

        return $draft->swapped($part, $other);
    }

    private static function move(LineDraft $draft, InputReader $in, Plan $plan): LineDraft
    {
        $part = self::part('part', $in, $plan);
        $pipe = self::pipe('pipe', $in, $plan);
        if (!$part->kind->isInPath()) {
            throw self::refused('/part', 'line.input.at-an-end', ['part' => $part->spoken()]);
        }
        // Beside itself it stands already.
        $touches = str_starts_with($pipe->from, $part->id.'.') || str_starts_with($pipe->to, $part->id.'.');

        return $touches ? $draft : $draft->moved($part, $pipe);
    }

    private static function pipe(string $key, InputReader $in, Plan $plan): PlannedPipe
    {
        $id = $in->text($key, Id::MAX_LENGTH);
        foreach ($plan->line->pipes as $pipe) {
            if ($pipe->id === $id) {
                return $pipe;
            }
        }
        throw self::refused('/'.$key, 'line.input.no-pipe', ['id' => $id]);
    }

    private static function part(string $key, InputReader $in, Plan $plan): PlannedPart
    {
        $id = $in->text($key, Id::MAX_LENGTH);

        return $plan->line->part($id) ?? throw self::refused('/'.$key, 'line.input.no-part', ['id' => $id]);
    }

    /** @return array{string, LineDraft} a port that is there; of “tank-1.outlet” the tank’s first outlet, or a new one */
    private static function portOrOutlet(string $key, InputReader $in, LineDraft $draft, Plan $plan): array
    {
        $name = $in->text($key, PlannedPipe::LONGEST_PORT);
        foreach ($plan->tanks as $tank) {
            if ($name === $tank->id.'.'.PortRole::Outlet->value && null === LineEnd::named($name, $plan)) {
                return $draft->outletOf($tank) ?? throw self::refused('/'.$key, 'line.input.no-outlet', ['tank' => $tank->name]);
            }
        }

        return [self::port($key, $in, $plan), $draft];
    }

    private static function port(string $key, InputReader $in, Plan $plan): string
    {
        $name = $in->text($key, PlannedPipe::LONGEST_PORT);
        if (null === LineEnd::named($name, $plan)) {
            throw self::refused('/'.$key, 'line.input.no-port', ['id' => $name]);
        }

        return $name;
    }

    private static function stock(string $key, InputReader $in, PartStock $stock): StockPart
    {
        $id = $in->text($key, Id::MAX_LENGTH);

        return $stock->part($id) ?? throw self::refused('/'.$key, 'line.input.no-stock', ['id' => $id]);
    }

    private static function inPath(string $key, InputReader $in, PartStock $stock): StockPart
    {
        $part = self::stock($key, $in, $stock);
        if (!$part->kind->isInPath() && PartKind::Tee !== $part->kind) {
            throw self::refused('/'.$key, 'line.input.no-way', ['part' => $part->name]);
        }

        return $part;
    }

    /** The one that is asked for, or else the usual one. */
    private static function usualHose(InputReader $in, PartStock $stock): StockPipe
    {
        return $in->has('hose') ? self::hose('hose', $in, $stock) : $stock->usualPipe(UsualFor::Hose) ?? throw self::refused('/hose', 'line.input.no-hose');
    }

    private static function hose(string $key, InputReader $in, PartStock $stock): StockPipe
    {
        $id = $in->text($key, Id::MAX_LENGTH);

        return $stock->pipe($id) ?? throw self::refused('/'.$key, 'line.input.no-stock-pipe', ['id' => $id]);
    }

    /** @param array<string, string> $with */
    private static function refused(string $pointer, string $key, array $with = []): InvalidInput
    {
        return InvalidInput::at($pointer, Phrasebook::english()->fill($key, $with));
    }
}
