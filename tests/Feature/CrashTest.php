<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\Support\RealServer;
use Tests\TestCase;

/** The server is killed with its workers in the middle of saving: nothing that was confirmed may be missing. */
final class CrashTest extends TestCase
{
    private const CONFIRMED_BEFORE_THE_KILL = 40;

    public function test_a_server_killed_while_saving_loses_no_confirmed_entry(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $draft = $keeper->draft($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 1]);
        unset($draft['id']);
        DB::disconnect();

        $server = RealServer::on($this->database);
        [$confirmed, $sent] = $this->saveUntilKilled($server, $draft);
        self::assertGreaterThanOrEqual(self::CONFIRMED_BEFORE_THE_KILL, count($confirmed));
        self::assertGreaterThan(count($confirmed), count($sent), 'the kill came while entries were under way');

        self::assertSame('ok', DB::selectOne('PRAGMA integrity_check')->integrity_check);
        $kept = DB::table('journal_entries')->where('kind', 'withdrawn')->pluck('id')->all();
        self::assertSame([], array_values(array_diff($confirmed, $kept)), 'every confirmed entry is there');
        self::assertSame([], array_values(array_diff($kept, $sent)), 'and none that nobody sent');
        self::assertSame(3600 - count($kept), (int) DB::table('lot_standings')->value('seeds'), 'one seed for each');

        $standing = (array) DB::table('lot_standings')->first();
        Artisan::call('marrow:rebuild');
        self::assertSame($standing, (array) DB::table('lot_standings')->first());
        $keeper->records($lot, 'withdrawn', '2026-09-10T09:00', ['purpose' => 'sowing', 'seeds' => 1]);
    }

    /**
     * @param  array<string, mixed>  $draft
     * @return array{list<string>, list<string>} ids confirmed, ids sent
     */
    private function saveUntilKilled(RealServer $server, array $draft): array
    {
        $confirmed = [];
        $sent = [];
        $multi = curl_multi_init();
        $ids = [];
        $send = function () use (&$sent, &$ids, $multi, $server, $draft): void {
            $id = (string) Str::uuid7();
            $handle = curl_init($server->url('/api/entries'));
            self::assertNotFalse($handle);
            curl_setopt_array($handle, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
                CURLOPT_POSTFIELDS => json_encode(['drafts' => [['id' => $id, ...$draft]]]),
            ]);
            $ids[spl_object_id($handle)] = $id;
            $sent[] = $id;
            curl_multi_add_handle($multi, $handle);
        };
        for ($i = 0; $i < 4; $i++) {
            $send();
        }
        $killed = false;
        do {
            curl_multi_exec($multi, $running);
            while ($done = curl_multi_info_read($multi)) {
                $handle = $done['handle'];
                if ($done['result'] === CURLE_OK && curl_getinfo($handle, CURLINFO_RESPONSE_CODE) === 200) {
                    $confirmed[] = $ids[spl_object_id($handle)];
                }
                curl_multi_remove_handle($multi, $handle);
                if (! $killed) {
                    $send();
                    $running++;
                }
            }
            if (! $killed && count($confirmed) >= self::CONFIRMED_BEFORE_THE_KILL) {
                // Requests just sent are being worked on now.
                usleep(4_000);
                $server->kill();
                $killed = true;
            }
            curl_multi_select($multi, 0.01);
        } while ($running > 0);
        curl_multi_close($multi);

        return [$confirmed, $sent];
    }
}
