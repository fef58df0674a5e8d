<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Random\Randomizer;
use Tests\Support\Keeper;
use Tests\Support\RealServer;
use Tests\TestCase;

/**
 * A phone comes home with a full queue, and the server is killed while it takes it in: what nobody heard of is sent again, as
 * the phone does it. Nothing may be there twice, and nothing may be missing.
 */
final class QueueKilledTest extends TestCase
{
    private const FULL = 200;

    private const TOGETHER = 50;

    public function test_a_full_queue_comes_in_once_however_often_the_server_dies(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $queue = [];
        for ($i = 0; $i < self::FULL; $i++) {
            $queue[] = ['late' => true] + $keeper->draft($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 1]);
        }
        DB::disconnect();
        $chance = new Randomizer;
        $killed = 0;
        $server = RealServer::on($this->database);
        foreach (array_chunk($queue, self::TOGETHER) as $turn => $together) {
            // Each time at another moment: before it has heard of it, at its work, and when it has answered.
            $after = $chance->getInt(0, $turn === 0 ? 5_000 : 120_000);
            $answer = $this->send($server, $together, $after);
            for ($tries = 0; $answer !== 200; $tries++) {
                $killed++;
                $server->kill();
                $server = RealServer::on($this->database);
                $answer = $this->send($server, $together, $tries < 2 ? $chance->getInt(0, 120_000) : null);
            }
        }
        $server->kill();
        self::assertGreaterThan(0, $killed, 'it died at least once');

        self::assertSame('ok', DB::selectOne('PRAGMA integrity_check')->integrity_check);
        $kept = DB::table('journal_entries')->where('kind', 'withdrawn')->orderBy('sequence')->pluck('id')->all();
        self::assertSame(array_column($queue, 'id'), $kept, 'each once, in the order in which they were pressed');
        self::assertSame(3600 - self::FULL, (int) DB::table('lot_standings')->value('seeds'), 'one seed for each');
    }

    /**
     * @param  list<array<string, mixed>>  $drafts
     * @param  ?int  $killAfter  microseconds
     * @return int the status; 0 where nobody answered
     */
    private function send(RealServer $server, array $drafts, ?int $killAfter): int
    {
        $handle = curl_init($server->url('/api/entries'));
        self::assertNotFalse($handle);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
            CURLOPT_POSTFIELDS => json_encode(['drafts' => $drafts]),
        ]);
        $multi = curl_multi_init();
        curl_multi_add_handle($multi, $handle);
        $since = hrtime(true);
        do {
            curl_multi_exec($multi, $running);
            if ($killAfter !== null && (hrtime(true) - $since) / 1_000 >= $killAfter) {
                $server->kill();
                $killAfter = null;
            }
            curl_multi_select($multi, 0.002);
        } while ($running > 0);
        $status = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        curl_multi_close($multi);

        return $status;
    }
}
