<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Hostile;
use App\Bench\HostileRequests;
use App\Bench\Intruder;
use App\Bench\OnThisMachine;
use GuzzleHttp\Client;
use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Pool;
use GuzzleHttp\Psr7\Request;
use GuzzleHttp\RequestOptions;
use GuzzleHttp\TransferStats;
use Illuminate\Console\Command;
use Psr\Http\Message\ResponseInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sends what does not belong there to a server on this machine, and looks at every answer. */
final class Fuzz extends Command
{
    private const AT_ONCE = 4;

    private const SLOWEST = 10;

    /** What an answer must not hold: where the program lies, and how it got there. */
    private const TELLING = ['Stack trace', '#0 ', 'vendor/', '.php', 'SQLSTATE', 'Illuminate\\', 'App\\'];

    protected $signature = 'marrow:fuzz {url : address of a server on this machine, with a garden to be thrown away} {--requests=10000} {--seed=1} {--as= : stranger or reader, of a garden where one signs in; whoever is at the machine unless said otherwise}';

    protected $description = 'Send hostile requests to a running server; fails on an error of the server or an answer that tells too much';

    public function handle(): int
    {
        $url = OnThisMachine::address($this->argument('url'));
        if ($url === null) {
            $this->error('Only a server on this machine is tried.');

            return self::FAILURE;
        }
        $count = max(1, min(1_000_000, (int) $this->option('requests')));
        $seed = (int) $this->option('seed');
        $as = $this->option('as');
        if (! in_array($as, [null, 'stranger', 'reader'], true)) {
            $this->error('As a stranger, or as a reader.');

            return self::FAILURE;
        }
        $by = $as === null ? null : Intruder::into($as);
        $client = new Client(['base_uri' => "$url/", RequestOptions::HTTP_ERRORS => false, RequestOptions::TIMEOUT => 30, RequestOptions::EXPECT => false, RequestOptions::HEADERS => $by->headers ?? []]);
        /** @var array<array-key, mixed> $api */
        $api = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true, flags: JSON_THROW_ON_ERROR);
        $requests = new HostileRequests($api, self::known($by === null ? $client : new Client(['base_uri' => "$url/", RequestOptions::HEADERS => $by->owner])), new Hostile(new Randomizer(new Mt19937($seed))), $by->without ?? []);

        $statuses = [];
        $faults = [];
        $times = [];
        /** @var array<int, Request> $sent */
        $sent = [];
        $pool = new Pool($client, (static function () use ($requests, $count, &$sent): \Generator {
            for ($i = 0; $i < $count; $i++) {
                yield $i => $sent[$i] = $requests->next($i);
            }
        })(), [
            'concurrency' => self::AT_ONCE,
            'options' => [RequestOptions::ON_STATS => static function (TransferStats $stats) use (&$times): void {
                $times[] = [($stats->getTransferTime() ?? 0.0) * 1000, self::named($stats->getRequest()->getMethod(), (string) $stats->getRequest()->getUri())];
                if (count($times) > 500) {
                    rsort($times);
                    $times = array_slice($times, 0, self::SLOWEST);
                }
            }],
            'fulfilled' => static function (ResponseInterface $answer, int $i) use (&$statuses, &$faults, &$sent): void {
                $status = $answer->getStatusCode();
                $statuses[$status] = ($statuses[$status] ?? 0) + 1;
                $body = (string) $answer->getBody();
                $told = array_values(array_filter([...self::TELLING, base_path()], static fn (string $telling): bool => str_contains($body, $telling)));
                if ($status >= 500 || ($told !== [] && ! str_contains((string) $sent[$i]->getBody().$sent[$i]->getUri(), $told[0]))) {
                    $faults[] = sprintf('%d %s %s %s', $status, self::named($sent[$i]->getMethod(), (string) $sent[$i]->getUri()), mb_substr((string) $sent[$i]->getBody(), 0, 300), $told === [] ? '' : '(tells '.$told[0].')');
                }
                unset($sent[$i]);
            },
            'rejected' => static function (\Throwable $reason, int $i) use (&$statuses, &$faults, &$sent): void {
                // PHP's own server answers nothing to some lines that no browser sends.
                $key = $reason instanceof ConnectException ? 'no answer' : 'not sent';
                $statuses[$key] = ($statuses[$key] ?? 0) + 1;
                if (! $reason instanceof ConnectException) {
                    $faults[] = $reason->getMessage();
                }
                unset($sent[$i]);
            },
        ]);
        $pool->promise()->wait();

        if ($as === 'reader' && data_get(json_decode((string) $client->get('api/me')->getBody(), true), 'keeper.role') !== 'reader') {
            $faults[] = 'The reader is none any more: what came after was tried as a stranger.';
        }
        foreach ($by?->written() ?? [] as $table) {
            $faults[] = "Something was written: $table";
        }
        ksort($statuses);
        $this->line(sprintf('%d requests to %d operations, seed %d%s', $count, $requests->count(), $seed, $as === null ? '' : ", as a $as"));
        foreach ($statuses as $status => $n) {
            $this->line(sprintf('%-10s %7d', $status, $n));
        }
        rsort($times);
        $this->line('The slowest, ms:');
        foreach (array_slice($times, 0, self::SLOWEST) as [$ms, $what]) {
            $this->line(sprintf('%9.0f  %s', $ms, $what));
        }
        foreach (array_slice(array_unique($faults), 0, 40) as $fault) {
            $this->error($fault);
        }
        $this->line(sprintf('%d faults', count($faults)));

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }

    private static function named(string $method, string $address): string
    {
        return $method.' '.mb_strimwidth(mb_scrub($address), 0, 160, '…');
    }

    /** @return array<string, list<string>> */
    private static function known(Client $client): array
    {
        $get = static fn (string $path): mixed => json_decode((string) $client->get("api/$path")->getBody(), true);
        $texts = static fn (mixed $list, string $key): array => array_values(array_filter(array_map(static fn (mixed $one): string => is_string($at = data_get($one, $key)) ? $at : '', is_array($list) ? $list : []), static fn (string $text): bool => $text !== ''));
        $lots = $texts($get('choices/lots'), 'id');
        $plantings = $texts($get('choices/plantings'), 'id');

        return array_filter([
            'place' => ['plot', 'bench', 'racks', 'trays', 'store'],
            'code' => [...array_map(static fn (int $n): string => "L$n", range(1, 18)), ...array_map(static fn (int $n): string => "P$n", range(1, 20))],
            'key' => ['tomato', 'leek', 'pea', 'units', 'good', 'last_frost', 'time_zone'],
            'year' => ['2027', '2028'],
            'name' => ['variety', 'place', 'received', 'sowing.seeds', 'storage.life', 'ferment.window'],
            'subject' => ['lot', 'planting'],
            'kind' => ['noted', 'weighed', 'stored', 'picked', 'sown', 'struck', 'test_started', 'test_counted', 'received', 'withdrawn', 'off_types_seen'],
            'happened_at' => ['2026-09-01', '2026-09-13T10:00', '13 September 2026, 09:00'],
            'variety' => $texts($get('varieties'), 'id'),
            'lot' => $lots,
            'planting' => $plantings,
            'crop' => ['tomato', 'leek', 'pea', 'onion'],
            'like' => ['tomato', 'pea'],
        ], static fn (array $list): bool => $list !== []);
    }
}
