<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;

final class Bench extends Command
{
    protected $signature = 'marrow:bench {url : address of a server on this machine} {--rounds=40} {--label=}';

    protected $description = 'Print the median and 95th percentile of the main API calls of a running server';

    public function handle(): int
    {
        $url = rtrim((string) $this->argument('url'), '/');
        if (! in_array(parse_url($url, PHP_URL_HOST), ['127.0.0.1', 'localhost'], true)) {
            $this->error('Only a server on this machine is measured.');

            return self::FAILURE;
        }
        $rounds = max(5, min(1000, (int) $this->option('rounds')));
        $lot = Http::get("$url/api/places/store")->json('items.0.tag.code');
        $calls = [
            'bare framework route' => static fn () => Http::get("$url/api/ping"),
            'frame (belt and counts)' => static fn () => Http::get("$url/api/frame"),
            'today' => static fn () => Http::get("$url/api/today"),
            'today, 30 days ahead' => static fn () => Http::get("$url/api/today", ['on' => '2026-10-14']),
            'store, first page' => static fn () => Http::get("$url/api/places/store"),
            'store, narrowed' => static fn () => Http::get("$url/api/places/store", ['find' => 'onion']),
            'racks' => static fn () => Http::get("$url/api/places/racks"),
            'worksheet of a lot' => static fn () => Http::get("$url/api/lots/$lot"),
            'find' => static fn () => Http::get("$url/api/find", ['text' => 'onion 2024']),
            'journal, first page' => static fn () => Http::get("$url/api/journal"),
            'record an entry' => static fn () => Http::post("$url/api/lots/$lot/entries", [
                'id' => (string) Str::uuid7(), 'kind' => 'noted', 'happened_at' => '2026-09-13T10:00', 'payload' => ['text' => 'Measured'],
            ]),
        ];
        $this->line(sprintf('%-28s %10s %10s   (%s, %d calls each)', 'milliseconds', 'median', '95th', $this->option('label') ?: $url, $rounds));
        foreach ($calls as $name => $call) {
            $times = [];
            for ($round = -3; $round < $rounds; $round++) {
                $start = hrtime(true);
                $answer = $call();
                $took = (hrtime(true) - $start) / 1e6;
                if (! $answer->successful()) {
                    $this->error("$name: {$answer->status()} {$answer->body()}");

                    return self::FAILURE;
                }
                // The first few warm the server up.
                if ($round >= 0) {
                    $times[] = $took;
                }
            }
            sort($times);
            $this->line(sprintf('%-28s %10.1f %10.1f', $name, $times[intdiv(count($times), 2)], $times[(int) floor(0.95 * (count($times) - 1))]));
        }

        return self::SUCCESS;
    }
}
