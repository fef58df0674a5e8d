<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The command as a person runs it: its own process, its own exit code. */
final class ReckonCommandTest extends TestCase
{
    public function test_alone_it_lists_the_names_with_their_questions(): void
    {
        $run = self::reckon();
        self::assertSame(0, $run->getExitCode());
        self::assertMatchesRegularExpression('/^germination\.rate +What does my germination test say/m', $run->getOutput());
        self::assertMatchesRegularExpression('/^storage\.life /m', $run->getOutput());
    }

    public function test_json_is_one_flat_object_with_numbers_unrounded(): void
    {
        $run = self::reckon('germination.rate', 'germinated=27', 'sown=30', '--json');
        self::assertSame(0, $run->getExitCode());
        $result = json_decode($run->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['rate', 'low', 'high'], array_keys($result));
        self::assertEqualsWithDelta(0.743789, $result['low'], 1e-6);
    }

    public function test_for_people_it_prints_words_and_units(): void
    {
        $run = self::reckon('ferment.window', 'temperature=21');
        self::assertStringContainsString('usually ready at', $run->getOutput());
        self::assertStringContainsString('72 h', $run->getOutput());
        self::assertStringStartsWith('Look after 2 days; usually ready after 3 days; pour it off by 6 days at the latest.', $run->getOutput());
        self::assertStringContainsString('never a screwed-down one', $run->getOutput());
    }

    public function test_help_of_one_names_inputs_bounds_outputs_and_source(): void
    {
        $run = self::reckon('storage.life', '--help');
        self::assertSame(0, $run->getExitCode());
        foreach (['moisture of the seed (3 to 15 % of wet mass)', 'days_to_threshold', 'Ellis & Roberts 1980', 'Either germination, or germinated and sown.'] as $says) {
            self::assertStringContainsString($says, $run->getOutput());
        }
    }

    public function test_a_whole_plan_is_read_from_a_file(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($path, json_encode([
            'year' => 2027, 'ground' => ['width' => 60, 'depth' => 40, 'north' => 0, 'wind' => 225, 'last_frost' => '04-20', 'first_frost' => '10-28'], 'isolation' => [],
            'plantings' => array_map(static fn (string $id, int $x): array => [
                'id' => $id, 'variety' => $id, 'crop' => 'squash-pepo', 'plants' => 6, 'purpose' => 'seed', 'sow' => '2027-05-01', 'spot' => ['x' => $x, 'y' => 0, 'width' => 2, 'depth' => 1],
            ], ['bell', 'lead'], [0, 32]),
        ]));
        $run = self::reckon('isolation.garden', "plan=@$path", '--json');
        $result = json_decode($run->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(2, $result['at_risk']);
        // 0.6·(0.005/0.6)^(30/800), in R.
        self::assertEqualsWithDelta(0.5013972569, $result['shares'][0], 1e-9);
        $run = self::reckon('isolation.remedies', "plan=@$path", 'shift_days=0', 'bag=no', 'cage=no', 'alternate=no');
        self::assertStringStartsWith('1 measure will do.', $run->getOutput());
        self::assertStringContainsString('leave_out', $run->getOutput());
        unlink($path);
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_one_clear_line_and_exit_1(array $arguments, string $says): void
    {
        $run = self::reckon(...$arguments);
        self::assertSame(1, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringContainsString($says, $run->getErrorOutput());
        self::assertSame(1, substr_count(trim($run->getErrorOutput()), "\n") + 1);
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no such name' => [['germination.luck'], 'no reckoning called "germination.luck"'];
        yield 'missing' => [['sowing.cell', 'rate=0.7'], 'max_empty: Share of cells that may stay empty is missing: 0.0001 to 0.9'];
        yield 'unknown' => [['sowing.cell', 'rate=0.7', 'max_empty=0.1', 'moon=full'], 'moon is not an input of sowing.cell'];
        yield 'unreadable' => [['sowing.cell', 'rate=most', 'max_empty=0.1'], 'rate: Share that germinates must be a share'];
        yield 'out of bounds' => [['sowing.cell', 'rate=1.7', 'max_empty=0.1'], '0.001 to 1'];
        yield 'two ways at once' => [['sowing.seeds', 'plants=5', 'rate=0.5', 'germinated=5', 'sown=9'], 'Give either rate and field_factor, or germinated and sown.'];
        yield 'no such file' => [['isolation.garden', 'plan=@nowhere.json'], 'There is no file nowhere.json'];
        yield 'no equals sign' => [['sowing.cell', 'rate'], 'not of the form key=value'];
    }

    private static function reckon(string ...$arguments): Process
    {
        $run = new Process([PHP_BINARY, 'artisan', 'marrow:reckon', ...$arguments, '--no-ansi'], dirname(__DIR__, 2));
        $run->run();

        return $run;
    }
}
