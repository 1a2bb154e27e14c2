<?php

declare(strict_types=1);

/**
 * php tests/Core/Answers/freeze.php: the answers as they are now, to be kept. Only after a change that is meant to change them, and each
 * difference looked at first:
 *   --to DIR     writes the answers as files into DIR instead, to be compared with those of another commit
 *   --houses     makes the houses anew before
 */

use Tests\Core\Answers\Corpus;
use Tests\Core\Answers\Making;

require __DIR__ . '/../../../vendor/autoload.php';

ini_set('memory_limit', '1G');
if (in_array('--houses', $argv, true)) {
    file_put_contents(
        Corpus::HOUSES,
        gzencode(json_encode(Making::houses(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), 9),
    );
}
$to = in_array('--to', $argv, true) ? $argv[array_search('--to', $argv, true) + 1] ?? null : null;
$digests = [];
foreach (Corpus::houses() as $name => $json) {
    if ($to === null) {
        $digests[$name] = Corpus::digests($json);
        continue;
    }
    foreach (Corpus::answers($json) as $asked => $answer) {
        file_put_contents("$to/$name, $asked", $answer);
    }
}
if ($to === null) {
    file_put_contents(Corpus::DIGESTS, json_encode($digests, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT) . "\n");
    echo count($digests), " houses\n";
}
