<?php

declare(strict_types=1);

use Symfony\Component\HttpFoundation\Request;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Server\Kernel;
use YardCask\Server\Storage\FieldsWarmer;

require dirname(__DIR__).'/vendor/autoload.php';

$kernel = Kernel::fromEnvironment();
$fields = FieldsWarmer::file($kernel->getCacheDir());
if (is_file($fields)) {
    PartFields::takeFrom($fields);
}
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
