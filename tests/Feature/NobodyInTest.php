<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Guards;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\Support\RealServer;
use Tests\TestCase;

/** What keeps the pages of other web sites, and what is no request of ours, out of the garden. */
final class NobodyInTest extends TestCase
{
    /** @param  array<string, string>  $headers */
    #[DataProvider('strangers')]
    public function test_what_is_not_ours_is_turned_away_before_it_does_anything(array $headers, int $status): void
    {
        $this->raw('POST', '/api/varieties', json_encode(self::variety(), JSON_THROW_ON_ERROR), $headers)->assertStatus($status);
        self::assertSame($status === 200 ? 1 : 0, DB::table('varieties')->count());
    }

    /** @return iterable<string, array{array<string, string>, int}> */
    public static function strangers(): iterable
    {
        yield 'a program on this machine' => [['Content-Type' => 'application/json'], 200];
        yield 'with a character set' => [['Content-Type' => 'application/json; charset=utf-8'], 200];
        yield 'our own page' => [['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'same-origin', 'Origin' => 'http://127.0.0.1'], 200];
        yield 'a type that only looks like JSON' => [['Content-Type' => 'text/plain; a=/json'], 415];
        yield 'another such type' => [['Content-Type' => 'text/plain;a=+json'], 415];
        yield 'a form that says it is JSON' => [['Content-Type' => 'application/x-www-form-urlencoded; a=/json'], 415];
        yield 'JSON of another kind' => [['Content-Type' => 'application/jsonp'], 415];
        yield 'no type at all' => [[], 415];
        yield 'a page of another site' => [['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'cross-site'], 403];
        yield 'a page of a neighbouring name' => [['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'same-site'], 403];
        yield 'a page of another port' => [['Content-Type' => 'application/json', 'Origin' => 'http://localhost:8499'], 403];
        yield 'a page without an origin' => [['Content-Type' => 'application/json', 'Origin' => 'null'], 403];
        yield 'one method that says it is another' => [['Content-Type' => 'application/json', 'X-HTTP-Method-Override' => 'PUT'], 405];
    }

    public function test_reading_is_for_our_own_pages_too(): void
    {
        $this->raw('GET', '/api/reckonings/sowing.seeds', '', ['Sec-Fetch-Site' => 'cross-site'])->assertStatus(403);
        $this->raw('GET', '/api/frame', '', ['Sec-Fetch-Site' => 'none'])->assertOk();
    }

    public function test_no_method_is_overridden_in_the_address(): void
    {
        $body = json_encode(['path' => 'isolation.home', 'value' => '7'], JSON_THROW_ON_ERROR);
        $this->raw('POST', '/api/crops/pea/figures?_method=PUT', $body, ['Content-Type' => 'application/json'])->assertStatus(405);
        self::assertSame(0, DB::table('crop_figures')->count());
    }

    #[DataProvider('malformed')]
    public function test_what_is_no_text_and_no_number_is_turned_away(string $method, string $address, string $body, int $status): void
    {
        $answer = $this->raw($method, $address, $body, ['Content-Type' => 'application/json'])->assertStatus($status);
        self::assertNotSame('', (string) $answer->json('message'));
        self::assertStringNotContainsString(base_path(), (string) $answer->getContent());
    }

    /** @return iterable<string, array{string, string, string, int}> */
    public static function malformed(): iterable
    {
        yield 'bytes that are no UTF-8 in the address' => ['GET', '/api/today?on=%ff', '', 400];
        yield 'in an input' => ['GET', '/api/reckonings/ferment.window?inputs[temperature]=%ff', '', 400];
        yield 'in a path' => ['GET', '/api/lots/%fe%ff', '', 400];
        yield 'NUL in a day' => ['GET', '/api/today?on=a%00b', '', 400];
        yield 'NUL in a text' => ['POST', '/api/varieties', '{"name":"Front\u0000Hidden"}', 400];
        yield 'an infinite number' => ['POST', '/api/plans', '{"year":1e400}', 400];
        yield 'nesting without end' => ['POST', '/api/entries', str_repeat('[', 100).str_repeat(']', 100), 400];
        yield 'half a document' => ['POST', '/api/entries', '{"drafts":[', 400];
        yield 'a number alone' => ['POST', '/api/entries', '7', 400];
        yield 'bytes that are no UTF-8 in a text' => ['POST', '/api/varieties', "{\"name\":\"\xff\"}", 400];
        yield 'more than a megabyte' => ['POST', '/api/varieties', '{"name":"'.str_repeat('a', 1_100_000).'"}', 413];
        yield 'a year beyond all numbers' => ['GET', '/api/plans/99999999999999999999', '', 404];
        yield 'a list for an id' => ['POST', '/api/varieties', '{"id":["a"],"crop":"tomato","name":"x","type":"hybrid"}', 422];
        yield 'a list for a crop' => ['POST', '/api/varieties', '{"id":"0190f6a0-0000-7000-8000-000000000001","crop":[[]],"name":"x","type":"hybrid"}', 422];
        yield 'a list for a figure' => ['PUT', '/api/crops/chervil/figures', '{"path":"parents.bare","value":[]}', 422];
        yield 'a figure beyond all bounds' => ['PUT', '/api/crops/chervil/figures', '{"path":"isolation.home","value":"1e400"}', 422];
        yield 'a figure that would wrap round' => ['PUT', '/api/crops/chervil/figures', '{"path":"isolation.home","value":"1e308"}', 422];
        yield 'a plan without its plantings' => ['PUT', '/api/plans/2027', '{"version":1,"content":{"ground":{},"isolation":{},"beds":[],"barriers":[],"sources":[]}}', 422];
        yield 'a version that is true' => ['PUT', '/api/plans/2027', '{"version":true,"content":{}}', 422];
    }

    #[DataProvider('lists')]
    public function test_a_list_where_a_text_is_wanted_is_nothing(string $address): void
    {
        $this->raw('GET', $address, '', [])->assertOk();
    }

    /** @return iterable<array{string}> */
    public static function lists(): iterable
    {
        foreach (['find?text[]=1', 'places/store?find[]=x', 'places/store?sort[]=x', 'places/store?page[]=2', 'crops/pea/figures?variety[]=x', 'reckonings?units[]=us', 'today?on[]=x', 'journal?page=9223372036854775807'] as $address) {
            yield $address => ["/api/$address"];
        }
    }

    public function test_every_answer_says_what_a_browser_may_do_with_it(): void
    {
        (new Keeper($this))->variety();
        foreach (['/', '/store/L1', '/api/frame', '/api/ping', '/api/nothing', '/api/today?on=%ff', '/api/crops/pea/file'] as $address) {
            $answer = $this->raw('GET', $address, '', []);
            foreach (Guards::HEADERS as $name => $value) {
                self::assertSame($value, $answer->headers->get($name), "$address, $name");
            }
        }
        self::assertStringContainsString("script-src 'self';", Guards::HEADERS['Content-Security-Policy']);
    }

    public function test_nginx_says_the_same_of_what_it_gives_out_by_itself(): void
    {
        $conf = (string) file_get_contents(base_path('deploy/nginx.conf'));
        foreach (Guards::HEADERS as $name => $value) {
            self::assertStringContainsString("add_header $name \"$value\" always;", $conf);
        }
    }

    public function test_the_server_that_ships_gives_out_built_files_and_nothing_else(): void
    {
        DB::disconnect();
        $server = RealServer::on($this->database);
        try {
            $get = static function (string $path) use ($server): array {
                $body = @file_get_contents($server->url($path), false, stream_context_create(['http' => ['ignore_errors' => true]]));

                return [(int) substr($http_response_header[0] ?? '', 9, 3), implode("\n", $http_response_header ?? []), (string) $body];
            };
            foreach (['/build/nope.js', '/build/..%2f..%2fcomposer.json', '/build/../../composer.json', '/build/.marrow-stamp', '/build/assets', '/build/%00'] as $path) {
                [$status, , $body] = $get($path);
                self::assertNotSame(200, $status, $path);
                self::assertStringNotContainsString('laravel/framework', $body, $path);
            }
            // What is there and what is not looks alike from outside.
            self::assertSame($get('/build/..%2f..%2fcomposer.json')[2], $get('/build/..%2f..%2fnothing.json')[2]);
            // What the build has packed goes out so to whoever can unpack it.
            $file = public_path('build/assets/packed-'.bin2hex(random_bytes(4)).'.js');
            is_dir(dirname($file)) || mkdir(dirname($file), recursive: true);
            try {
                file_put_contents($file, 'plain');
                file_put_contents("$file.gz", (string) gzencode('packed'));
                $asked = static fn (string $encoding): array => [(string) @file_get_contents($server->url('/build/assets/'.basename($file)), false, stream_context_create(['http' => ['header' => $encoding]])), implode("\n", $http_response_header ?? [])];
                self::assertSame('plain', $asked('')[0]);
                [$body, $headers] = $asked('Accept-Encoding: gzip');
                self::assertSame('packed', gzdecode($body));
                self::assertStringContainsString('Content-Encoding: gzip', $headers);
                self::assertNotSame(200, $get('/build/assets/'.basename($file).'.gz')[0]);
            } finally {
                @unlink($file);
                @unlink("$file.gz");
            }
            [$status, $headers] = $get('/api/ping');
            self::assertSame(200, $status);
            self::assertStringNotContainsString('X-Powered-By', $headers);
        } finally {
            $server->kill();
        }
    }

    /** @param  array<string, string>  $headers */
    private function raw(string $method, string $address, string $body, array $headers): TestResponse
    {
        $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => ''];
        foreach ($headers as $name => $value) {
            $server[$name === 'Content-Type' ? 'CONTENT_TYPE' : 'HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
        }

        return $this->call($method, $address, [], [], [], $server, $body);
    }

    /** @return array<string, string> */
    private static function variety(): array
    {
        return ['id' => (string) Str::uuid7(), 'crop' => 'pea', 'name' => 'Coxswain', 'type' => 'open_pollinated'];
    }
}
