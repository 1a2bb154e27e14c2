<?php

declare(strict_types=1);

// The one script that runs in the worker: it hands out an answer, waits for the next question, and goes on.

namespace Bouclier\Engine;

const FOLDERS = ['Bouclier\\Core\\' => 'core', 'Bouclier\\Sheets\\' => 'sheets', 'Bouclier\\Engine\\' => 'engine', 'Opis\\' => 'opis'];

spl_autoload_register(function (string $class): void {
    foreach (FOLDERS as $of => $in) {
        if (str_starts_with($class, $of)) {
            require __DIR__ . "/$in/" . strtr(substr($class, strlen($of)), '\\', '/') . '.php';

            return;
        }
    }
});
set_error_handler(function (int $severity, string $message, string $file, int $line): never {
    throw new \ErrorException($message, 0, $severity, $file, $line);
});

$desk = new Desk();
$said = ['ready' => true];
for (;;) {
    $answer = json_encode($said, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);
    $asked = json_decode(post_message_to_js((string) $answer));
    try {
        $said = $desk->answer($asked instanceof \stdClass ? $asked : new \stdClass());
    } catch (\Throwable $thrown) {
        // A fault of ours: said, so that the page can ask the server instead.
        $said = ['failed' => get_class($thrown) . ': ' . $thrown->getMessage() . ' at ' . $thrown->getFile() . ':' . $thrown->getLine()];
    }
}
