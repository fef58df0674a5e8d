<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Hostile;
use App\Bench\HostileRequests;
use GuzzleHttp\Psr7\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What no gardener types is refused at every door, in words, and leaves the garden as it was. bin/fuzz sends thousands of the same. */
final class HostileRequestsTest extends TestCase
{
    private const TELLING = ['Stack trace', 'vendor/', '.php', 'SQLSTATE', 'Illuminate\\', 'App\\'];

    public function test_the_same_seed_makes_the_same_requests_and_another_makes_others(): void
    {
        $lines = static fn (int $seed): array => array_map(static fn (Request $request): string => $request->getMethod().' '.$request->getUri().' '.$request->getBody(), self::made($seed, 60));
        self::assertSame($lines(4), $lines(4));
        self::assertNotSame($lines(4), $lines(5));
    }

    public function test_every_operation_that_is_described_is_tried_in_turn(): void
    {
        $requests = self::requests(1);
        $described = array_sum(array_map(static fn (array $methods): int => count(array_intersect_key($methods, ['get' => 1, 'post' => 1, 'put' => 1])), self::api()['paths']));
        self::assertSame($described, $requests->count());
        $methods = [];
        for ($n = 0; $n < $requests->count(); $n++) {
            $request = $requests->next($n);
            $methods[$request->getMethod()] = true;
            self::assertStringStartsWith('api/', (string) $request->getUri());
            self::assertDoesNotMatchRegularExpression('/\{\w+}/', explode('?', (string) $request->getUri())[0], 'nothing of the address is left open');
            self::assertSame($request->getMethod() === 'GET', ! $request->hasHeader('Content-Type'));
        }
        self::assertEqualsCanonicalizing(['GET', 'POST', 'PUT'], array_keys($methods));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([11, 12] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_request_makes_the_server_fail_or_tell_how_it_is_made_and_the_garden_stays_whole(int $seed): void
    {
        $this->lay('marrow:demo');
        $known = [
            'place' => ['plot', 'bench', 'racks', 'trays', 'store'], 'code' => ['L2', 'L9', 'L13', 'P16', 'P20'], 'key' => ['tomato', 'leek', 'units', 'last_frost'],
            'year' => ['2027'], 'name' => ['variety', 'sowing.seeds', 'storage.life'], 'kind' => ['noted', 'weighed', 'stored', 'picked', 'sown', 'struck', 'withdrawn', 'hand_pollinated'],
            'happened_at' => ['2026-09-01', '2026-09-13T10:00'], 'lot' => DB::table('lots')->limit(9)->pluck('id')->all(), 'planting' => DB::table('plantings')->limit(9)->pluck('id')->all(), 'crop' => ['tomato', 'pea'],
        ];
        $statuses = [];
        foreach (self::made($seed, 110, $known) as $request) {
            $answer = $this->sent($request);
            $line = $request->getMethod().' '.mb_strimwidth(mb_scrub((string) $request->getUri()), 0, 200).' '.mb_strimwidth(mb_scrub((string) $request->getBody()), 0, 300);
            self::assertLessThan(500, $answer->getStatusCode(), $line);
            foreach ([...self::TELLING, base_path()] as $telling) {
                if (! str_contains($line, $telling)) {
                    self::assertStringNotContainsString($telling, (string) $answer->getContent(), $line);
                }
            }
            $statuses[$answer->getStatusCode()] = true;
        }
        self::assertArrayHasKey(200, $statuses, 'some of it got as far as it could');
        self::assertArrayHasKey(422, $statuses);
        self::assertSame('ok', DB::scalar('PRAGMA integrity_check'));
        self::assertSame([], DB::select('PRAGMA foreign_key_check'));
        $kept = self::lists();
        Artisan::call('marrow:rebuild');
        self::assertSame($kept, self::lists(), 'what was kept all the same is what the journal says');
    }

    private function sent(Request $request): TestResponse
    {
        $headers = ['HTTP_ACCEPT' => 'application/json'] + ($request->hasHeader('Content-Type') ? ['CONTENT_TYPE' => $request->getHeaderLine('Content-Type')] : []);

        return $this->call($request->getMethod(), '/'.$request->getUri(), [], [], [], $headers, (string) $request->getBody());
    }

    /** @return array<string, array<mixed>> */
    private static function lists(): array
    {
        return [
            'lots' => DB::table('lot_standings')->orderBy('lot_id')->get()->map(static fn (object $row): array => (array) $row)->all(),
            'plantings' => DB::table('planting_standings')->orderBy('planting_id')->get()->map(static fn (object $row): array => (array) $row)->all(),
        ];
    }

    /**
     * @param  array<string, list<string>>  $known
     * @return list<Request>
     */
    private static function made(int $seed, int $count, array $known = []): array
    {
        $requests = self::requests($seed, $known);

        return array_map($requests->next(...), range(0, $count - 1));
    }

    /** @param  array<string, list<string>>  $known */
    private static function requests(int $seed, array $known = []): HostileRequests
    {
        return new HostileRequests(self::api(), $known, new Hostile(new Randomizer(new Mt19937($seed))));
    }

    /** @return array<string, mixed> */
    private static function api(): array
    {
        return json_decode((string) file_get_contents(base_path('docs/openapi.json')), true, flags: JSON_THROW_ON_ERROR);
    }
}
