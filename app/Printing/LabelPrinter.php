<?php

declare(strict_types=1);

namespace App\Printing;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\HostAddress;

/** A printer that listens on the network and prints what is sent to it. */
final class LabelPrinter
{
    /** s; a printer that is there answers at once. */
    private const PATIENCE = 2.0;

    /** s for all of it; a printer that takes its time must not hold up whoever asked. */
    private const DEADLINE = 8.0;

    /** @throws PrinterSilent|Refused */
    public function send(string $address, string $script): void
    {
        [$host, $port] = HostAddress::of($address, 'label_printer', 'label printer');
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
