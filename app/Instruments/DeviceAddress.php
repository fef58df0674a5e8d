<?php

declare(strict_types=1);

namespace App\Instruments;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Settings\HostAddress;

/** How an instrument is reached: a scale by host and port, the others by an address of the web. */
final readonly class DeviceAddress
{
    /**
     * @param  string  $url  as it was set; empty of a scale
     */
    private function __construct(public string $host, public int $port, public string $url) {}

    /** @throws Refused */
    public static function of(string $typed, InstrumentKind $kind): self
    {
        $typed = trim($typed);
        if ($kind === InstrumentKind::Scale) {
            [$host, $port] = HostAddress::of($typed, 'address', 'scale');

            return new self($host, $port, '');
        }
        $parts = parse_url($typed);
        $scheme = is_array($parts) ? strtolower($parts['scheme'] ?? '') : '';
        if (! is_array($parts) || ! in_array($scheme, ['http', 'https'], true) || ! isset($parts['host']) || isset($parts['user'])) {
            throw Refused::at('address', 'That is no address of the web. It looks like http://192.168.1.41/readings.');
        }
        $port = $parts['port'] ?? ($scheme === 'https' ? 443 : 80);
        HostAddress::of($parts['host'].':'.$port, 'address', $kind->value);

        return new self($parts['host'], $port, $typed);
    }
}
