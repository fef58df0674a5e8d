<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/start and bin/demo as a person runs them. */
final class ScriptsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/marrow-scripts-'.bin2hex(random_bytes(5));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->folder);
    }

    public function test_start_opens_an_empty_garden_with_the_real_date_and_ends_with_all_its_workers(): void
    {
        $port = self::freePort();
        $script = $this->start(['bin/start', '--port', (string) $port, '--name', 'Harbour Row'], $port);
        $frame = json_decode((string) file_get_contents("http://127.0.0.1:$port/api/frame"), true);
        self::assertSame('Harbour Row', $frame['garden']);
        self::assertEqualsWithDelta(time(), strtotime($frame['now'].' '.trim((string) @file_get_contents('/etc/timezone'))), 86_400 * 1.1);
        self::assertSame([0, 0, 0, 0, 0], array_column($frame['places'], 'here'));
        self::assertGreaterThan(1, self::processesOn($port), 'several workers');

        $script->signal(SIGTERM);
        $script->wait();
        usleep(300_000);
        self::assertSame(0, self::processesOn($port), 'nothing is left running');
    }

    public function test_a_taken_port_is_said_to_be_taken(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $name = (string) stream_socket_get_name($socket, false);
        $port = substr($name, strrpos($name, ':') + 1);
        $script = new Process(['bin/start', '--port', $port], dirname(__DIR__, 2), $this->environment());
        $script->run();
        self::assertSame(1, $script->getExitCode());
        self::assertStringContainsString("Port $port is taken by another program", $script->getErrorOutput());
    }

    public function test_an_unknown_option_is_answered_with_the_known_ones(): void
    {
        foreach (['bin/start' => '--name', 'bin/demo' => '--fresh'] as $command => $option) {
            $script = new Process([$command, '--loud'], dirname(__DIR__, 2), $this->environment());
            $script->run();
            self::assertSame(1, $script->getExitCode());
            self::assertStringContainsString($option, $script->getErrorOutput());
        }
    }

    public function test_the_demo_does_not_open_the_garden_that_the_environment_names(): void
    {
        $port = self::freePort();
        $script = $this->start(['bin/demo', '--port', (string) $port], $port);
        $frame = json_decode((string) file_get_contents("http://127.0.0.1:$port/api/frame"), true);
        $script->signal(SIGTERM);
        $script->wait();
        self::assertSame("Keepers' Acre", $frame['garden']);
        self::assertSame('2026-09-14T10:00', $frame['now']);
        self::assertFileDoesNotExist("$this->folder/garden.sqlite", "the keeper's own garden was not touched");
    }

    /** @param  list<string>  $command */
    private function start(array $command, int $port): Process
    {
        $script = new Process($command, dirname(__DIR__, 2), $this->environment());
        $script->setTimeout(null);
        $script->start();
        for ($tries = 0; $tries < 600; $tries++) {
            if (str_contains($script->getErrorOutput(), "http://127.0.0.1:$port")) {
                return $script;
            }
            if (! $script->isRunning()) {
                break;
            }
            usleep(100_000);
        }
        self::fail('It did not open: '.$script->getErrorOutput());
    }

    /** @return array<string, string|false> */
    private function environment(): array
    {
        return ['DB_DATABASE' => "$this->folder/garden.sqlite", 'MARROW_NOW' => false, 'MARROW_TIMEZONE' => false, 'APP_ENV' => false, 'LOG_CHANNEL' => false];
    }

    private static function processesOn(int $port): int
    {
        $list = new Process(['pgrep', '-fc', "php .*127\\.0\\.0\\.1:$port"]);
        $list->run();

        return (int) trim($list->getOutput());
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, strrpos($name, ':') + 1);
    }
}
