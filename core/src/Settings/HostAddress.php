<?php

declare(strict_types=1);

namespace Marrow\Core\Settings;

use Marrow\Core\Fields\Refused;

/** The address of a device in the keeper's own network: a host and a port. */
final class HostAddress
{
    /**
     * @return array{string, int} host and port
     *
     * @throws Refused where it is none, or leads to nobody, to everybody, or to services of the machine's own network card
     */
    public static function of(string $typed, string $key, string $device): array
    {
        if (preg_match('/^([A-Za-z0-9.-]{1,253}|\[[0-9a-fA-F:]{2,39}\]):(\d{1,5})$/', trim($typed), $found) !== 1 || (int) $found[2] < 1 || (int) $found[2] > 65535) {
            throw Refused::at($key, sprintf('The %s is given as its address and its port: 192.168.1.40:9100.', $device));
        }
        if (! self::mayBeDevice(trim($found[1], '[]'))) {
            throw Refused::at($key, sprintf('That is no address of a %s in your own network. It looks like 192.168.1.40:9100, or has its name.', $device));
        }

        return [$found[1], (int) $found[2]];
    }

    /** A name, or an address written in full. */
    private static function mayBeDevice(string $host): bool
    {
        if (filter_var($host, FILTER_VALIDATE_IP) !== false) {
            $bytes = (string) inet_pton($host);

            return match (strlen($bytes)) {
                4 => ! in_array(ord($bytes[0]), [0, 255], true) && ord($bytes[0]) < 224 && ! str_starts_with($bytes, "\xA9\xFE"),
                default => $bytes !== str_repeat("\0", 16) && ord($bytes[0]) !== 0xFF && ! (ord($bytes[0]) === 0xFE && (ord($bytes[1]) & 0xC0) === 0x80),
            };
        }

        // Figures and dots alone are an address written otherwise, such as 2130706433 or 0x7f.1.
        return preg_match('/^(0x[0-9a-f]*|[0-9]+)(\.(0x[0-9a-f]*|[0-9]+))*\.?$/i', $host) !== 1 && preg_match('/^[A-Za-z0-9]([A-Za-z0-9-]*[A-Za-z0-9])?(\.[A-Za-z0-9]([A-Za-z0-9-]*[A-Za-z0-9])?)*$/', $host) === 1;
    }
}
