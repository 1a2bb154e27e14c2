<?php

declare(strict_types=1);

/*
 * Random houses with what this PHP answers to the four commands, one line of JSON each: random shapes, wirings with faults and scripts,
 * trees as far as they were traced, calls as far as they were tested.
 */

use Bouclier\Core\CommandLine\CommandLine;
use Tests\Core\Answers\Corpus;

require __DIR__ . '/../../../vendor/autoload.php';

const COMMANDS = [['assess'], ['trace'], ['simulate', '--seed', '7'], ['diagnose']];

ini_set('memory_limit', '1G');
foreach (Corpus::houses() as $name => $file) {
    $answers = [];
    foreach (COMMANDS as $words) {
        $arguments = [...$words, 'house.json'];
        $answers[] = ['arguments' => $arguments, 'printed' => get_object_vars((new CommandLine(fn(): string => $file))->run($arguments))];
    }
    echo json_encode(['name' => $name, 'file' => $file, 'answers' => $answers], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), "\n";
}
