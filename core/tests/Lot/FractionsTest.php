<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Origin\Source;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\MakesEntries;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Parts of a lot: what they weigh together, and how one becomes a lot of its own. */
final class FractionsTest extends CoreTestCase
{
    use MakesEntries;

    public function test_a_part_is_of_its_lots_year_and_plants_and_goes_on_from_where_that_was(): void
    {
        $of = self::threshed();
        $facts = new LotFacts('L2', self::crop('kale'), new \DateTimeImmutable('2025-07-01'), sources: ['one' => new Source(null, $of->course()->origin)]);
        $apart = static fn (string $part, ?float $grams): LotCourse => LotCourse::fold($facts, [self::entry('a', 'set_apart', '2026-09-01 10:00', ['lot' => 'one', 'part' => $part, 'mass_g' => $grams])], new Practice);
        $light = $apart('light', 12.0);
        self::assertSame(2026, $light->origin->year());
        self::assertSame(10, $light->origin->plants());
        self::assertSame('2026-08-20', $light->origin->firstAt()?->format('Y-m-d'));
        self::assertSame(CleaningStage::Threshed, $light->cleaning->stage);
        self::assertSame([CleaningTask::Winnow], self::wanted($light));
        self::assertSame([CleaningTask::Thresh], self::wanted($apart('unopened', null)));

        $floated = LotCourse::fold(new LotFacts('L2', self::crop('tomato'), null), [self::entry('a', 'set_apart', '2026-09-01 10:00', ['lot' => 'one', 'part' => 'floated'])], new Practice);
        self::assertSame([CleaningTask::Rinse], self::wanted($floated));
        self::assertNull($floated->origin->year(), 'of what is set apart from nobody knows what, nothing is known');
    }

    public function test_poured_together_of_two_lots_of_one_year_it_is_of_that_year(): void
    {
        $picked = static fn (string $at): LotCourse => LotCourse::fold(new LotFacts('L1', self::crop('kale'), null), [self::entry('a', 'picked', $at, ['plants' => 3, 'fruits' => 9])], new Practice);
        foreach (['2026-09-30 10:00' => 2026, '2025-09-30 10:00' => null] as $other => $year) {
            $facts = new LotFacts('L3', self::crop('kale'), null, sources: ['one' => new Source(null, $picked('2026-08-20 10:00')->origin), 'two' => new Source(null, $picked($other)->origin)]);
            $course = LotCourse::fold($facts, [self::entry('a', 'poured_together', '2026-11-01 10:00', ['lot' => 'one', 'other' => 'two'])], new Practice);
            self::assertSame($year, $course->origin->year(), $other);
        }
    }

    public function test_more_than_there_was_cannot_be_set_apart_nor_what_has_not_come_about(): void
    {
        $diary = self::threshed();
        foreach ([['light', 900.0, 'mass_g', '820'], ['floated', 5.0, 'kind', 'water']] as [$part, $grams, $at, $says]) {
            try {
                $diary->record('set_apart', '2026-09-01 10:00', ['lot' => 'L1', 'part' => $part, 'mass_g' => $grams], 'lot');
                self::fail($part);
            } catch (Refused $refused) {
                self::assertSame($at, $refused->path);
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
        $diary->record('set_apart', '2026-09-01 10:00', ['lot' => 'L1', 'part' => 'light', 'mass_g' => 40.0], 'lot');
        self::assertCount(1, $diary->course()->cleaning->parts);
    }

    /** Whatever is weighed of it, in whatever order it comes in: of dry seed no more comes out than went in. */
    #[DataProvider('keepers')]
    public function test_dry_fractions_add_up(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $diary = self::threshed();
        $at = new \DateTimeImmutable('2026-09-01 10:00');
        for ($pass = 0; $pass < 6; $pass++) {
            $grams = static fn (): ?float => [null, $chance->getInt(1, 900) * 1.0][$chance->getInt(0, 1)];
            [$kind, $payload] = $chance->getInt(0, 3) === 0 ? ['threshed', ['mass_g' => $grams()]] : ['winnowed', ['mass_g' => $grams(), 'light_g' => $grams(), 'chaff_g' => $grams()]];
            $before = $diary->course()->cleaning;
            try {
                $diary->record($kind, $at->modify("+$pass hours")->format('Y-m-d H:i'), $payload);
            } catch (Refused) {
                continue;
            }
            if ($kind === 'winnowed' && $before->massOut !== null) {
                self::assertLessThanOrEqual(1.02 * ($before->massOut + $before->caught), ($payload['mass_g'] ?? 0.0) + ($payload['light_g'] ?? 0.0) + ($payload['chaff_g'] ?? 0.0));
            }
        }
        $cleaning = $diary->course()->cleaning;
        self::assertLessThanOrEqual(1.0, $cleaning->cleanShare() ?? 1.0);
        self::assertSame($cleaning->massOut, $diary->shuffled()->cleaning->massOut);
    }

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    private static function threshed(): Diary
    {
        $diary = new Diary(self::crop('kale'), '2025-07-01');
        $diary->record('picked', '2026-08-20 10:00', ['plants' => 10, 'fruits' => 400, 'mass_g' => 3000]);
        $diary->record('threshed', '2026-08-30 10:00', ['mass_g' => 820]);

        return $diary;
    }

    /** @return list<object> */
    private static function wanted(LotCourse $course): array
    {
        return array_map(static fn ($task): object => $task->kind, $course->tasks());
    }
}
