<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The project in a folder of its own, behind nginx and php-fpm by the very files of deploy/. */
final readonly class Deployed
{
    /** What an installation consists of. */
    private const OWN = ['app', 'artisan', 'bin', 'bootstrap', 'composer.json', 'config', 'core', 'database', 'deploy', 'public', 'routes', 'support'];

    private function __construct(public string $root, public string $garden, private Process $process, private int $port, private string $scheme) {}

    /**
     * @param  string  $folder  empty; goes with whoever made it
     * @param  bool  $tls  over HTTPS, with a certificate of its own
     */
    public static function in(string $folder, bool $tls = false): self
    {
        $from = dirname(__DIR__, 2);
        $root = "$folder/marrow";
        self::run(['mkdir', '-p', "$root/ui", "$root/storage/framework/cache", "$root/storage/framework/views", "$root/storage/logs", "$folder/data"], $from);
        self::run(['cp', '-a', ...self::OWN, $root], $from);
        // As it is, without its weight: neither is written into.
        self::run(['cp', '-al', 'vendor', $root], $from);
        foreach (['index.html', 'package.json', 'package-lock.json', 'tsconfig.json', 'vite.config.ts', 'public', 'src'] as $part) {
            self::run(['cp', '-a', "ui/$part", "$root/ui"], $from);
        }
        symlink("$from/ui/node_modules", "$root/ui/node_modules");
        $garden = "$folder/data/garden.sqlite";
        touch($garden);
        self::run([PHP_BINARY, 'artisan', 'marrow:ready', '--name', 'Harbour Row'], $root, ['DB_DATABASE' => $garden, 'MARROW_COPIES' => "$folder/data/copies"]);
        $port = RealServer::freePort();
        $process = new Process(["$root/bin/serve-deployed", (string) $port, "$folder/data", '127.0.0.1', 'localhost'], $root, ['MARROW_NOW' => '2026-09-14T10:00', 'MARROW_TLS' => $tls ? '1' : ''], timeout: null);
        $scheme = $tls ? 'https' : 'http';
        $process->start();
        for ($tries = 0; $tries < 200; $tries++) {
            if (@file_get_contents("$scheme://127.0.0.1:$port/api/ping", false, stream_context_create(['ssl' => ['verify_peer' => false, 'verify_peer_name' => false]])) !== false) {
                return new self($root, $garden, $process, $port, $scheme);
            }
            usleep(50_000);
        }
        $process->stop();
        throw new RuntimeException('It was not served: '.$process->getErrorOutput().@file_get_contents("$folder/data/nginx.log").@file_get_contents("$folder/data/fpm.log"));
    }

    public function url(string $path, string $name = '127.0.0.1'): string
    {
        return "$this->scheme://$name:$this->port$path";
    }

    public function stop(): void
    {
        $this->process->stop(5, SIGTERM);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $with
     */
    public static function run(array $command, string $in, array $with = []): string
    {
        $run = new Process($command, $in, $with, timeout: 300);
        if ($run->run() !== 0) {
            throw new RuntimeException(implode(' ', $command).': '.$run->getOutput().$run->getErrorOutput());
        }

        return $run->getOutput().$run->getErrorOutput();
    }
}
