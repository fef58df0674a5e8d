<?php

declare(strict_types=1);

namespace App\Bench;

use App\Keeping\KeepersBook;
use App\Keeping\Passes;
use App\Keeping\Purpose;
use App\Keeping\Role;
use App\Models\Keeper;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\Each;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\RequestOptions;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;
use Ramsey\Uuid\Uuid;

/** Many signed-in phones of one garden at once: most of them look, a few record. */
final class Phones
{
    /** What a phone asks for while somebody walks about with it. */
    private const READ = ['frame', 'today', 'places/store', 'lots/L1', 'places/plot', 'rounds/evening'];

    /** @var list<float> ms */
    private array $reading = [];

    /** @var list<float> ms */
    private array $writing = [];

    /** @var list<string> */
    private array $faults = [];

    private function __construct(private readonly Client $client, private readonly string $cookie) {}

    /**
     * @param  string  $url  address of the server, whose garden is the one of this process
     * @param  int  $rounds  how often each of them asks for everything, or records
     * @return array{reading: non-empty-list<float>, writing: non-empty-list<float>, faults: list<string>} ms, rising
     */
    public static function at(string $url, int $readers, int $writers, int $rounds): array
    {
        $phones = new self(new Client(['base_uri' => "$url/api/", RequestOptions::HTTP_ERRORS => false, RequestOptions::TIMEOUT => 60, RequestOptions::VERIFY => false]), Passes::name());
        $book = app(KeepersBook::class);
        $password = Str::password(20);
        $owner = $book->first('Fenn', $password, 'a phone');
        /** @var array{reader: list<string>, helper: list<string>} $words */
        $words = ['reader' => [], 'helper' => []];
        foreach ([[Role::Reader, $readers], [Role::Helper, $writers]] as [$role, $many]) {
            [, $link] = $book->invite($role, $role->value);
            $words[$role->value][] = $book->join($link, $role->value, $password, 'a phone');
            $keeper = Keeper::query()->where('name', $role->value)->firstOrFail();
            // Each phone has a pass of its own.
            for ($i = 1; $i < $many; $i++) {
                $words[$role->value][] = app(Passes::class)->make(Purpose::Pages, $keeper, $role, "phone $i")[1];
            }
        }
        $lot = data_get(json_decode((string) $phones->client->get('lots/L1', $phones->with($owner))->getBody(), true), 'id');
        $walks = (static function () use ($phones, $words, $rounds, $lot): \Generator {
            foreach ($words['reader'] as $word) {
                yield $phones->reads($word, $rounds * count(self::READ));
            }
            foreach ($words['helper'] as $word) {
                yield $phones->writes($word, is_string($lot) ? $lot : '', $rounds * count(self::READ));
            }
        })();
        Each::of($walks)->wait();
        sort($phones->reading);
        sort($phones->writing);

        return ['reading' => $phones->reading ?: [0.0], 'writing' => $phones->writing ?: [0.0], 'faults' => $phones->faults];
    }

    /** One after another, as a phone does it. */
    private function reads(string $word, int $left): PromiseInterface
    {
        $path = self::READ[$left % count(self::READ)];

        return $this->timed($this->client->getAsync($path, $this->with($word)), $this->reading, $path)
            ->then(fn (): ?PromiseInterface => $left > 1 ? $this->reads($word, $left - 1) : null);
    }

    private function writes(string $word, string $lot, int $left): PromiseInterface
    {
        $draft = ['id' => Uuid::uuid7()->toString(), 'about' => ['subject' => 'lot', 'id' => $lot], 'kind' => 'noted', 'happened_at' => '2026-09-13T10:00', 'payload' => ['text' => "Note $left"]];

        return $this->timed($this->client->postAsync('entries', [RequestOptions::JSON => ['drafts' => [$draft]]] + $this->with($word)), $this->writing, 'an entry')
            ->then(fn (): ?PromiseInterface => $left > 1 ? $this->writes($word, $lot, $left - 1) : null);
    }

    /** @param  list<float>  $into */
    private function timed(PromiseInterface $asked, array &$into, string $what): PromiseInterface
    {
        $since = hrtime(true);

        return $asked->then(function (ResponseInterface $answer) use (&$into, $since, $what): void {
            $into[] = (hrtime(true) - $since) / 1e6;
            if ($answer->getStatusCode() !== 200) {
                $this->faults[] = "$what: ".$answer->getStatusCode();
            }
        }, function (\Throwable $reason) use ($what): void {
            $this->faults[] = "$what: ".$reason->getMessage();
        });
    }

    /** @return array<string, array<string, string>> */
    private function with(string $word): array
    {
        return [RequestOptions::HEADERS => ['Cookie' => "$this->cookie=$word", 'Accept' => 'application/json']];
    }
}
