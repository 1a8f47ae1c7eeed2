<?php

declare(strict_types=1);

$rooms = array_filter(['core/src', 'core/tests', 'server/src', 'server/tests', 'server/bin', 'server/public', 'server/config', 'server/migrations'], static fn (string $room): bool => is_dir(dirname(__DIR__).'/'.$room));

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'phpdoc_align' => ['align' => 'left'],
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
    ])
    ->setFinder(PhpCsFixer\Finder::create()->in(array_map(static fn (string $room): string => dirname(__DIR__).'/'.$room, $rooms)));
