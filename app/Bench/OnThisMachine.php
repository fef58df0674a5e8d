<?php

declare(strict_types=1);

namespace App\Bench;

/** What is tried or measured is on this machine, and nobody else's. */
final class OnThisMachine
{
    /** @return ?string the address without a slash behind it; null of one elsewhere, or of none */
    public static function address(mixed $given): ?string
    {
        $url = is_string($given) ? rtrim($given, '/') : '';

        return in_array(parse_url($url, PHP_URL_HOST), ['127.0.0.1', 'localhost'], true) ? $url : null;
    }
}
