<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\OnThisMachine;
use GuzzleHttp\Client;
use GuzzleHttp\RequestOptions;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use Ramsey\Uuid\Uuid;
use Symfony\Component\Process\Process;

final class Bench extends Command
{
    private const WARM_UP = 3;

    protected $signature = 'marrow:bench {url : address of a server on this machine} {--rounds=40} {--lines=2000 : of a list that comes in as one} {--label=}';

    protected $description = 'Print the median and 95th percentile of the main API calls of a running server';

    public function handle(): int
    {
        $url = OnThisMachine::address($this->argument('url'));
        if ($url === null) {
            $this->error('Only a server on this machine is measured.');

            return self::FAILURE;
        }
        $rounds = max(1, min(1000, (int) $this->option('rounds')));
        $label = $this->option('label');
        $this->line(sprintf('%-28s %10s %10s %10s   (%s, %d of each call)', 'milliseconds', 'median', '95th', 'ratio', is_string($label) ? $label : $url, $rounds));
        $client = new Client(['base_uri' => "$url/api/"]);
        $bare = static fn (): ResponseInterface => $client->get('ping');
        foreach (['bare framework route' => $bare, ...$this->calls($client)] as $name => $call) {
            [$times, $between] = $this->times($call, $bare, $rounds);
            $median = $times[intdiv($rounds, 2)];
            // Machines differ and are busy; how often the framework's own time it takes can be compared.
            $this->line(sprintf('%-28s %10.1f %10.1f %10.2f', $name, $median, $times[(int) floor(0.95 * ($rounds - 1))], $median / $between[intdiv($rounds, 2)]));
        }
        $lines = max(1, min(2000, (int) $this->option('lines')));
        [$in, $back] = $this->takesIn($client, $lines);
        $this->line(sprintf('%s lines taken in as one: %.1f s; taken back: %.1f s', number_format($lines), $in, $back));
        $copies = $this->copies($client);
        $this->line($copies === null ? 'No copies are kept of it.' : sprintf('Copied: %.1f s; gone back to: %.1f s', ...$copies));
        $waits = $this->meanwhile($client);
        $this->line(sprintf('A note while everything is reckoned afresh: %.0f ms, the longest %.0f ms (%d notes)', $waits[intdiv(count($waits), 2)], $waits[count($waits) - 1], count($waits)));

        return self::SUCCESS;
    }

    /**
     * A list of a large cupboard: kept as one, then taken back as one.
     *
     * @return array{float, float} seconds of either
     */
    private function takesIn(Client $client, int $many): array
    {
        $crops = ['Tomato', 'Leek', 'Lettuce', 'Runner bean', 'French bean', 'Carrot', 'Parsnip', 'Pea', 'Chives', 'Radish'];
        $lines = array_map(static fn (int $i): array => ['id' => (string) $i, 'cells' => [
            'crop' => $crops[$i % 10], 'variety' => sprintf('Row %d', $i % 700), 'year' => (string) (2010 + $i % 15), 'amount' => (string) (20 + $i % 300),
            'from' => sprintf('Source %d', $i % 40), 'container' => 'envelope', 'place' => sprintf('Shelf %d', $i % 12), 'germinates' => $i % 3 === 0 ? sprintf('%d %%', 60 + $i % 40) : '',
        ]], range(1, $many));
        $id = Uuid::uuid7()->toString();
        $timed = static function (string $path, array $body) use ($client): float {
            $start = hrtime(true);
            $client->post($path, [RequestOptions::JSON => $body]);

            return (hrtime(true) - $start) / 1e9;
        };

        return [
            $timed('intakes', ['id' => $id, 'title' => 'bench.csv', 'lines' => $lines]),
            $timed("intakes/$id/take-back", ['even_so' => true]),
        ];
    }

    /**
     * How long recording takes while the longest work there is goes on beside it.
     *
     * @return non-empty-list<float> milliseconds, rising
     */
    private function meanwhile(Client $client): array
    {
        $note = self::note($client, 'Meanwhile');
        $rebuild = new Process([PHP_BINARY, base_path('artisan'), 'marrow:rebuild']);
        $rebuild->setTimeout(null)->start();
        $waits = [];
        do {
            $start = hrtime(true);
            $note();
            $waits[] = (hrtime(true) - $start) / 1e6;
        } while ($rebuild->isRunning());
        sort($waits);

        return $waits;
    }

    /** @return \Closure(): ResponseInterface that records a note of the first lot in store */
    private static function note(Client $client, string $text): \Closure
    {
        $lot = self::lot($client);
        $about = ['subject' => 'lot', 'id' => data_get(json_decode((string) $client->get("lots/$lot")->getBody(), true), 'id')];

        return static fn (): ResponseInterface => $client->post('entries', [RequestOptions::JSON => ['drafts' => [[
            'id' => Uuid::uuid7()->toString(),
            'about' => $about,
            'kind' => 'noted',
            'happened_at' => '2026-09-13T10:00',
            'payload' => ['text' => $text],
        ]]]]);
    }

    /** @return \Closure(): ResponseInterface that reads a line, and keeps nothing */
    private static function reading(Client $client, string $text): \Closure
    {
        return static fn (): ResponseInterface => $client->post('lines/read', [RequestOptions::JSON => ['text' => $text]]);
    }

    private static function lot(Client $client): string
    {
        $lot = data_get(json_decode((string) $client->get('places/store')->getBody(), true), 'items.0.tag.code');

        return is_string($lot) ? $lot : 'L1';
    }

    /** The one of which there are the most lots. */
    private static function variety(): string
    {
        $variety = DB::table('lots')->groupBy('variety_id')->orderByRaw('count(*) DESC')->value('variety_id');

        return is_string($variety) ? $variety : '';
    }

    /** @return array<string, \Closure(): ResponseInterface> */
    private function calls(Client $client): array
    {
        $get = static fn (string $path): \Closure => static fn (): ResponseInterface => $client->get($path);
        $lot = self::lot($client);
        $logger = data_get(json_decode((string) $client->get('instruments')->getBody(), true), '0.id');
        $shelf = data_get(json_decode((string) $client->get('holders')->getBody(), true), '0.id');

        return [
            'frame (belt and counts)' => $get('frame'),
            'today' => $get('today'),
            'today, 30 days ahead' => $get('today?on=2026-10-14'),
            'store, first page' => $get('places/store'),
            'store, as a whole' => $get('places/store?lines=1'),
            'store, only one left' => $get('places/store?lines=1&only=last'),
            'store, as a spreadsheet' => $get('places/store/table'),
            'places and containers' => $get('holders'),
            'what lies on a shelf' => $get("holders/$shelf"),
            'trays' => $get('places/trays'),
            'store, narrowed' => $get('places/store?find=onion'),
            'racks' => $get('places/racks'),
            'worksheet of a lot' => $get("lots/$lot"),
            'family of a lot' => $get("lots/$lot/family"),
            'family of a variety' => $get('varieties/'.self::variety().'/family'),
            'a day last July' => $get('then?day=2026-07-14'),
            'find' => $get('find?text=onion+2024'),
            'a line of one lot' => self::reading($client, "$lot rh 38"),
            'a line of three lots' => self::reading($client, "$lot L2 L3 rh 38"),
            'forecasts against tests' => $get('forecasts'),
            'journal, first page' => $get('journal'),
            'handbook, every crop' => $get('crops'),
            'parting a lot' => $get("lots/$lot/portions"),
            'what may be swapped' => $get('swap-list'),
            'tags of all in store' => $get('tags?place=store'),
            ...$this->walk($client),
            'plantings to look over' => $get('rounds/looking-over'),
            'plan of next year' => $get('plans/2027'),
            'what to do about crossing' => static fn (): ResponseInterface => $client->post('plans/2027/remedies', [RequestOptions::JSON => [
                'shift_days' => 28, 'move' => true, 'cage' => true, 'alternate' => true, 'bag' => true, 'leave_out' => true,
            ]]),
            'the settings' => $get('settings'),
            'instruments' => $get('instruments'),
            'ten years of a logger' => $get("instruments/$logger?from=2016-09-14"),
            'varieties' => $get('varieties'),
            'lots to choose from' => $get('choices/lots'),
            'people' => $get('people'),
            'a crop and its figures' => $get('crops/tomato'),
            'tags of a lot' => $get("tags?codes=$lot"),
            'lists that came in' => $get('intakes'),
            'copies' => $get('copies'),
            'calendar of everything' => $get('calendar.ics'),
            'calendar of a plan' => $get('plans/2027/calendar.ics'),
            'record an entry' => self::note($client, 'Measured'),
            ...$this->changes($client),
        ];
    }

    /**
     * The row that was walked, where there is one: whom to keep of its plants, and one more looked at.
     *
     * @return array<string, \Closure(): ResponseInterface>
     */
    private function walk(Client $client): array
    {
        $row = DB::table('plantings')->join('planting_standings', 'planting_standings.planting_id', '=', 'plantings.id')->orderByDesc('walked')->first(['plantings.id', 'number', 'walked']);
        if ($row === null || ! is_string($row->id ?? null) || ! is_int($row->number ?? null) || ! is_int($row->walked ?? null) || $row->walked === 0) {
            return [];
        }
        $id = $row->id;

        return [
            "a walk of $row->walked plants" => static fn (): ResponseInterface => $client->get("plantings/P$row->number"),
            "one of $row->walked plants looked at" => static fn (): ResponseInterface => $client->post('entries', [RequestOptions::JSON => ['drafts' => [[
                'id' => Uuid::uuid7()->toString(), 'about' => ['subject' => 'planting', 'id' => $id], 'kind' => 'plant_looked_at', 'happened_at' => '2026-09-13T10:00', 'payload' => ['plant' => 3, 'scores' => 'health 4'],
            ]]]]),
        ];
    }

    /**
     * What bears on much: it answers at once, and what follows from it is reckoned after.
     *
     * @return array<string, \Closure(): ResponseInterface>
     */
    private function changes(Client $client): array
    {
        $turn = 0;
        $put = static fn (string $path, \Closure $body): \Closure => static function () use ($client, $path, $body, &$turn): ResponseInterface {
            return $client->put($path, [RequestOptions::JSON => $body(++$turn % 2)]);
        };
        $place = data_get(json_decode((string) $client->get('store-places')->getBody(), true), '0');
        $place = is_array($place) ? array_intersect_key($place, array_flip(['id', 'name', 'temperature', 'rh'])) : [];
        $id = is_string($place['id'] ?? null) ? $place['id'] : '';

        return [
            'a setting of the whole store' => $put('settings/room_rh', static fn (int $odd): array => ['value' => $odd === 1 ? '51' : '52']),
            'the air of a place' => $put("store-places/$id", static fn (int $odd): array => ['temperature' => $odd === 1 ? '17' : '18'] + $place),
            'two varieties made one' => static function () use ($client): ResponseInterface {
                $made = array_map(static function () use ($client): string {
                    $client->post('varieties', [RequestOptions::JSON => ['id' => $id = Uuid::uuid7()->toString(), 'crop' => 'tomato', 'name' => "Row $id", 'type' => 'open_pollinated']]);

                    return $id;
                }, [1, 2]);

                return $client->post("varieties/$made[0]/merge", [RequestOptions::JSON => ['into' => $made[1]]]);
            },
            'a figure of a crop' => $put('crops/tomato/figures', static fn (int $odd): array => ['path' => 'storage.ordinary_years', 'value' => $odd === 1 ? '5' : '6']),
        ];
    }

    /**
     * A copy of the garden, and back to it.
     *
     * @return array{float, float}|null seconds of either; null where no copies are kept
     */
    private function copies(Client $client): ?array
    {
        $start = hrtime(true);
        $made = $client->post('copies', [RequestOptions::JSON => new \stdClass, RequestOptions::HTTP_ERRORS => false]);
        $copied = (hrtime(true) - $start) / 1e9;
        $copy = data_get(json_decode((string) $client->get('copies')->getBody(), true), '0');
        if ($made->getStatusCode() !== 200 || ! is_array($copy) || ! is_string($copy['name'] ?? null)) {
            return null;
        }
        // What was asked of the garden itself keeps it open, and it is gone back with nobody inside.
        DB::purge();
        $start = hrtime(true);
        $client->post("copies/{$copy['name']}/restore", [RequestOptions::JSON => ['lost' => $copy['lost'] ?? -1]]);

        return [$copied, (hrtime(true) - $start) / 1e9];
    }

    /**
     * Each between two of the bare route: what the machine is busy with meanwhile slows both.
     *
     * @param  \Closure(): ResponseInterface  $call
     * @param  \Closure(): ResponseInterface  $bare
     * @return array{list<float>, list<float>} milliseconds of either, rising
     */
    private function times(\Closure $call, \Closure $bare, int $rounds): array
    {
        $timed = static function (\Closure $one): float {
            $start = hrtime(true);
            $one();

            return (hrtime(true) - $start) / 1e6;
        };
        $times = $between = [];
        for ($round = -self::WARM_UP; $round < $rounds; $round++) {
            [$of, $beside] = [$timed($call), $timed($bare)];
            if ($round >= 0) {
                [$times[], $between[]] = [$of, $beside];
            }
        }
        sort($times);
        sort($between);

        return [$times, $between];
    }
}
