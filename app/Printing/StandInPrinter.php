<?php

declare(strict_types=1);

namespace App\Printing;

use Closure;
use RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Stands in for a label printer: it listens where one would, keeps what it was sent, and has Ghostscript draw what would have
 * been printed. Who draws it knows nothing of who wrote it.
 */
final class StandInPrinter
{
    /** dots to the inch, of most label printers */
    private const DPI = 203;

    /** bytes; a job longer than this is no label. */
    private const MOST = 20_000_000;

    /**
     * @param  string  $folder  where the pictures go
     * @param  Closure(string): void  $say
     */
    public function __construct(private readonly string $folder, private readonly Closure $say) {}

    /** @param  int  $jobs  after so many it stops; 0 for never */
    public function listen(int $port, int $jobs): void
    {
        $socket = @stream_socket_server("tcp://127.0.0.1:$port", $code, $trouble);
        if ($socket === false) {
            throw new RuntimeException("Port $port cannot be listened on: $trouble");
        }
        ($this->say)(sprintf('Listening on %s', (string) stream_socket_get_name($socket, false)));
        for ($n = 0; $jobs === 0 || $n < $jobs;) {
            $client = @stream_socket_accept($socket, 3600.0);
            if ($client === false) {
                continue;
            }
            stream_set_timeout($client, 5);
            $script = (string) stream_get_contents($client, self::MOST);
            fclose($client);
            if (trim($script) !== '') {
                $n++;
                $this->printed($script);
            }
        }
        fclose($socket);
    }

    private function printed(string $script): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $name = $this->folder.'/'.date('Ymd-His').'-'.bin2hex(random_bytes(3));
        file_put_contents("$name.ps", $script);
        $gs = (new ExecutableFinder)->find('gs') ?? throw new RuntimeException('Ghostscript (gs) is not installed.');
        $drawn = new Process([$gs, '-q', '-dSAFER', '-dBATCH', '-dNOPAUSE', '-sDEVICE=pnggray', '-r'.self::DPI, '-o', "$name-%d.png", "$name.ps"]);
        $drawn->setTimeout(60);
        $drawn->run();
        ($this->say)($drawn->isSuccessful() ? sprintf('Printed %s', implode(' ', glob("$name-*.png") ?: [])) : 'Not printable: '.trim($drawn->getErrorOutput().$drawn->getOutput()));
    }
}
