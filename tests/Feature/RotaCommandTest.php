<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Rota\Cbc;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Testing\Fluent\AssertableJson;
use Marrow\Core\Rota\ProblemReader;
use Marrow\Core\Rota\RotaSearch;
use Marrow\Core\Tests\Rota\Rotas;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The open document of the rota, in and out at the command line. */
final class RotaCommandTest extends TestCase
{
    public function test_a_problem_is_answered(): void
    {
        [$exit, $answer] = $this->answered(self::four());
        $this->assertSame(0, $exit);
        AssertableJson::fromArray($answer)->where('fits', true)->where('proven', true)->where('collisions', [])
            ->where('cost', static fn (float $cost): bool => abs($cost - 1.283767) < 5e-7)
            ->where('risk', static fn (float $risk): bool => abs($risk - 0.973767) < 5e-7)
            ->where('growings.3', ['line' => 'kale', 'sow' => 2029, 'harvest' => 2029, 'why' => 'The seed now held can still renew it then with 90 %. It is kept with 79 %, and without this growing with 35 %.'])
            ->where('growings.0.harvest', 2028)->where('years.0', ['year' => 2027, 'area_m2' => 4, 'hours' => 9, 'cages' => 0])->etc();
        $this->assertSame(['kale', 'leek', 'pepper', 'rocket'], array_column($answer['lines'], 'id'));
    }

    public function test_pins_that_collide_are_told_with_what_could_be_given_up_and_its_price(): void
    {
        $problem = self::four();
        $problem['lines'][0]['pinned'] = $problem['lines'][3]['pinned'] = [2028];
        [$exit, $answer] = $this->answered($problem);
        $this->assertSame(0, $exit);
        $this->assertFalse($answer['fits']);
        $this->assertSame([], $answer['growings']);
        $this->assertSame(['crossing', 2028, ['kale', 'rocket'], 'Kale and rocket would cross in 2028, and nothing keeps them apart.'], [$answer['collisions'][0]['kind'], $answer['collisions'][0]['year'], $answer['collisions'][0]['lines'], $answer['collisions'][0]['says']]);
        $ways = $answer['collisions'][0]['ways'];
        $this->assertSame(['Store kale 5 °C colder or 1 % drier, and sow it in another year than 2028', 'Store rocket 5 °C colder or 1 % drier, and sow it in another year than 2028', 'Send kale to another keeper who grows it', 'Send rocket to another keeper who grows it', 'Sow kale in another year than 2028', 'Sow rocket in another year than 2028', 'Let rocket go', 'Let kale go'], $this->byPrice($ways));
        // What is left without kale's pin is what the problem without it costs.
        $problem['lines'][0]['pinned'] = [];
        $this->assertEqualsWithDelta($this->answered($problem)[1]['cost'], $ways[array_search('Sow kale in another year than 2028', array_column($ways, 'says'), true)]['cost'], 1e-9);
    }

    public function test_pins_that_want_more_than_there_is_name_how_much_more(): void
    {
        $problem = self::four();
        $problem['lines'][0]['pinned'] = $problem['lines'][1]['pinned'] = [2028];
        $collision = $this->answered($problem)[1]['collisions'][0];
        $this->assertSame('Kale and leek need 5 m² of ground in 2028, and there is 4 m² of ground.', $collision['says']);
        $this->assertContains('1 m² of ground more in every year', array_column($collision['ways'], 'says'));
        $this->assertContains('Grow half as many plants of kale', array_column($collision['ways'], 'says'));
    }

    public function test_a_problem_read_is_written_as_it_was(): void
    {
        $problem = ProblemReader::read([...self::four(), 'before' => [['line' => 'kale', 'sow' => 2029]]]);
        $this->assertEquals($problem, ProblemReader::read((array) json_decode((string) json_encode(ProblemReader::write($problem)), true)));
    }

    /** @return iterable<string, array{string, string}> what is handed over, what is said */
    public static function nonsense(): iterable
    {
        $with = static function (string $path, mixed $value): string {
            $problem = self::four();
            data_set($problem, $path, $value);

            return (string) json_encode($problem);
        };
        yield 'no JSON' => ['once upon a time', 'This is no rota problem: a JSON object with first_year, years and lines is needed.'];
        yield 'a list' => ['[1, 2]', 'This is no rota problem: a JSON object with first_year, years and lines is needed.'];
        yield 'nothing' => ['{}', 'first_year: The first year is missing.'];
        yield 'no years' => [$with('years', 0), 'years: The years ahead must be from 1 to 12 years.'];
        yield 'lines that are none' => [$with('lines', 'kale'), 'lines: A list is needed here.'];
        yield 'a line twice' => [$with('lines.1.id', 'kale'), 'lines.1.id: There is a line "kale" already.'];
        yield 'an unknown line' => [$with('conflicts.0.lines', ['kale', 'spelt']), 'conflicts.0.lines: There is no line "spelt".'];
        yield 'a conflict of one' => [$with('conflicts.0.lines', ['kale', 'kale']), 'conflicts.0.lines: A conflict names two lines or more.'];
        yield 'too few chances' => [$with('lines.0.alive', [1, 0.5]), 'lines.0.alive: Of alive, 7 chances from 0 to 1 are needed, one a year and one for the year after the last, none above the one before it.'];
        yield 'seed that rises from the dead' => [$with('lines.0.alive.6', 0.6), 'lines.0.alive: Of alive, 7 chances from 0 to 1 are needed, one a year and one for the year after the last, none above the one before it.'];
        yield 'a share above one' => [$with('lines.0.fails', 1.5), 'lines.0.fails: The chance that a growing fails must be from 0 to 1.'];
        yield 'a limit below nothing' => [$with('limits.area_m2', -1), 'limits.area_m2: A limit is a number from 0 up, or left out.'];
        yield 'limits of too few years' => [$with('limits.hours', [1, 2]), 'limits.hours: One figure for every year is needed here, or 6, one a year.'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_said(string $given, string $said): void
    {
        $run = new Process([PHP_BINARY, 'artisan', 'marrow:rota', '-'], dirname(__DIR__, 2), input: $given);
        $run->run();
        $this->assertSame(1, $run->getExitCode());
        $this->assertSame($said, trim($run->getErrorOutput()));
        $this->assertSame('', $run->getOutput());
    }

    public function test_nothing_to_grow_no_ground_and_no_seed_are_answered(): void
    {
        $this->assertEquals([true, 0, []], array_values(array_intersect_key($this->answered([...self::four(), 'lines' => [], 'conflicts' => []])[1], ['fits' => 1, 'cost' => 1, 'growings' => 1])));
        $noGround = $this->answered([...self::four(), 'limits' => ['area_m2' => 0]])[1];
        $this->assertSame([], $noGround['growings']);
        $this->assertEqualsWithDelta(4 * 0.65 + 0.8, $noGround['risk'], 1e-9);
        $problem = self::four();
        $problem['lines'][0]['alive'] = array_fill(0, 7, 0);
        $noSeed = $this->answered($problem)[1];
        $this->assertSame(0, $noSeed['lines'][0]['kept']);
        $this->assertNotContains('kale', array_column($noSeed['growings'], 'line'));
    }

    public function test_a_solver_that_is_installed_comes_to_the_same(): void
    {
        $solver = Cbc::installed();
        if ($solver === null) {
            $this->markTestSkipped('No solver is installed.');
        }
        for ($seed = 1; $seed <= 3; $seed++) {
            $problem = Rotas::random($seed, 12, 5, 0.5)->withEach(static fn ($line) => $line->withYears([], $line->forbidden));
            $alone = RotaSearch::best($problem);
            $beside = RotaSearch::best($problem, solver: $solver);
            $this->assertTrue($beside?->isProven);
            $this->assertEqualsWithDelta($alone?->rota->cost(), $beside->rota->cost(), 1e-6);
        }
    }

    /**
     * @param  array<string, mixed>  $problem
     * @return array{int, array<string, mixed>}
     */
    private function answered(array $problem): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rota');
        file_put_contents($file, json_encode($problem));
        $exit = $this->app->make(Kernel::class)->call('marrow:rota', ['problem' => $file], $said = new BufferedOutput);
        unlink($file);
        $answer = json_decode($said->fetch(), true);

        return [$exit, is_array($answer) ? $answer : []];
    }

    /**
     * @param  list<array{says: string, price: float}>  $ways
     * @return list<string>
     */
    private function byPrice(array $ways): array
    {
        $prices = array_column($ways, 'price');
        $sorted = $prices;
        sort($sorted);
        $this->assertSame($sorted, $prices);

        return array_column($ways, 'says');
    }

    /** @return array<string, mixed> */
    private static function four(): array
    {
        $seed = ['alive' => [1, 0.95, 0.9, 0.8, 0.65, 0.5, 0.35], 'renewed' => [1, 1, 0.98, 0.96, 0.93, 0.9, 0.86], 'fails' => 0.1];

        return ['first_year' => 2027, 'years' => 6, 'hour_price' => 0.01, 'limits' => ['area_m2' => 4, 'cages' => 1], 'lines' => [
            ['id' => 'kale', ...$seed, 'sowings' => 2, 'area_m2' => 3, 'hours' => 5],
            ['id' => 'leek', ...$seed, 'weight' => 2, 'stands' => 2, 'sowings' => 1, 'area_m2' => 2, 'hours' => 4],
            ['id' => 'pepper', ...$seed, 'alive' => [0.9, 0.8, 0.7, 0.55, 0.4, 0.3, 0.2], 'sowings' => 2, 'area_m2' => 1, 'hours' => 3],
            ['id' => 'rocket', ...$seed, 'sowings' => 1, 'fails' => 0.2, 'area_m2' => 1, 'hours' => 2],
        ], 'conflicts' => [['lines' => ['kale', 'rocket'], 'never' => true], ['lines' => ['pepper', 'leek'], 'cages' => 1, 'hours' => 3]]];
    }
}
