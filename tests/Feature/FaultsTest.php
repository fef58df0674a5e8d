<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\DatabaseFaults;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\Support\RealServer;
use Tests\TestCase;

/** What a keeper hears when something is wrong with the garden's file, and that it goes on by itself when it is right again. */
final class FaultsTest extends TestCase
{
    private RealServer $server;

    private string $lot = '';

    protected function setUp(): void
    {
        parent::setUp();
        $keeper = new Keeper($this);
        $this->lot = $keeper->idOf($keeper->storedTomato());
        $this->putJson('/api/crops/tomato/figures', ['path' => 'isolation.home', 'value' => '7'])->assertOk();
        DB::disconnect();
        $this->server = RealServer::on($this->database, ['DB_BUSY_TIMEOUT' => '300']);
    }

    protected function tearDown(): void
    {
        $this->server->kill();
        parent::tearDown();
    }

    public function test_locked_by_another_program_it_says_so_and_takes_the_same_when_it_is_free_again(): void
    {
        $other = new PDO("sqlite:$this->database");
        $other->exec('BEGIN IMMEDIATE');
        $draft = $this->note();
        [$status, $message, $headers] = $this->sends($draft);
        self::assertSame(503, $status);
        self::assertStringContainsString('Another program is writing to the garden', $message);
        self::assertStringContainsString('Retry-After: 3', $headers);
        self::assertSame(200, $this->asks('/api/lots/L1')[0], 'reading goes on');
        $other->exec('ROLLBACK');
        self::assertSame(200, $this->sends($draft)[0]);
        self::assertSame(1, DB::table('journal_entries')->where('kind', 'noted')->count());
    }

    public function test_while_nothing_can_be_read_the_handbook_does_not_stand_in_for_the_keepers_figures(): void
    {
        $other = new PDO("sqlite:$this->database");
        $other->exec('PRAGMA locking_mode = EXCLUSIVE');
        $other->exec('BEGIN EXCLUSIVE');
        foreach (['/api/crops', '/api/crops/tomato/figures', '/api/lots/L1'] as $path) {
            [$status, $body] = $this->asks($path);
            // Either the whole of it, or none: never the handbook's figures in silence.
            self::assertTrue($status === 503 || ($status === 200 && $path !== '/api/crops/tomato/figures') || str_contains($body, '"value":7,'), "$path: $status $body");
        }
        $other->exec('ROLLBACK');
        unset($other);
        self::assertStringContainsString('"value":7,', $this->asks('/api/crops/tomato/figures')[1]);
    }

    /** @param  \Closure(string): void  $harm */
    #[DataProvider('harms')]
    public function test_what_is_wrong_with_the_file_is_said_and_nothing_is_made_of_it(\Closure $harm, string $says): void
    {
        $whole = (string) file_get_contents($this->database);
        foreach (['-wal', '-shm'] as $part) {
            @unlink($this->database.$part);
        }
        $harm($this->database);
        foreach (['/api/frame', '/api/lots/L1', '/api/crops/tomato/figures', '/api/settings'] as $path) {
            [$status, $body] = $this->asks($path);
            self::assertSame(503, $status, "$path $body");
            self::assertStringContainsString($says, $body, $path);
            self::assertStringNotContainsString('SQLSTATE', $body);
        }
        self::assertSame(503, $this->sends($this->note())[0]);
        self::assertSame(200, $this->asks('/api/ping')[0]);
        // Put back, without what belonged to the damaged one, it goes on without anybody starting it anew.
        array_map(unlink(...), glob("$this->database-*") ?: []);
        file_put_contents($this->database, $whole);
        [$status, $body] = $this->asks('/api/lots/L1');
        self::assertSame(200, $status, $body);
        self::assertSame(200, $this->sends($this->note())[0]);
    }

    /** @return iterable<string, array{\Closure(string): void, string}> */
    public static function harms(): iterable
    {
        yield 'overwritten' => [static fn (string $file) => file_put_contents($file, str_repeat('not a database ', 4000)), 'is damaged'];
        yield 'its first pages torn' => [static fn (string $file) => file_put_contents($file, substr_replace((string) file_get_contents($file), random_bytes(8000), 60, 8000)), 'is damaged'];
        yield 'emptied' => [static fn (string $file) => file_put_contents($file, ''), "no garden in the garden's file"];
        yield 'gone' => [static fn (string $file) => unlink($file), 'gone from its place'];
    }

    #[DataProvider('codes')]
    public function test_each_fault_of_the_disk_has_its_words(int $code, int $status, string $says): void
    {
        $fault = new PDOException('SQLSTATE[HY000]: General error');
        config(['database.connections.sqlite.database' => __FILE__]);
        $fault->errorInfo = ['HY000', $code, 'as the library says it'];
        $answer = DatabaseFaults::answer($fault);
        self::assertSame($status, $answer?->getStatusCode());
        self::assertStringContainsString($says, (string) $answer->getData(true)['message']);
        self::assertSame('3', $answer->headers->get('Retry-After'));
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function codes(): iterable
    {
        yield 'full' => [13, 507, 'The disk is full'];
        yield 'read-only' => [8, 503, 'may only be read'];
        yield 'read-only, by its folder' => [1544, 503, 'may only be read'];
        yield 'cannot be opened' => [14, 503, 'cannot be opened'];
        yield 'the disk does not answer' => [266, 503, 'cannot be opened'];
        yield 'damaged' => [11, 503, 'damaged'];
        yield 'no database' => [26, 503, 'damaged'];
        yield 'busy' => [5, 503, 'Another program'];
        yield 'busy with itself' => [261, 503, 'Another program'];
    }

    public function test_what_is_no_fault_of_the_file_is_none_of_these(): void
    {
        $fault = new PDOException('SQLSTATE[23000]: UNIQUE constraint failed');
        config(['database.connections.sqlite.database' => __FILE__]);
        $fault->errorInfo = ['23000', 19, 'UNIQUE constraint failed'];
        self::assertNull(DatabaseFaults::answer($fault));
        self::assertNull(DatabaseFaults::answer(new \RuntimeException('database disk image is malformed')));
    }

    public function test_the_log_names_the_fault_and_not_what_was_typed(): void
    {
        $log = storage_path('logs/marrow-'.(new \DateTimeImmutable)->format('Y-m-d').'.log');
        $before = is_file($log) ? filesize($log) : 0;
        $other = new PDO("sqlite:$this->database");
        $other->exec('BEGIN IMMEDIATE');
        $secret = 'typed-'.bin2hex(random_bytes(6));
        self::assertSame(503, $this->sends($this->note($secret))[0]);
        $other->exec('ROLLBACK');
        clearstatcache();
        $logged = is_file($log) ? (string) file_get_contents($log, offset: $before) : '';
        self::assertStringContainsString('QueryException', $logged);
        self::assertStringNotContainsString($secret, $logged);
        self::assertStringNotContainsString(base_path(), $logged);
    }

    /** @return array<string, mixed> */
    private function note(string $text = 'Kept all the same'): array
    {
        return ['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => $this->lot], 'kind' => 'noted', 'happened_at' => '2026-09-10T10:00', 'payload' => ['text' => $text]];
    }

    /**
     * @param  array<string, mixed>  $draft
     * @return array{int, string, string} status, body, headers
     */
    private function sends(array $draft): array
    {
        return $this->send('/api/entries', ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => json_encode(['drafts' => [$draft]], JSON_THROW_ON_ERROR)]);
    }

    /** @return array{int, string, string} */
    private function asks(string $path): array
    {
        return $this->send($path, []);
    }

    /**
     * @param  array<string, string>  $options
     * @return array{int, string, string}
     */
    private function send(string $path, array $options): array
    {
        $body = (string) file_get_contents($this->server->url($path), false, stream_context_create(['http' => ['ignore_errors' => true, 'timeout' => 30] + $options]));

        return [(int) substr($http_response_header[0] ?? '', 9, 3), $body, implode("\n", $http_response_header ?? [])];
    }
}
