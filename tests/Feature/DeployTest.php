<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Str;
use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Deployed;

/** For good: behind nginx and php-fpm, as the README has it. */
final class DeployTest extends TestCase
{
    private string $folder;

    private Deployed $marrow;

    private string $variety;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/marrow-deployed-'.bin2hex(random_bytes(5));
        mkdir($this->folder, 0o755);
        $this->marrow = Deployed::in($this->folder);
        $this->variety = (string) Str::uuid7();
        self::assertSame(200, $this->asks('POST', '/api/varieties', ['id' => $this->variety, 'crop' => 'pea', 'name' => 'Hawser', 'type' => 'open_pollinated'])[0]);
    }

    protected function tearDown(): void
    {
        $this->marrow->stop();
        (new Filesystem)->deleteDirectory($this->folder);
    }

    public function test_a_browser_writes_by_each_of_its_names_and_a_stranger_does_not(): void
    {
        foreach (['127.0.0.1', 'localhost'] as $name) {
            self::assertSame(200, $this->asks('POST', '/api/entries', ['drafts' => [$this->received()]], $this->marrow->url('', $name), $name)[0], $name);
        }
        foreach (['http://strange.example', $this->marrow->url('', 'localhost'), 'http://127.0.0.1', 'null'] as $stranger) {
            self::assertSame(403, $this->asks('POST', '/api/entries', ['drafts' => [$this->received()]], $stranger)[0], $stranger);
        }
        self::assertSame(0, $this->asks('GET', '/api/frame', headers: ['Host: strange.example'])[0], 'no answer at all by another name');
        [$status, , $headers] = $this->asks('GET', '/build/assets/none-12345678.js');
        self::assertSame(404, $status);
        self::assertStringNotContainsString('immutable', $headers);
        preg_match('~/build/assets/index-[^"]+\.js~', $this->asks('GET', '/store')[1], $script);
        [$status, , $headers] = $this->asks('GET', $script[0] ?? '');
        self::assertSame([200, 1], [$status, substr_count($headers, 'Cache-Control')]);
        self::assertStringContainsString('immutable', $headers);
    }

    public function test_a_list_of_four_megabytes_comes_in_and_what_is_more_is_turned_away_in_words(): void
    {
        $lines = array_map(static fn (int $n): array => ['id' => "l$n", 'cells' => ['crop' => 'pea', 'variety' => 'Hawser', 'seeds' => (string) (20 + $n), 'note' => str_repeat("Row $n by the wall. ", 60)]], range(1, 3_000));
        $list = ['id' => (string) Str::uuid7(), 'title' => 'The whole cupboard', 'lines' => $lines, 'units' => [], 'unmarked' => 'open_pollinated'];
        self::assertGreaterThan(3_500_000, strlen((string) json_encode($list)));
        [$status, $body] = $this->asks('POST', '/api/intakes', $list);
        self::assertSame(200, $status, substr($body, 0, 500));
        $lots = (new PDO("sqlite:{$this->marrow->garden}"))->query('SELECT count(*) FROM lots');
        self::assertSame(3_000, $lots === false ? 0 : $lots->fetchColumn());
        $list['lines'][0]['cells']['note'] = str_repeat('x', 900_000);
        [$status, $body] = $this->asks('POST', '/api/intakes', $list);
        self::assertSame(413, $status);
        self::assertStringContainsString('more than can be sent at once: at most 4 MB', $body);
    }

    public function test_while_it_is_brought_up_to_date_four_clients_see_whole_pages_and_lose_nothing(): void
    {
        $begun = $this->received();
        self::assertSame(200, $this->asks('POST', '/api/entries', ['drafts' => [$begun]])[0]);
        preg_match_all('~/build/assets/[^"]+~', $this->asks('GET', '/')[1], $open);
        // Another program than the one that built what is served: its scripts have other names.
        file_put_contents("{$this->marrow->root}/ui/src/main.tsx", "\ndocument.documentElement.dataset['built'] = 'anew';\n", FILE_APPEND);
        $update = new Process(['bin/update', '--garden', $this->marrow->garden], $this->marrow->root, ['MARROW_COPIES' => "$this->folder/data/copies", 'MARROW_NOW' => '2026-09-14T10:00'], timeout: 300);
        $update->start();
        [$confirmed, $seen] = $this->four($begun['about']['id'], $update);
        self::assertSame(0, $update->getExitCode(), $update->getOutput().$update->getErrorOutput());
        self::assertGreaterThan(40, count($confirmed));
        self::assertSame([], array_filter($seen, static fn (string $what): bool => ! in_array($what, ['page', 'wait'], true)));
        $kept = (new PDO("sqlite:{$this->marrow->garden}"))->query("SELECT id FROM journal_entries WHERE kind = 'noted'");
        self::assertSame([], array_diff($confirmed, $kept === false ? [] : $kept->fetchAll(PDO::FETCH_COLUMN)));
        // A tab that was open before finds its scripts still; who opens one gets the new.
        foreach ($open[0] as $script) {
            self::assertSame(200, $this->asks('GET', $script)[0], $script);
        }
        self::assertStringNotContainsString(implode('', preg_grep('~/index-.*js$~', $open[0]) ?: ['none']), $this->asks('GET', '/')[1]);
        self::assertFileDoesNotExist("{$this->marrow->root}/storage/framework/updating");
    }

    /**
     * Two who write and two who open pages, until the update is done.
     *
     * @return array{list<string>, list<string>} ids of confirmed notes; what was seen: a whole page, a word to wait, or what should not be
     */
    private function four(string $lot, Process $update): array
    {
        $confirmed = $seen = [];
        $note = static fn (string $id): array => ['drafts' => [['id' => $id, 'about' => ['subject' => 'lot', 'id' => $lot], 'kind' => 'noted', 'happened_at' => '2026-09-14T09:00', 'payload' => ['text' => "Note $id"]]]];
        $multi = curl_multi_init();
        $asked = [];
        $ask = function (int $client, ?string $again = null) use ($multi, &$asked, $note): void {
            $id = $again ?? (string) Str::uuid7();
            $handle = $client < 2 ? $this->request('POST', '/api/entries', $note($id)) : $this->request('GET', '/');
            $asked[spl_object_id($handle)] = [$client, $id, $handle];
            curl_multi_add_handle($multi, $handle);
        };
        array_map($ask, range(0, 3));
        do {
            curl_multi_exec($multi, $running);
            while ($done = curl_multi_info_read($multi)) {
                [$client, $id] = $asked[spl_object_id($done['handle'])];
                $status = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
                $body = substr((string) curl_multi_getcontent($done['handle']), (int) curl_getinfo($done['handle'], CURLINFO_HEADER_SIZE));
                // What the interface takes as a word to try again.
                $waits = in_array($status, [502, 503], true);
                if ($client < 2) {
                    $status === 200 ? $confirmed[] = $id : $seen[] = $waits ? 'wait' : "note: $status $body";
                } else {
                    $seen[] = $waits ? 'wait' : $this->whole($status, $body);
                }
                unset($asked[spl_object_id($done['handle'])]);
                curl_multi_remove_handle($multi, $done['handle']);
                if ($update->isRunning() || $waits) {
                    usleep(5_000);
                    $ask($client, $waits ? $id : null);
                    $running++;
                }
            }
            curl_multi_select($multi, 0.02);
        } while ($running > 0);

        return [$confirmed, $seen];
    }

    /** Whether a page has all the scripts that it names. */
    private function whole(int $status, string $page): string
    {
        if ($status !== 200 || preg_match_all('~/build/assets/[^"]+~', $page, $named) === 0) {
            return "page: $status ".substr($page, 0, 200);
        }
        foreach ($named[0] as $file) {
            if ($this->asks('GET', $file)[0] !== 200) {
                return "page without $file";
            }
        }

        return 'page';
    }

    /** @return array<string, mixed> */
    private function received(): array
    {
        return ['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $this->variety], 'kind' => 'received', 'happened_at' => '2026-03-01', 'payload' => ['how' => 'given', 'from' => 'Odile', 'seeds' => 50]];
    }

    /**
     * @param  array<string, mixed>|null  $send
     * @param  list<string>  $headers
     * @return array{int, string, string} status, body, headers
     */
    private function asks(string $method, string $path, ?array $send = null, ?string $origin = null, string $name = '127.0.0.1', array $headers = []): array
    {
        $handle = $this->request($method, $path, $send, $origin, $name, $headers);
        $answer = (string) curl_exec($handle);
        $size = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), substr($answer, $size), substr($answer, 0, $size)];
    }

    /**
     * @param  array<string, mixed>|null  $send
     * @param  list<string>  $headers
     */
    private function request(string $method, string $path, ?array $send = null, ?string $origin = null, string $name = '127.0.0.1', array $headers = []): \CurlHandle
    {
        $handle = curl_init($this->marrow->url($path, $name));
        self::assertNotFalse($handle);
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_TIMEOUT => 60]);
        if ($send !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, (string) json_encode($send));
            array_push($headers, 'Content-Type: application/json', 'Expect:', 'Origin: '.($origin ?? $this->marrow->url('', $name)), 'Sec-Fetch-Site: '.($origin === null || $name === 'localhost' ? 'same-origin' : 'none'));
        }
        curl_setopt($handle, CURLOPT_HTTPHEADER, [...$headers, 'Accept: application/json']);

        return $handle;
    }
}
