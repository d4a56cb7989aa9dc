<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;
use PhpCsFixer\Runner\Parallel\ParallelConfigFactory;

return (new Config())
    ->setParallelConfig(ParallelConfigFactory::detect())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'global_namespace_import' => ['import_classes' => false],
        'concat_space' => ['spacing' => 'none'],
        'not_operator_with_successor_space' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'phpdoc_align' => true,
        'phpdoc_order' => true,
        'phpdoc_trim' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'array_destructuring', 'arrays', 'match', 'parameters']],
        'final_class' => true,
        'blank_line_before_statement' => ['statements' => ['return', 'continue']],
    ])
    ->setFinder(
        Finder::create()
            ->in(array_filter([__DIR__.'/app', __DIR__.'/core', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/scale', __DIR__.'/tests', __DIR__.'/config', __DIR__.'/bootstrap'], is_dir(...)))
            ->exclude(['vendor', 'cache', 'node_modules'])
            ->append([__DIR__.'/core/bin/grade', __DIR__.'/core/bin/compute', __DIR__.'/core/bin/formats']),
    );
