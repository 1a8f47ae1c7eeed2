<?php

declare(strict_types=1);

// Times the assessment of the demonstration plan and of the largest one over HTTP against an empty route, for each stage that may be
// looked at, the proof of its fixes, which comes when the hand rests, and the core alone; weighs the scripts of the first page and of each part that is loaded when it is opened.

use YardCask\Core\Stage\Assessor;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;

$root = dirname(__DIR__, 2);
require $root.'/server/vendor/autoload.php';

const ROUNDS = 100;

/** @return float the median in milliseconds */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

$url = $argv[1];
$plan = (string) file_get_contents($root.'/catalogue/plans/fellside.json');
$largest = (string) file_get_contents($root.'/catalogue/plans/prompt-side.json');

$curl = curl_init();
$post = static function (string $path, string $plan) use ($curl, $url): float {
    curl_setopt_array($curl, [\CURLOPT_URL => $url.$path, \CURLOPT_POSTFIELDS => $plan, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:']]);
    $began = hrtime(true);
    curl_exec($curl);
    if (200 !== curl_getinfo($curl, \CURLINFO_RESPONSE_CODE)) {
        throw new RuntimeException($path.' answered '.curl_getinfo($curl, \CURLINFO_RESPONSE_CODE));
    }

    return (hrtime(true) - $began) / 1e6;
};
$sent = ['/api/nothing' => $plan];
foreach (['use', 'load', 'tanks', 'line'] as $stage) {
    $sent['/api/assess?stage='.$stage] = $plan;
    $sent['/api/assess?largest&stage='.$stage] = $largest;
    $sent['/api/fixes?largest&stage='.$stage] = $largest;
}
$http = [];
for ($round = 0; $round < 2 * ROUNDS; ++$round) {
    foreach ($sent as $path => $document) {
        $time = $post($path, $document);
        if ($round >= ROUNDS) {
            $http[$path][] = $time;
        }
    }
}
$core = [];
for ($round = 0; $round < 2 * ROUNDS; ++$round) {
    $began = hrtime(true);
    Json::encode(Assessor::assess(Plan::fromJson($plan), 'load'));
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
$all = array_sum(array_map($gzipped, glob($root.'/web/dist/assets/*.js') ?: []));

$nothing = median($http['/api/nothing']);
foreach ([['', 'Fellside', 3], ['largest&', 'the largest', 8]] as [$which, $name, $goal]) {
    foreach (['use', 'load', 'tanks', 'line'] as $stage) {
        $assess = median($http['/api/assess?'.$which.'stage='.$stage]);
        printf("assess %-11s, %-6s %6.2f ms   %.2f × an empty route (goal: at most %d)\n", $name, $stage, $assess, $assess / $nothing, $goal);
    }
}
foreach (['use', 'load', 'tanks', 'line'] as $stage) {
    printf("its fixes          , %-6s %6.2f ms   asked for by themselves, no typing waits for them\n", $stage, median($http['/api/fixes?largest&stage='.$stage]));
}
printf("an empty route            %6.2f ms\n", $nothing);
printf("assess in the core alone  %6.2f ms   read, assessed for Load and written\n", median($core));
printf("scripts of the first page %6.1f kB   compressed (goal: at most 180)\n", $first / 1000);
printf("all scripts together      %6.1f kB   compressed; each stage is loaded when it is opened\n", $all / 1000);
