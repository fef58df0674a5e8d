<?php

// PHP's own web server for bin/demo, bin/start and the tests: built files as they are, all else through the application.

$path = urldecode(parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH) ?: '/');
if ($path !== '/' && is_file(__DIR__.'/../public'.$path)) {
    return false;
}

require __DIR__.'/../public/index.php';
