<?php

declare(strict_types=1);

// The one script that runs in the worker: it hands out an answer, waits for the next question, and goes on.

namespace Bouclier\Engine;

const FOLDERS = ['Bouclier\\Core\\' => 'core', 'Bouclier\\Sheets\\' => 'sheets', 'Bouclier\\Engine\\' => 'engine', 'Opis\\' => 'opis'];

/** What was told waits no longer than this for what gives way. */
const LOOKS_EVERY_NS = 8_000_000;

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

// Asked in the middle of something long: the worker looks whether something was told meanwhile.
$looked = hrtime(true);
$desk = new Desk(function () use (&$looked): void {
    if (hrtime(true) - $looked < LOOKS_EVERY_NS) {
        return;
    }
    if (post_message_to_js('') !== '') {
        throw new GaveWay();
    }
    $looked = hrtime(true);
});
$said = ['ready' => true];
for (;;) {
    $answer = json_encode($said, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);
    $asked = json_decode(post_message_to_js((string) $answer));
    // Somebody waits for what comes of a tap: the houses before it are swept away with what is asked after it.
    if ($asked instanceof \stdClass && ($asked->do ?? null) === 'tell') {
        gc_disable();
    } else {
        gc_enable();
    }
    try {
        $said = $desk->answer($asked instanceof \stdClass ? $asked : new \stdClass());
    } catch (\Throwable $thrown) {
        // A fault of ours: said, so that the page can ask the server instead.
        $said = ['failed' => get_class($thrown) . ': ' . $thrown->getMessage() . ' at ' . $thrown->getFile() . ':' . $thrown->getLine()];
    }
}
