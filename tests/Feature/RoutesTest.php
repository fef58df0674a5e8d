<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\Needs;
use App\Keeping\Purpose;
use App\Keeping\Role;
use App\Models\Garden;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\SignsInAs;
use Tests\TestCase;

/** Every route says whom it answers, and answers nobody else. */
final class RoutesTest extends TestCase
{
    use SignsInAs;

    /** What would end the asking, or takes long, where it is allowed. */
    private const NOT_TRIED = ['api/sign-out', 'api/demo', 'api/keepers/{id}/leave', 'api/copies', 'api/ping'];

    /** @return list<OneRoute> */
    private static function routes(): array
    {
        return array_values(array_filter(Route::getRoutes()->getRoutes(), static fn (OneRoute $route): bool => str_starts_with($route->uri(), 'api/')));
    }

    /** @return list<string> what its one rule names */
    private static function need(OneRoute $route): array
    {
        $rules = array_values(array_filter($route->gatherMiddleware(), static fn (mixed $one): bool => is_string($one) && str_starts_with($one, Needs::class)));
        self::assertCount(1, $rules, $route->uri().' has one rule');

        return explode(',', explode(':', $rules[0], 2)[1]);
    }

    private function asks(OneRoute $route): TestResponse
    {
        $uri = (string) preg_replace(['/\{year\}/', '/\{place\}/', '/\{\w+\??\}/'], ['2026', 'store', 'nothing'], $route->uri());

        return $this->json($route->methods()[0], $uri, []);
    }

    public function test_every_route_has_a_rule(): void
    {
        self::assertGreaterThan(90, count(self::routes()));
        foreach (self::routes() as $route) {
            self::assertContains(self::need($route)[0], [Needs::ANYONE, ...array_map(static fn (Role $role): string => $role->value, Role::cases())]);
        }
    }

    public function test_a_stranger_hears_nothing_of_the_garden(): void
    {
        $this->owned();
        Garden::query()->update(['name' => 'Quillfeather']);
        $before = $this->rows();
        foreach (self::routes() as $route) {
            $answer = $this->as('')->asks($route);
            self::need($route)[0] === Needs::ANYONE ? self::assertNotSame(401, $answer->status(), $route->uri()) : $answer->assertUnauthorized();
            self::assertStringNotContainsString('Quillfeather', (string) $answer->getContent());
            self::assertStringNotContainsString('Maren', (string) $answer->getContent());
        }
        self::assertSame($before, $this->rows());
    }

    #[DataProvider('roles')]
    public function test_each_is_answered_what_they_may(Role $role): void
    {
        $owner = $this->owned();
        $word = $role === Role::Owner ? $owner : $this->comes($role, 'Tove');
        $before = $role === Role::Reader ? $this->rows() : null;
        foreach (self::routes() as $route) {
            $need = self::need($route)[0];
            $may = $need === Needs::ANYONE || $role->may(Role::from($need));
            if ($may && in_array($route->uri(), self::NOT_TRIED, true)) {
                continue;
            }
            $status = $this->as($word)->asks($route)->status();
            $may ? self::assertNotContains($status, [401, 403, 500], $route->uri()) : self::assertSame(403, $status, $route->uri());
        }
        $before === null || self::assertSame($before, $this->rows());
    }

    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    #[DataProvider('tokens')]
    public function test_a_token_opens_what_it_is_for(Purpose $purpose): void
    {
        $this->owned();
        $token = $this->tokenOf('Maren', $purpose);
        $opened = [];
        foreach (self::routes() as $route) {
            if (in_array($route->uri(), self::NOT_TRIED, true) || self::need($route)[0] === Needs::ANYONE) {
                continue;
            }
            $this->as('')->withHeader('Authorization', "Bearer $token");
            if ($this->asks($route)->status() !== 403) {
                $opened[] = implode(' ', self::need($route)).' '.$route->methods()[0];
            }
        }
        $expected = match ($purpose) {
            Purpose::Calendar => ['reader calendar GET'],
            Purpose::Readings => ['helper readings POST'],
            Purpose::Reading => ['reader GET', 'reader calendar GET'],
            Purpose::Recording => ['reader GET', 'reader POST', 'reader calendar GET', 'helper POST', 'helper readings POST'],
            default => [],
        };
        self::assertEqualsCanonicalizing($expected, array_values(array_unique($opened)));
    }

    /** @return iterable<string, array{Purpose}> */
    public static function tokens(): iterable
    {
        foreach (Purpose::TOKENS as $purpose) {
            yield $purpose->value => [$purpose];
        }
    }

    /** @return array<string, int> rows of each table that the garden is made of */
    private function rows(): array
    {
        $rows = [];
        foreach (['journal_entries', 'varieties', 'lots', 'plantings', 'places', 'containers', 'settings', 'deeds', 'keepers', 'passes', 'plan_versions', 'acts'] as $table) {
            $rows[$table] = DB::table($table)->count();
        }

        return $rows;
    }
}
