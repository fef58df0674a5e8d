<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use DateTimeImmutable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/** The one door by which everybody comes to the garden, on a day that is set: what a player sees is what anybody would. */
final class Door
{
    private DateTimeImmutable $now;

    /** @var list<string> what was refused, in words */
    public array $refused = [];

    /** @var list<string> what was asked about before it was kept */
    public array $asked = [];

    public int $kept = 0;

    public function at(DateTimeImmutable $now): void
    {
        $this->now = $now;
        config(['marrow.now' => $now->format('Y-m-d\TH:i')]);
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
    }

    public function now(): DateTimeImmutable
    {
        return $this->now;
    }

    /** @return array<string, mixed> */
    public function see(string $path): array
    {
        [$status, $answer] = $this->ask('GET', $path);
        if ($status !== 200) {
            $this->refused[] = "seeing $path: status $status";
        }

        return $answer;
    }

    public function text(string $path): string
    {
        return (string) app(Kernel::class)->handle(Request::create("/api/$path"))->getContent();
    }

    /**
     * Records something, a little later than what was recorded before. What is asked about is said once more; that it was asked is noted.
     *
     * @param  array{subject: string, id: string}  $about
     * @param  array<string, mixed>  $payload
     * @param  array<string, string>  $begins
     * @return ?string the code of what it is about; null where it was refused
     */
    public function record(array $about, string $kind, array $payload, array $begins = []): ?string
    {
        $draft = ['id' => (string) Str::uuid7(), 'about' => $about, 'kind' => $kind, 'happened_at' => $this->now->format('Y-m-d\TH:i'), 'payload' => $payload, ...($begins === [] ? [] : ['begins' => $begins])];
        $first = $this->answer($draft);
        if (($first['status'] ?? '') === 'asked') {
            $this->asked[] = "$kind: ".json_encode($first['errors'] ?? '').json_encode($first['questions'] ?? '');
            $first = $this->answer([...$draft, 'even_so' => true]);
        }
        if (($first['status'] ?? '') !== 'kept') {
            $this->refused[] = "$kind: ".json_encode($first['message'] ?? '').json_encode($first['errors'] ?? '');

            return null;
        }
        if (is_string($first['adrift'] ?? null)) {
            $this->refused[] = "$kind, adrift: ".$first['adrift'];
        }
        $this->kept++;

        return is_string($first['code'] ?? null) ? $first['code'] : null;
    }

    /**
     * @param  array<string, mixed>  $draft
     * @return array<mixed>
     */
    private function answer(array $draft): array
    {
        $answers = $this->ask('POST', 'entries', ['drafts' => [$draft]])[1]['answers'] ?? null;

        return is_array($answers) && is_array($answers[0] ?? null) ? $answers[0] : [];
    }

    /** Whether it was taken. */
    public function sends(string $path): bool
    {
        [$status, $answer] = $this->ask('POST', $path);
        if ($status !== 200) {
            $this->refused[] = "$path: ".(is_string($answer['message'] ?? null) ? $answer['message'] : "status $status");
        }

        return $status === 200;
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function ask(string $method, string $path, array $body = []): array
    {
        $request = Request::create("/api/$path", $method, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body === [] ? null : json_encode($body, JSON_THROW_ON_ERROR));
        $response = app(Kernel::class)->handle($request);
        $answer = json_decode((string) $response->getContent(), true);

        return [$response->getStatusCode(), is_array($answer) ? $answer : []];
    }
}
