<?php

declare(strict_types=1);

// Times the assessment of the demonstration plan over HTTP against an empty route, and of the core alone; weighs the scripts.

use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;

$root = dirname(__DIR__);
require $root.'/server/vendor/autoload.php';

const ROUNDS = 300;

/** @return float the median in milliseconds */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

$url = $argv[1];
$plan = (string) file_get_contents($root.'/catalogue/plans/fellside.json');

$curl = curl_init();
$post = static function (string $path) use ($curl, $url, $plan): float {
    curl_setopt_array($curl, [\CURLOPT_URL => $url.$path, \CURLOPT_POSTFIELDS => $plan, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:']]);
    $began = hrtime(true);
    curl_exec($curl);
    if (200 !== curl_getinfo($curl, \CURLINFO_RESPONSE_CODE)) {
        throw new RuntimeException($path.' answered '.curl_getinfo($curl, \CURLINFO_RESPONSE_CODE));
    }

    return (hrtime(true) - $began) / 1e6;
};
$http = ['/api/assess' => [], '/api/nothing' => []];
for ($round = 0; $round < 2 * ROUNDS; ++$round) {
    foreach (array_keys($http) as $path) {
        $time = $post($path);
        if ($round >= ROUNDS) {
            $http[$path][] = $time;
        }
    }
}
$core = [];
for ($round = 0; $round < 2 * ROUNDS; ++$round) {
    $began = hrtime(true);
    Json::encode(Assessor::assess(Plan::fromJson($plan)));
    if ($round >= ROUNDS) {
        $core[] = (hrtime(true) - $began) / 1e6;
    }
}
$script = 0;
foreach (glob($root.'/web/dist/assets/*.js') as $file) {
    $script += strlen((string) gzencode((string) file_get_contents($file), 6));
}

$assess = median($http['/api/assess']);
$nothing = median($http['/api/nothing']);
printf("assess over HTTP          %6.2f ms   %.2f × an empty route (goal: at most 3)\n", $assess, $assess / $nothing);
printf("an empty route            %6.2f ms\n", $nothing);
printf("assess in the core alone  %6.2f ms   read, assessed and written\n", median($core));
printf("scripts of the first page %6.1f kB   compressed (goal: at most 180)\n", $script / 1000);
