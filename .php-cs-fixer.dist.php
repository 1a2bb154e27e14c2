<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setRules([
        '@PER-CS2.0' => true,
        'declare_strict_types' => true,
        'concat_space' => ['spacing' => 'one'],
        'not_operator_with_successor_space' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'phpdoc_trim' => true,
        'single_quote' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'single_line_empty_body' => false,
        'trailing_comma_in_multiline' => true,
        'yoda_style' => ['equal' => false, 'identical' => false],
    ])
    ->setFinder((new PhpCsFixer\Finder())->in([__DIR__ . '/app', __DIR__ . '/core', __DIR__ . '/sheets', __DIR__ . '/engine', __DIR__ . '/database', __DIR__ . '/routes', __DIR__ . '/tests', __DIR__ . '/config', __DIR__ . '/bootstrap', __DIR__ . '/public'])->notPath(['cache', 'build'])->append([__FILE__, __DIR__ . '/bin/bouclier', __DIR__ . '/artisan']));
