<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The application on PHP's own web server with several workers, as bin/start runs it. */
final class RealServer
{
    private function __construct(private readonly Process $process, private readonly int $port) {}

    /** @param  array<string, string>  $with  more of the environment */
    public static function on(string $database, array $with = []): self
    {
        $port = self::freePort();
        // A process group of its own, so that the workers can be ended with it.
        $process = new Process(
            ['setsid', PHP_BINARY, '-S', "127.0.0.1:$port", '-t', 'public', 'support/router.php'],
            dirname(__DIR__, 2),
            ['DB_DATABASE' => $database, 'PHP_CLI_SERVER_WORKERS' => '4', 'MARROW_NOW' => '2026-09-14T10:00', 'APP_ENV' => 'production', ...$with],
        );
        $process->setTimeout(null);
        $process->start();
        for ($tries = 0; $tries < 200; $tries++) {
            if (@file_get_contents("http://127.0.0.1:$port/api/ping") !== false) {
                return new self($process, $port);
            }
            usleep(50_000);
        }
        throw new RuntimeException('The server did not start: '.$process->getErrorOutput());
    }

    public function url(string $path): string
    {
        return "http://127.0.0.1:$this->port$path";
    }

    /** At once, with all its workers, whatever they are doing. */
    public function kill(): void
    {
        $pid = $this->process->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGKILL);
        }
        $this->process->stop(0);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('There is no free port.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, strrpos($name, ':') + 1);
    }
}
