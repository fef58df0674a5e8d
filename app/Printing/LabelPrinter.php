<?php

declare(strict_types=1);

namespace App\Printing;

use Marrow\Core\Fields\Refused;

/** A printer that listens on the network and prints what is sent to it. */
final class LabelPrinter
{
    /** s; a printer that is there answers at once. */
    private const PATIENCE = 2.0;

    /** s for all of it; a printer that takes its time must not hold up whoever asked. */
    private const DEADLINE = 8.0;

    /**
     * @return array{string, int} host and port
     *
     * @throws Refused
     */
    public static function address(string $typed): array
    {
        if (preg_match('/^([A-Za-z0-9.-]{1,253}|\[[0-9a-fA-F:]{2,39}\]):(\d{1,5})$/', trim($typed), $found) !== 1 || (int) $found[2] < 1 || (int) $found[2] > 65535) {
            throw Refused::at('label_printer', 'The label printer is given as its address and its port: 192.168.1.40:9100.');
        }

        if (! self::mayBePrinter(trim($found[1], '[]'))) {
            throw Refused::at('label_printer', 'That is no address of a printer in your own network. It looks like 192.168.1.40:9100, or has the printer\'s name.');
        }

        return [$found[1], (int) $found[2]];
    }

    /** A name, or an address written in full; none that leads to nobody, to everybody, or to services of the machine's own network card. */
    private static function mayBePrinter(string $host): bool
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

    /** @throws PrinterSilent|Refused */
    public function send(string $address, string $script): void
    {
        [$host, $port] = self::address($address);
        $until = microtime(true) + self::DEADLINE;
        $printer = @stream_socket_client("tcp://$host:$port", $code, $trouble, self::PATIENCE);
        if ($printer === false) {
            throw new PrinterSilent("The printer at $host:$port does not answer.");
        }
        stream_set_blocking($printer, false);
        for ($sent = 0; $sent < strlen($script); $sent += $written) {
            $read = $except = null;
            $write = [$printer];
            $ready = @stream_select($read, $write, $except, (int) self::PATIENCE);
            $written = $ready === 1 ? @fwrite($printer, substr($script, $sent, 65_536)) : 0;
            if ($written === false || $written === 0 || microtime(true) > $until) {
                fclose($printer);

                throw new PrinterSilent("The printer at $host:$port stopped taking what was sent.");
            }
        }
        stream_socket_shutdown($printer, STREAM_SHUT_WR);
        fclose($printer);
    }
}
