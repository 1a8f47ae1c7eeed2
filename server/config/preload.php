<?php

declare(strict_types=1);

// An assessment needs nearly every class of the core: php-fpm has them from its start, and no request looks for them one by one.
foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core/src')), '/\.php$/') as $file) {
    opcache_compile_file((string) $file);
}

// … and what the framework says that every request needs.
$framework = ($_SERVER['YARDCASK_STATE'] ?? dirname(__DIR__, 2).'/var/server').'/cache/prod/YardCask_Server_KernelProdContainer.preload.php';
if (is_file($framework)) {
    require $framework;
}
