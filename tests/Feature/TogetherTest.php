<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\Support\RealServer;
use Tests\TestCase;

/** Four keepers, one cupboard: what several record at the same moment. */
final class TogetherTest extends TestCase
{
    private const AT_ONCE = 12;

    public function test_lots_started_at_once_get_codes_of_their_own(): void
    {
        $keeper = new Keeper($this);
        $planting = $keeper->sow($keeper->variety());
        $id = $keeper->idOf($planting);
        $answers = $this->together(static fn (): array => [
            'id' => (string) Str::uuid7(),
            'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()],
            'begins' => ['planting' => $id],
            'kind' => 'picked',
            'happened_at' => '2026-08-01T10:00',
            'payload' => ['plants' => 1, 'fruits' => 2],
        ]);
        self::assertSame(array_fill(0, self::AT_ONCE, 200), array_column($answers, 'status'));
        $codes = array_map(static fn (array $answer): string => json_decode($answer['body'], true)['answers'][0]['code'], $answers);
        self::assertCount(self::AT_ONCE, array_unique($codes));
        self::assertSame(self::AT_ONCE, DB::table('lots')->count());
    }

    public function test_seed_taken_at_once_is_never_more_than_there_is(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $taken = $keeper->draft($lot, 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 400]);
        // 3 600 seeds: of twelve keepers who take 400 each, nine are served, and three are asked whether that can be.
        $answers = $this->together(static fn (): array => ['id' => (string) Str::uuid7()] + $taken);
        $statuses = array_count_values(array_column($answers, 'status'));
        ksort($statuses);
        self::assertSame([200 => 9, 422 => 3], $statuses);
        self::assertSame(0.0, (float) DB::table('lot_standings')->value('seeds'));
        $before = (array) DB::table('lot_standings')->first();
        Artisan::call('marrow:rebuild');
        self::assertSame($before, (array) DB::table('lot_standings')->first());
    }

    public function test_the_same_entry_sent_at_once_from_two_phones_is_one(): void
    {
        $keeper = new Keeper($this);
        $body = $keeper->draft($keeper->storedTomato(), 'withdrawn', '2026-09-01T09:00', ['purpose' => 'gift', 'seeds' => 100]);
        $answers = $this->together(static fn (): array => $body);
        self::assertSame(array_fill(0, self::AT_ONCE, 200), array_column($answers, 'status'));
        self::assertSame(3500.0, (float) DB::table('lot_standings')->value('seeds'));
    }

    /**
     * @param  \Closure(): array<string, mixed>  $draft  what each sends
     * @return list<array{status: int, body: string}>
     */
    private function together(\Closure $draft): array
    {
        DB::disconnect();
        $server = RealServer::on($this->database);
        try {
            $multi = curl_multi_init();
            $handles = [];
            for ($i = 0; $i < self::AT_ONCE; $i++) {
                $handle = curl_init($server->url('/api/entries'));
                self::assertNotFalse($handle);
                curl_setopt_array($handle, [
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_TIMEOUT => 30,
                    CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
                    CURLOPT_POSTFIELDS => json_encode(['drafts' => [$draft()]], JSON_THROW_ON_ERROR),
                ]);
                curl_multi_add_handle($multi, $handle);
                $handles[] = $handle;
            }
            do {
                curl_multi_exec($multi, $running);
                curl_multi_select($multi, 0.05);
            } while ($running > 0);

            return array_map(static fn (\CurlHandle $handle): array => [
                'status' => (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
                'body' => (string) curl_multi_getcontent($handle),
            ], $handles);
        } finally {
            $server->kill();
        }
    }
}
