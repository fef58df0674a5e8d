<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Selection;

use Marrow\Core\Botany\LineWord;
use Marrow\Core\Selection\LineRecord;
use Marrow\Core\Selection\LineStanding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of every line, whatever is on record of it. */
final class LineStandingPropertiesTest extends TestCase
{
    /** From the truest on. */
    private const ORDER = [LineWord::Clean, LineWord::NearClean, LineWord::Doubtful, LineWord::Crossed];

    /** @return iterable<string, array{array<string, mixed>}> what is on record */
    public static function records(): iterable
    {
        $chance = new Randomizer(new Mt19937(77));
        $share = static fn (): float => $chance->getInt(0, 1000) / 1000;
        for ($n = 0; $n < 60; $n++) {
            $seen = $chance->getInt(0, 3) === 0 ? 0 : $chance->getInt(1, 300);
            $parentsSeen = $chance->getInt(0, 1) * $chance->getInt(1, 200);
            yield "record $n" => [[
                'made' => null,
                'selfing' => $share(),
                'elsewhere' => $chance->getInt(0, 5) === 0,
                'parents' => $chance->getInt(0, 1) === 0 ? null : LineStanding::of(new LineRecord(null, 0.02, off: $chance->getInt(0, 3), seen: $chance->getInt(20, 200))),
                'parentsSeen' => $parentsSeen,
                'parentsOff' => min($parentsSeen, $chance->getInt(0, 4)),
                'takenOut' => [0.0, 0.5, 0.8, 1.0][$chance->getInt(0, 3)],
                'crossed' => $chance->getInt(0, 1) === 0 ? null : $share() / 4,
                'byHand' => $chance->getInt(0, 4) === 0,
                'seen' => $seen,
                'off' => $seen === 0 ? 0 : min($seen, $chance->getInt(0, 4)),
            ]];
        }
    }

    /** @param  array<string, mixed>  $record */
    #[DataProvider('records')]
    public function test_a_share_is_a_share_within_its_band_and_the_word_goes_by_the_upper_limit(array $record): void
    {
        $line = LineStanding::of(new LineRecord(...$record));
        self::assertNotSame([], $line->reasons, 'every word has its reasons');
        if ($line->share !== null) {
            self::assertGreaterThanOrEqual(0.0, $line->band?->low);
            self::assertLessThanOrEqual(1.0, $line->band?->high);
            self::assertLessThanOrEqual(($line->band->high ?? 0.0) + 1e-9, $line->share);
            self::assertGreaterThanOrEqual(($line->band->low ?? 1.0) - 1e-9, $line->share);
        }
        match ($line->word) {
            LineWord::Clean => self::assertLessThanOrEqual(0.025, $line->band?->high),
            LineWord::NearClean => self::assertLessThanOrEqual(0.05, $line->band?->high),
            LineWord::Doubtful => self::assertGreaterThan(0.05, $line->band?->high),
            default => self::assertSame(LineWord::NotKnown, $line->word, 'crossed is what plants show or the keeper says, never a reckoning'),
        };
    }

    /** @param  array<string, mixed>  $record */
    #[DataProvider('records')]
    public function test_more_plants_looked_over_that_are_all_true_make_no_line_worse(array $record): void
    {
        $before = self::rank(LineStanding::of(new LineRecord(...$record)));
        foreach ([1, 20, 500] as $more) {
            $after = self::rank(LineStanding::of(new LineRecord(...[...$record, 'seen' => $record['seen'] + $more])));
            self::assertTrue($before === null || ($after !== null && $after <= $before), "$more more");
        }
    }

    /** @param  array<string, mixed>  $record */
    #[DataProvider('records')]
    public function test_more_off_types_among_as_many_make_no_line_better(array $record): void
    {
        $last = -1;
        for ($off = $record['off']; $off <= min($record['seen'], $record['off'] + 6); $off++) {
            $rank = self::rank(LineStanding::of(new LineRecord(...[...$record, 'off' => $off])));
            if ($rank !== null) {
                self::assertGreaterThanOrEqual($last, $rank);
                $last = $rank;
            }
        }
        self::assertGreaterThanOrEqual(-1, $last);
    }

    /** @param  array<string, mixed>  $record */
    #[DataProvider('records')]
    public function test_what_plants_show_and_what_the_keeper_meant_outweighs_all_figures(array $record): void
    {
        self::assertSame(LineWord::Crossed, LineStanding::of(new LineRecord(...[...$record, 'shown' => true]))->word);
        self::assertSame(LineWord::Crossed, LineStanding::of(new LineRecord(...[...$record, 'onPurpose' => true]))->word);
        foreach ([LineWord::Hybrid, LineWord::Mixing, LineWord::NotFixed] as $made) {
            self::assertSame($made, LineStanding::of(new LineRecord(...[...$record, 'made' => $made, 'shown' => true]))->word);
        }
    }

    /** @param  array<string, mixed>  $record */
    #[DataProvider('records')]
    public function test_strange_pollen_and_unpulled_parents_make_no_line_better(array $record): void
    {
        $of = static fn (array $change): ?int => self::rank(LineStanding::of(new LineRecord(...[...$record, ...$change])));
        [$apart, $near] = [$of(['crossed' => 0.001, 'byHand' => false]), $of(['crossed' => 0.3, 'byHand' => false])];
        self::assertTrue($apart === null || $near === null || $apart <= $near);
        [$pulled, $left] = [$of(['takenOut' => 1.0]), $of(['takenOut' => 0.0])];
        self::assertTrue($pulled === null || $left === null || $pulled <= $left);
    }

    /** @return ?int the smaller, the truer; null where it is not known */
    private static function rank(LineStanding $line): ?int
    {
        $rank = array_search($line->word, self::ORDER, true);

        return is_int($rank) ? $rank : null;
    }
}
