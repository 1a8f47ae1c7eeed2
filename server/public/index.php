<?php

declare(strict_types=1);

use Symfony\Component\HttpFoundation\Request;
use YardCask\Server\Kernel;

require dirname(__DIR__).'/vendor/autoload.php';

$kernel = Kernel::fromEnvironment();
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
