<?php

declare(strict_types=1);

// Times the assessment of a plan of the first three stages (the demonstration plan without its line) and of the largest plan with its whole
// line over HTTP against an empty route, for each stage that may be looked at: the verdict, and until verdict and drawing are both there, as
// a key waits for them, each time after an edit: of a weight, and of the largest plan also of a pipe, with which its line is solved anew; the proof of its fixes, which comes when the hand rests; the core alone. Weighs the scripts of the first page and of each part that is loaded when it is opened.

use YardCask\Core\Stage\Assessor;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;

$root = dirname(__DIR__, 2);
require $root.'/server/vendor/autoload.php';
require __DIR__.'/crowded.php';

const ROUNDS = 100;

/** @return float the median in milliseconds */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

$url = $argv[1];
$plan = (string) file_get_contents($root.'/catalogue/plans/fellside.json');
$stages = json_decode($plan, flags: \JSON_THROW_ON_ERROR);
$stages->line = ['parts' => [], 'pipes' => []];
foreach ($stages->use->uses as $use) {
    unset($use->outlet, $use->own_flow);
}
$stages = json_encode($stages, \JSON_THROW_ON_ERROR);
$largest = (string) file_get_contents($root.'/catalogue/plans/prompt-side.json');

$request = static function (string $path, string $plan) use ($url): CurlHandle {
    $curl = curl_init();
    curl_setopt_array($curl, [\CURLOPT_URL => $url.$path, \CURLOPT_POSTFIELDS => $plan, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:']]);

    return $curl;
};
$all = curl_multi_init();
/** Asks for all at once, and waits for the last. */
$time = static function (string $plan, string ...$paths) use ($all, $request): float {
    $asked = array_map(static fn (string $path): CurlHandle => $request($path, $plan), $paths);
    $began = hrtime(true);
    foreach ($asked as $one) {
        curl_multi_add_handle($all, $one);
    }
    do {
        curl_multi_exec($all, $running);
        curl_multi_select($all, 0.02);
    } while ($running > 0);
    $took = (hrtime(true) - $began) / 1e6;
    foreach ($asked as $one) {
        if (200 !== curl_getinfo($one, \CURLINFO_RESPONSE_CODE)) {
            throw new RuntimeException(curl_getinfo($one, \CURLINFO_EFFECTIVE_URL).' answered '.curl_getinfo($one, \CURLINFO_RESPONSE_CODE));
        }
        curl_multi_remove_handle($all, $one);
    }

    return $took;
};
/** As somebody types: each time one number in the document is new, so that its assessment cannot be remembered. */
$typing = static function (string $document, Closure $set): Closure {
    static $typed = 0;
    $plan = json_decode($document, flags: \JSON_THROW_ON_ERROR);

    return static function () use ($plan, $set, &$typed): string {
        $set($plan, ++$typed);

        return json_encode($plan, \JSON_THROW_ON_ERROR);
    };
};
$weight = static function (stdClass $plan, int $typed): void {
    $plan->load->loads[0]->kg = 20 + $typed / 1000;
};
$pipe = static function (stdClass $plan, int $typed): void {
    $plan->line->pipes[0]->length_m = 1 + $typed / 100000;
};
$sent = ['nothing' => [$typing($plan, $weight), '/api/nothing']];
foreach (['use', 'load', 'tanks', 'line', 'parts'] as $stage) {
    foreach (['three stages' => $typing($stages, $weight), 'the largest' => $typing($largest, $weight), 'its line' => $typing($largest, $pipe)] as $name => $document) {
        $sent[$name.$stage] = [$document, '/api/assess?stage='.$stage];
        $sent[$name.$stage.' drawn'] = [$document, '/api/assess?stage='.$stage, '/api/drawing?stage='.$stage];
    }
    $sent['fixes'.$stage] = [$typing($largest, $weight), '/api/fixes?stage='.$stage];
}
$http = [];
for ($round = 0; $round < 2 * ROUNDS; ++$round) {
    foreach ($sent as $name => $arguments) {
        [$document, $paths] = [$arguments[0], array_slice($arguments, 1)];
        $took = $time($document(), ...$paths);
        if ($round >= ROUNDS) {
            $http[$name][] = $took;
        }
    }
}
// Once each: these take long.
$crowded = crowded($largest);
$long = array_map(static fn (string $path): float => $time($crowded, $path), ['assess' => '/api/assess?stage=tanks', 'drawing' => '/api/drawing?stage=tanks', 'catalogue' => '/api/stock', 'pairs' => '/api/stock?pairs=true', 'fixes' => '/api/fixes?stage=tanks']);
$core = [];
for ($round = 0; $round < 2 * ROUNDS; ++$round) {
    $began = hrtime(true);
    Json::encode(Assessor::assess(Plan::fromJson($plan), 'load'), digits: Json::WORKED_OUT);
    if ($round >= ROUNDS) {
        $core[] = (hrtime(true) - $began) / 1e6;
    }
}
// The first page's scripts are those that the page names, and what they load before they run.
$gzipped = static fn (string $file): int => strlen((string) gzencode((string) file_get_contents($file), 6));
$html = (string) file_get_contents($root.'/web/dist/index.html');
preg_match_all('#/assets/[\w.-]+\.js#', $html, $named);
$first = array_unique($named[0]);
$first = array_sum(array_map(static fn (string $path): int => $gzipped($root.'/web/dist'.$path), $first));
$whole = array_sum(array_map($gzipped, glob($root.'/web/dist/assets/*.js') ?: []));

$nothing = median($http['nothing']);
foreach (['three stages' => 3, 'the largest' => 8, 'its line' => 8] as $name => $goal) {
    foreach (['use', 'load', 'tanks', 'line', 'parts'] as $stage) {
        [$assess, $drawn] = [median($http[$name.$stage]), median($http[$name.$stage.' drawn'])];
        printf("assess %-12s, %-6s %6.2f ms   %.2f × an empty route (goal: at most %d); with its drawing %.2f ms, %.2f ×\n", $name, $stage, $assess, $assess / $nothing, $goal, $drawn, $drawn / $nothing);
    }
}
foreach (['use', 'load', 'tanks', 'line', 'parts'] as $stage) {
    printf("its fixes           , %-6s %6.2f ms   asked for by themselves, no typing waits for them\n", $stage, median($http['fixes'.$stage]));
}
foreach ($long as $what => $ms) {
    printf("the fullest plan    , %-9s %5.2f s   (goal: at most 6)\n", $what, $ms / 1000);
}
printf("an empty route            %6.2f ms\n", $nothing);
printf("assess in the core alone  %6.2f ms   read, assessed for Load and written\n", median($core));
printf("scripts of the first page %6.1f kB   compressed (goal: at most 180)\n", $first / 1000);
printf("all scripts together      %6.1f kB   compressed; each stage is loaded when it is opened\n", $whole / 1000);
