<?php

declare(strict_types=1);

/**
 * A stand-in for an S3-like store, for `php -S ADDRESS tests/store-stand-in.php`: puts, gets, lists and deletes files below the folder
 * STORE_FOLDER. Who asks is not looked at.
 */
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = getenv('STORE_FOLDER') . $path;
$answer = function (string $what, string $content): void {
    header('Content-Type: application/xml');
    echo "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<$what>$content</$what>";
};
match (true) {
    $_SERVER['REQUEST_METHOD'] === 'PUT' => (function () use ($file): void {
        @mkdir(dirname($file), 0o700, true);
        file_put_contents($file, file_get_contents('php://input'));
        header('ETag: "' . md5_file($file) . '"');
    })(),
    isset($_GET['prefix']) => (function () use ($file, $answer): void {
        $prefix = (string) ($_GET['prefix'] ?? '');
        $below = is_dir("$file/$prefix") ? array_diff(scandir("$file/$prefix"), ['.', '..']) : [];
        $answer('ListBucketResult', '<IsTruncated>false</IsTruncated>' . implode('', array_map(
            fn(string $name): string => "<Contents><Key>$prefix$name</Key><Size>" . filesize("$file/$prefix$name") . '</Size>'
                . '<LastModified>2026-01-01T00:00:00.000Z</LastModified></Contents>',
            $below,
        )));
    })(),
    isset($_GET['delete']) => (function () use ($file, $answer): void {
        foreach (simplexml_load_string((string) file_get_contents('php://input'))->Object as $object) {
            @unlink("$file/{$object->Key}");
        }
        $answer('DeleteResult', '');
    })(),
    $_SERVER['REQUEST_METHOD'] === 'DELETE' => (function () use ($file): void {
        @unlink($file);
        http_response_code(204);
    })(),
    is_file($file) => (function () use ($file): void {
        header('Content-Length: ' . filesize($file));
        header('Last-Modified: Thu, 01 Jan 2026 00:00:00 GMT');
        header('Content-Type: image/jpeg');
        if ($_SERVER['REQUEST_METHOD'] === 'GET') {
            readfile($file);
        }
    })(),
    default => http_response_code(404),
};
