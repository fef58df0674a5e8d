<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Every answer is what docs/openapi.json promises, which is what the interface's types are made from. */
final class ApiContractTest extends TestCase
{
    /** @var array<string, mixed> */
    private static array $api = [];

    protected function setUp(): void
    {
        parent::setUp();
        self::$api = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true, flags: JSON_THROW_ON_ERROR);
        $this->lay('marrow:demo');
    }

    #[DataProvider('reads')]
    public function test_answer_is_as_described(string $template, string $path): void
    {
        $this->assertDescribed('get', $template, $this->getJson("/api$path")->assertOk()->content());
    }

    /** @return iterable<string, array{string, string}> */
    public static function reads(): iterable
    {
        yield 'frame' => ['/frame', '/frame'];
        yield 'frame ahead' => ['/frame', '/frame?on=2026-10-01'];
        yield 'today' => ['/today', '/today'];
        foreach (['plot', 'bench', 'racks', 'trays', 'store'] as $place) {
            yield $place => ['/places/{place}', "/places/$place"];
        }
        yield 'racks at a glance' => ['/racks', '/racks'];
        yield 'trays at a glance' => ['/trays', '/trays'];
        yield 'tastings' => ['/plantings/{code}/tastings', '/plantings/P36/tastings'];
        yield 'the shelf' => ['/shelf', '/shelf'];
        yield 'crops' => ['/crops', '/crops'];
        foreach (['tomato', 'chayote', 'spinach', 'garlic'] as $crop) {
            yield "handbook, $crop" => ['/crops/{key}', "/crops/$crop"];
        }
        yield 'varieties' => ['/varieties', '/varieties'];
        yield 'places to keep seed in' => ['/store-places', '/store-places'];
        yield 'journal' => ['/journal', '/journal'];
        yield 'words' => ['/words', '/words'];
        yield 'past forecasts' => ['/forecasts', '/forecasts'];
        yield 'found' => ['/find', '/find?text=tomato'];
        yield 'beginnings' => ['/beginnings', '/beginnings'];
        yield 'kinds' => ['/kinds', '/kinds'];
        yield 'form' => ['/forms/{name}', '/forms/sown'];
        yield 'lots to sow from' => ['/choices/lots', '/choices/lots?crop=tomato'];
        yield 'plantings to choose' => ['/choices/plantings', '/choices/plantings?crop=tomato'];
        yield 'settings' => ['/settings', '/settings'];
        yield 'plans' => ['/plans', '/plans'];
        yield 'plan' => ['/plans/{year}', '/plans/2027'];
        yield 'reckonings' => ['/reckonings', '/reckonings'];
        yield 'reckoned' => ['/reckonings/{name}', '/reckonings/germination.rate?inputs[germinated]=27&inputs[sown]=30'];
    }

    public function test_every_worksheet_is_as_described(): void
    {
        // Those of every way to dry and to test came last.
        foreach ([...range(1, 17), ...range(66, 75)] as $n) {
            $this->assertDescribed('get', '/lots/{code}', $this->getJson("/api/lots/L$n")->assertOk()->content(), "L$n");
        }
        for ($n = 1; $n <= 21; $n++) {
            $this->assertDescribed('get', '/plantings/{code}', $this->getJson("/api/plantings/P$n")->assertOk()->content(), "P$n");
        }
    }

    public function test_what_is_kept_is_answered_as_described(): void
    {
        $note = (new Keeper($this))->draft('L1', 'noted', '2026-09-13T10:00', ['text' => 'As described']);
        $picked = ['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => (new Keeper($this))->idOf('P19')], 'kind' => 'picked', 'happened_at' => '2026-09-13T10:00', 'payload' => ['plants' => 2, 'fruits' => 3]];
        $variety = (string) Str::uuid7();
        foreach ([
            ['/varieties', '/varieties', ['id' => $variety, 'crop' => 'leek', 'name' => 'Flood Tide', 'type' => 'landrace']],
            ['/store-places', '/store-places', ['id' => (string) Str::uuid7(), 'name' => 'Attic', 'temperature' => 14, 'rh' => 55]],
            ['/entries', '/entries', ['drafts' => [$note, $picked, [...$note, 'id' => (string) Str::uuid7(), 'kind' => 'sung_to']]]],
            ['/plans', '/plans', ['year' => 2028, 'from' => 2027]],
            ['/plans/{year}/remedies', '/plans/2027/remedies', $wish = ['shift_days' => 28, 'move' => true, 'cage' => true, 'alternate' => true, 'bag' => true, 'leave_out' => true]],
            ['/plans/{year}/remedies/apply', '/plans/2027/remedies/apply', [...$wish, 'version' => 2, 'way' => 'least_work']],
            ['/plans/{year}/undo', '/plans/2027/undo', ['version' => 3]],
            ['/rota', '/rota', []],
            ['/rota/play', '/rota/play', []],
            ['/rota/plan', '/rota/plan', ['year' => 2027, 'lines' => []]],
            ['/entries/{entry}/strike', "/entries/{$note['id']}/strike", ['id' => (string) Str::uuid7()]],
        ] as [$template, $path, $body]) {
            $this->assertDescribed('post', $template, $this->postJson("/api$path", $body)->assertOk()->content(), $path);
        }
    }

    public function test_a_rota_is_answered_as_described_and_what_moving_costs(): void
    {
        // As the demo stands its pins collide: found are ways out, and nothing that could be gone by.
        $work = $this->worked('/api/rota');
        $this->assertDescribed('get', '/works/{id}', $work->assertJsonPath('found.fits', false)->content());
        $wish = ['version' => $work->json('found.version'), 'wish' => ['lines' => [], 'years' => []], 'said' => 'No pins'];
        $this->assertDescribed('put', '/rota/wish', $this->putJson('/api/rota/wish', $wish)->assertOk()->content());

        $work = $this->worked('/api/rota');
        $this->assertDescribed('get', '/works/{id}', $work->assertJsonPath('found.fits', true)->content());
        $id = $work->json('id');
        $line = collect($work->json('found.lines'))->firstWhere('name', 'Flare Gun');
        $this->assertDescribed('post', '/rota/moved', $this->postJson('/api/rota/moved', ['work' => $id, 'line' => $line['id'], 'from' => $line['growings'][0]['sow'], 'to' => null, 'ways' => true])->assertOk()->content());
        $this->assertDescribed('post', '/rota/agreed', $this->postJson('/api/rota/agreed', ['work' => $id])->assertOk()->content());

        $this->assertDescribed('get', '/works/{id}', $this->worked('/api/rota/play')->content());
    }

    /** Begins a work and answers what it found. */
    private function worked(string $path): TestResponse
    {
        $id = $this->postJson($path, [])->assertOk()->json('id');

        return $this->getJson("/api/works/$id")->assertOk()->assertJsonPath('state', 'done');
    }

    public function test_every_route_is_described_and_every_description_has_its_route(): void
    {
        $described = [];
        foreach (self::$api['paths'] as $path => $methods) {
            foreach (array_keys($methods) as $method) {
                $described[] = "$method $path";
            }
        }
        $routes = [];
        foreach (app('router')->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/ping') {
                $routes[] = strtolower($route->methods()[0]).' '.substr($route->uri(), 3);
            }
        }
        sort($described);
        sort($routes);
        self::assertSame($routes, $described);
    }

    private function assertDescribed(string $method, string $template, string $content, string $what = ''): void
    {
        $schema = self::$api['paths'][$template][$method]['responses']['200']['content']['application/json']['schema'] ?? null;
        self::assertIsArray($schema, "$method $template is described");
        $root = json_decode(str_replace(
            '#/components/schemas/',
            '#/$defs/',
            json_encode(['$defs' => self::strict(self::$api['components']['schemas']), ...$schema], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES),
        ));
        $result = (new Validator)->validate(json_decode($content), $root);
        self::assertTrue($result->isValid(), $what.' '.json_encode($result->error() === null ? null : (new ErrorFormatter)->format($result->error())));
    }

    /**
     * The description in plain JSON Schema, and with nothing allowed that it does not name.
     *
     * @param  array<string, array<string, mixed>>  $schemas
     * @return array<string, array<string, mixed>>
     */
    private static function strict(array $schemas): array
    {
        $nullable = static function (array $schema) use (&$nullable): array {
            $schema = array_map(static fn (mixed $part): mixed => is_array($part) ? $nullable($part) : $part, $schema);
            if (($schema['nullable'] ?? false) === true) {
                unset($schema['nullable']);

                return ['anyOf' => [['type' => 'null'], $schema]];
            }
            unset($schema['format']);

            return $schema;
        };

        return array_map(
            static fn (array $schema): array => [...$nullable($schema), ...(isset($schema['properties']) ? ['additionalProperties' => false] : [])],
            $schemas,
        );
    }
}
