<?php

declare(strict_types=1);

// Times the solver of the line on a line of 21 and one of 45 nodes, afresh and from a neighbour's answer, against the same algorithm
// in C where a compiler is there.

use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Network\LineCalculator;
use YardCask\Core\Network\LineInput;
use YardCask\Core\Network\LineNetwork;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;

require dirname(__DIR__, 2).'/server/vendor/autoload.php';

const SOLVES = 400;
/** Of so many the quickest counts: what else the machine does is no part of it. */
const TRIES = 9;

/** A tank, a pump, a filter, a non-return valve and as many mixer taps on a cold and a hot pipe as the nodes allow; two are open. */
function bench_line(int $size): stdClass
{
    $nodes = ['tank' => 0.3];
    $links = $outlets = [];
    $node = static function (float $zM) use (&$nodes): string {
        $id = 'n'.count($nodes);
        $nodes[$id] = $zM;

        return $id;
    };
    $pipe = static function (string $from, string $to) use (&$links): void {
        $links[] = ['id' => 'l'.count($links), 'kind' => 'pipe', 'from' => $from, 'to' => $to, 'length_m' => 0.8, 'bore_mm' => 12, 'k_sum' => 2];
    };
    $pipe('tank', $in = $node(0.3));
    $links[] = ['id' => 'pump', 'kind' => 'pump', 'from' => $in, 'to' => $out = $node(0.3), 'curve' => [[0, 350], [4, 260], [8, 150], [11, 0]]];
    $links[] = ['id' => 'filter', 'kind' => 'loss', 'from' => $out, 'to' => $cold = $node(0.4), 'rated_lpm' => 8, 'rated_kpa' => 20];
    $links[] = ['id' => 'check', 'kind' => 'check', 'from' => $cold, 'to' => $heater = $node(0.4), 'rated_lpm' => 10, 'rated_kpa' => 6];
    $pipe($heater, $hot = $node(0.4));
    while (count($nodes) < $size) {
        [$coldNext, $hotNext, $mixer] = [$node(0.6), $node(0.6), $node(1.1)];
        foreach ([[$cold, $coldNext], [$hot, $hotNext], [$coldNext, $mixer], [$hotNext, $mixer]] as [$from, $to]) {
            $pipe($from, $to);
        }
        $outlets[] = ['id' => 'o'.count($outlets), 'node' => $mixer, 'lpm_at_100kpa' => 6, 'open' => count($outlets) < 2 ? 1 : 0];
        [$cold, $hot] = [$coldNext, $hotNext];
    }

    return json_decode(json_encode(['nodes' => array_map(static fn (string $id, float $zM): array => ['id' => $id, 'z_m' => $zM], array_keys($nodes), $nodes), 'sources' => [['node' => 'tank', 'level_m' => 0.5]], 'links' => $links, 'outlets' => $outlets], JSON_THROW_ON_ERROR), false, 16, JSON_THROW_ON_ERROR);
}

/** The line as line.c reads it. */
function bench_text(stdClass $line, LineNetwork $network): string
{
    $numbers = array_flip($network->ids);
    $open = array_values(array_filter($line->outlets, static fn (stdClass $one): bool => $one->open > 0));
    $text = sprintf("%d %d %d\n", count($network->ids), count($line->links), count($open));
    foreach ($network->ground as $node => $kpa) {
        $text .= sprintf("%.15g %d %.15g\n", $kpa, isset($network->fixed[$node]), $network->fixed[$node] ?? 0.0);
    }
    $density = Water::density(PipeInput::COLD_C);
    foreach ($line->links as $link) {
        $text .= sprintf('%d %d %d %d', ['pipe' => 0, 'loss' => 1, 'check' => 1, 'pump' => 2][$link->kind], $numbers[$link->from], $numbers[$link->to], in_array($link->kind, ['check', 'pump'], true));
        if ('pipe' === $link->kind) {
            $boreM = $link->bore_mm / 1000;
            $perVelocity = 1 / 60000 / (M_PI / 4 * $boreM ** 2);
            $text .= sprintf(' %.15g %.15g %.15g %.15g %.15g %.15g', $perVelocity, $density * $perVelocity * $boreM / Water::viscosity(PipeInput::COLD_C), $link->length_m / $boreM, $density / 2000, PipeInput::DRAWN_TUBE_MM / $link->bore_mm, $link->k_sum);
        } elseif ('pump' === $link->kind) {
            $text .= ' '.count($link->curve).' '.implode(' ', array_merge(...$link->curve));
        } else {
            $text .= sprintf(' %.15g %.15g 2', $link->rated_lpm, $link->rated_kpa);
        }
        $text .= "\n";
    }
    foreach ($open as $outlet) {
        $text .= sprintf("%d %.15g\n", $numbers[$outlet->node], $outlet->open * $outlet->lpm_at_100kpa);
    }

    return $text;
}

/** @return float microseconds of one call */
function bench_time(Closure $solve): float
{
    $best = \INF;
    for ($try = 0; $try < TRIES; ++$try) {
        $began = hrtime(true);
        for ($round = 0; $round < SOLVES; ++$round) {
            $solve();
        }
        $best = min($best, (hrtime(true) - $began) / 1e3 / SOLVES);
    }

    return $best;
}

$program = tempnam(sys_get_temp_dir(), 'line');
exec('command -v cc >/dev/null && cc -O2 -o '.escapeshellarg($program).' '.escapeshellarg(__DIR__.'/line.c').' -lm 2>&1', $said, $failed);
foreach ([21, 45] as $size) {
    $line = bench_line($size);
    $network = new LineNetwork(LineInput::read(InputReader::of($line)));
    [, $solution] = LineCalculator::solve($network, null);
    $fresh = bench_time(static fn () => LineCalculator::solve($network, null));
    $near = bench_time(static fn () => LineCalculator::solve($network, $solution, true));
    $ratio = 'no C compiler here';
    if (0 === $failed) {
        file_put_contents($program.'.txt', bench_text($line, $network));
        $answers = array_map(static fn (): array => explode(' ', trim((string) shell_exec(escapeshellarg($program).' '.SOLVES.' < '.escapeshellarg($program.'.txt')))), range(1, TRIES));
        $answer = $answers[0];
        $c = min(array_map(floatval(...), array_column($answers, 0)));
        $found = CalculatorName::Line->calculate($line)->jsonSerialize()['outlets'];
        foreach (['o0', 'o1'] as $index => $id) {
            if (abs((float) $answer[$index + 1] - $found->{$id}['flow_lpm']) > 1e-5) {
                throw new RuntimeException('The two solvers do not agree: '.$answer[$index + 1].' and '.$found->{$id}['flow_lpm'].' L/min.');
            }
        }
        $ratio = sprintf('%.1f × the same in C (goal: within 10)', $fresh / $c);
    }
    printf("a line of %d nodes        %6.3f ms   %.3f ms from its neighbour’s answer; %s\n", $size, $fresh / 1000, $near / 1000, $ratio);
}
foreach ([$program, $program.'.txt'] as $file) {
    is_file($file) && unlink($file);
}
