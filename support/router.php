<?php

// PHP's own web server for bin/demo, bin/start and the tests: built files as they are, all else through the application.

use App\Http\Guards;

const TYPES = [
    'js' => 'text/javascript', 'css' => 'text/css', 'json' => 'application/json', 'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2', 'woff' => 'font/woff', 'png' => 'image/png', 'txt' => 'text/plain', 'webmanifest' => 'application/manifest+json',
];

/** What is looked at is packed, as nginx does it: over a garden's wireless network that is a fifth of the bytes. */
function packed(string $body): string
{
    $isJson = preg_grep('~^content-type: application/json~i', headers_list()) !== [];
    if (! $isJson || strlen($body) < 1_000 || headers_sent() || preg_match('/\bgzip\b/', $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '') !== 1) {
        return $body;
    }
    header('Content-Encoding: gzip');
    header('Vary: Accept-Encoding', false);
    header_remove('Content-Length');

    return (string) gzencode($body, 5);
}

(static function (): void {
    $built = realpath(__DIR__.'/../public/build');
    $path = parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
    $asked = is_string($path) && str_starts_with($path, '/build/') ? rawurldecode($path) : null;
    if ($asked === null || str_contains($asked, "\0")) {
        if ($_SERVER['REQUEST_METHOD'] === 'GET') {
            ob_start(packed(...));
        }
        require __DIR__.'/../public/index.php';

        return;
    }
    require_once __DIR__.'/../app/Http/Guards.php';
    header_remove('X-Powered-By');
    foreach (Guards::HEADERS as $name => $value) {
        header("$name: $value");
    }
    // Where it really lies: nothing above the folder of built files is given out, or even told of.
    $file = realpath(__DIR__.'/../public'.$asked);
    $type = $file === false ? null : TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
    if ($built === false || $file === false || $type === null || ! str_starts_with($file, $built.DIRECTORY_SEPARATOR) || ! is_file($file)) {
        http_response_code(404);
        header('Content-Type: text/plain; charset=utf-8');
        echo 'There is no such file.';

        return;
    }
    header("Content-Type: $type");
    // The build has packed what is worth it: over a garden's wireless network that is a third of the bytes.
    header('Vary: Accept-Encoding');
    if (is_file("$file.gz") && preg_match('/\bgzip\b/', $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '') === 1) {
        header('Content-Encoding: gzip');
        $file .= '.gz';
    }
    header('Content-Length: '.filesize($file));
    // The names of what lies in assets carry the hash of what they hold.
    header('Cache-Control: '.(str_starts_with($asked, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }
})();
