<?php

declare(strict_types=1);

namespace App\Printing;

use Marrow\Core\Fields\Refused;

/** A printer that listens on the network and prints what is sent to it. */
final class LabelPrinter
{
    /** s; a printer that is there answers at once. */
    private const PATIENCE = 2.0;

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

        return [$found[1], (int) $found[2]];
    }

    /** @throws PrinterSilent|Refused */
    public function send(string $address, string $script): void
    {
        [$host, $port] = self::address($address);
        $printer = @stream_socket_client("tcp://$host:$port", $code, $trouble, self::PATIENCE);
        if ($printer === false) {
            throw new PrinterSilent("The printer at $host:$port does not answer.");
        }
        stream_set_timeout($printer, (int) self::PATIENCE);
        for ($sent = 0; $sent < strlen($script); $sent += $written) {
            $written = @fwrite($printer, substr($script, $sent, 65_536));
            if ($written === false || $written === 0) {
                fclose($printer);

                throw new PrinterSilent("The printer at $host:$port stopped taking what was sent.");
            }
        }
        stream_socket_shutdown($printer, STREAM_SHUT_WR);
        fclose($printer);
    }
}
