<?php

declare(strict_types=1);

// What php-fpm has from its start, so that no request looks for it: what the framework says that every request needs …
$framework = ($_SERVER['YARDCASK_STATE'] ?? dirname(__DIR__, 2).'/var/server').'/cache/prod/YardCask_Server_KernelProdContainer.preload.php';
if (is_file($framework)) {
    require $framework;
}
// … and nearly every class of the core, which an assessment needs, and of the server.
$known = array_flip(array_map(realpath(...), get_included_files()));
foreach (['/core/src', '/server/src'] as $folder) {
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).$folder)), '/\.php$/') as $file) {
        if (!isset($known[realpath((string) $file)])) {
            opcache_compile_file((string) $file);
        }
    }
}
