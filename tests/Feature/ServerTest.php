<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Tests\Support\RealServer;
use Tests\TestCase;

/** What only a real server shows. */
final class ServerTest extends TestCase
{
    public function test_it_answers_to_its_own_names_only(): void
    {
        DB::disconnect();
        $server = RealServer::on($this->database);
        try {
            $status = static function (string $host) use ($server): string {
                $context = stream_context_create(['http' => ['header' => "Host: $host\r\nAccept: application/json", 'ignore_errors' => true]]);
                file_get_contents($server->url('/api/frame'), false, $context);

                return $http_response_header[0] ?? '';
            };
            self::assertStringContainsString('200', $status('localhost'));
            // A page of another site that points its own name at this machine is turned away.
            self::assertStringContainsString('400', $status('marrow.example'));
        } finally {
            $server->kill();
        }
    }

    public function test_the_database_keeps_every_confirmed_write(): void
    {
        self::assertSame('wal', DB::selectOne('PRAGMA journal_mode')->journal_mode);
        self::assertSame(2, DB::selectOne('PRAGMA synchronous')->synchronous, 'FULL');
        self::assertSame(1, DB::selectOne('PRAGMA foreign_keys')->foreign_keys);
    }
}
