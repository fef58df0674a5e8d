<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use Tests\Support\Deployed;

/** A small club: the files of deploy/ over HTTPS, where everybody signs in. */
final class ClubTest extends TestCase
{
    private const PASSWORD = 'four words in a row';

    private string $folder;

    private Deployed $marrow;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/marrow-club-'.bin2hex(random_bytes(5));
        mkdir($this->folder, 0o755);
        $this->marrow = Deployed::in($this->folder, tls: true);
    }

    protected function tearDown(): void
    {
        $this->marrow->stop();
        (new Filesystem)->deleteDirectory($this->folder);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, string, string} status, body, headers
     */
    private function asks(string $method, string $path, ?array $body = null, string $cookie = ''): array
    {
        $curl = curl_init($this->marrow->url($path));
        self::assertNotFalse($curl);
        $headers = '';
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'Origin: '.$this->marrow->url(''), ...($cookie === '' ? [] : ["Cookie: $cookie"])],
            CURLOPT_HEADERFUNCTION => static function (mixed $_, string $line) use (&$headers): int {
                $headers .= $line;

                return strlen($line);
            },
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => (string) json_encode($body)]));
        $answer = curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);

        return [is_int($status) ? $status : 0, is_string($answer) ? $answer : '', $headers];
    }

    public function test_two_keep_a_garden_over_https_and_nobody_else_sees_it(): void
    {
        [$status, , $headers] = $this->asks('POST', '/api/keepers/first', ['name' => 'Maren', 'password' => self::PASSWORD]);
        self::assertSame(200, $status);
        self::assertSame(1, preg_match('/^Set-Cookie: (marrow-\w+=\w+);(.*)$/mi', $headers, $set));
        self::assertStringContainsStringIgnoringCase('secure', $set[2] ?? '');
        self::assertStringContainsStringIgnoringCase('httponly', $set[2] ?? '');
        [$status, $body] = $this->asks('GET', '/api/frame');
        self::assertSame([401, false], [$status, str_contains($body, 'Harbour Row')]);
        $owner = $set[1] ?? '';
        self::assertSame(200, $this->asks('GET', '/api/frame', cookie: $owner)[0]);
        $link = json_decode($this->asks('POST', '/api/keepers/invite', ['role' => 'keeper', 'name' => 'Tove'], $owner)[1], true);
        [$status, $body, $headers] = $this->asks('POST', '/api/join', ['link' => is_array($link) ? $link['word'] : '', 'name' => 'Tove', 'password' => self::PASSWORD]);
        self::assertSame(200, $status, $body);
        preg_match('/^Set-Cookie: (marrow-\w+=\w+);/mi', $headers, $set);
        // What a phone needs to put it beside its other programs, and to open it without network.
        foreach (['/sw.js' => 'text/javascript', '/build/marrow.webmanifest' => 'application/manifest+json', '/build/mark-192.png' => 'image/png'] as $path => $type) {
            [$status, , $headers] = $this->asks('GET', $path);
            self::assertSame(200, $status, $path);
            self::assertMatchesRegularExpression('~^content-type: '.preg_quote($type, '~').'~mi', $headers, $path);
            self::assertStringContainsStringIgnoringCase('cache-control: no-cache', $headers, $path);
        }
        // Many look at once while some write, all of them signed in.
        $many = curl_multi_init();
        $statuses = [];
        $handles = [];
        foreach (range(1, 60) as $i) {
            $curl = curl_init($this->marrow->url('/api/today'));
            self::assertNotFalse($curl);
            curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_HTTPHEADER => ['Cookie: '.($i % 2 === 0 ? $owner : $set[1] ?? '')]]);
            curl_multi_add_handle($many, $curl);
            $handles[] = $curl;
        }
        do {
            curl_multi_exec($many, $going);
            curl_multi_select($many, 0.1);
        } while ($going > 0);
        foreach ($handles as $curl) {
            $statuses[] = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        }
        self::assertSame([200], array_values(array_unique($statuses)));
    }
}
