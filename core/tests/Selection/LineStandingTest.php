<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Selection;

use Marrow\Core\Botany\LineWord;
use Marrow\Core\Selection\LineReason;
use Marrow\Core\Selection\LineRecord;
use Marrow\Core\Selection\LineStanding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How true a lot is by what is on record of it. Shares and limits by R: qbeta(0.95, ½ + off, ½ + seen − off)/0.8, and eight million draws of parents, pollen and looks. */
final class LineStandingTest extends TestCase
{
    /** @return iterable<string, array{LineRecord, LineWord, ?float, ?float}> */
    public static function records(): iterable
    {
        yield 'of an outcrosser with nothing on record nobody knows' => [new LineRecord(null, 0.6), LineWord::NotKnown, null, null];
        yield 'bought seed, thirty grown and none strange: too few to say' => [new LineRecord(null, 0.6, elsewhere: true, seen: 30), LineWord::NotKnown, 0.020161290, 0.076895906];
        yield 'fifty grown and none strange' => [new LineRecord(null, 0.6, elsewhere: true, seen: 50), LineWord::NearClean, 0.012254902, 0.046876419];
        yield 'one of thirty is a suspicion' => [new LineRecord(null, 0.6, elsewhere: true, off: 1, seen: 30), LineWord::Doubtful, 0.060483871, 0.153872211];
        yield 'two of five look like a crossing; only what shows one is called that' => [new LineRecord(null, 0.6, elsewhere: true, off: 2, seen: 5), LineWord::Doubtful, 0.520833333, 0.924207864];
        yield 'what was shown to be crossed' => [new LineRecord(null, 0.6, shown: true, seen: 90), LineWord::Crossed, null, null];
        yield 'parents that were looked over, pollinated by hand' => [new LineRecord(null, 0.6, parentsSeen: 60, byHand: true), LineWord::NearClean, 0.01520, 0.03613];
        yield 'and thirty of it grown out clean' => [new LineRecord(null, 0.6, parentsSeen: 60, byHand: true, seen: 30), LineWord::NearClean, 0.01293, 0.03003];
        yield 'or one of them strange' => [new LineRecord(null, 0.6, parentsSeen: 60, byHand: true, off: 1, seen: 30), LineWord::NearClean, 0.01893, 0.04081];
        yield 'of off-types pulled before bloom fewer are parents' => [new LineRecord(null, 0.6, parentsSeen: 60, takenOut: 0.8, byHand: true), LineWord::Clean, 0.00704, 0.01820];
        yield 'what selfs needs no isolation on record' => [new LineRecord(null, 0.02, parentsSeen: 60), LineWord::Doubtful, 0.03004, 0.06336];
        yield 'what outcrosses does' => [new LineRecord(null, 0.6, parentsSeen: 40), LineWord::NotKnown, null, null];
        yield 'pollinated with another variety' => [new LineRecord(null, 0.6, parentsSeen: 40, byHand: true, onPurpose: true), LineWord::Crossed, null, null];
        yield 'strange pollen alone is too much, whatever its parents were' => [new LineRecord(null, 0.6, crossed: 0.26), LineWord::Doubtful, 0.25741, 0.62385];
        yield 'and none of thirty seen of it says less, and not that it is clean' => [new LineRecord(null, 0.6, crossed: 0.26, seen: 30), LineWord::Doubtful, 0.08539, 0.16047];
        yield 'but two hundred do' => [new LineRecord(null, 0.6, crossed: 0.26, seen: 200), LineWord::Clean, 0.003109453, 0.011932571];
        yield 'a little of it says nothing of parents nobody knows' => [new LineRecord(null, 0.6, crossed: 0.01), LineWord::NotKnown, null, null];
        yield 'another lot of its bloom is crossed' => [new LineRecord(null, 0.6, elsewhere: false, sister: 'L3', sisterOff: 9, sisterSeen: 40), LineWord::Doubtful, 0.289634146, 0.4324694];
        yield 'and sixty of it, none strange' => [new LineRecord(null, 0.6, crossed: 0.0, parentsSeen: 200, seen: 60, sister: 'L3', sisterOff: 1, sisterSeen: 40), LineWord::Clean, 0.00545, 0.01347];
        yield 'a hybrid is one however well it was kept' => [new LineRecord(LineWord::Hybrid, 0.02, parentsSeen: 90, byHand: true), LineWord::Hybrid, null, null];
    }

    #[DataProvider('records')]
    public function test_the_word_and_the_share_follow_what_is_on_record(LineRecord $record, LineWord $word, ?float $share, ?float $high): void
    {
        $line = LineStanding::of($record);
        self::assertSame($word, $line->word);
        if ($share === null) {
            self::assertNull($line->share);
        } else {
            self::assertEqualsWithDelta($share, $line->share, 0.01 * $share);
            self::assertEqualsWithDelta($high, $line->band?->high, 0.04 * (float) $high);
        }
        self::assertNotSame([], $line->reasons, 'it always says what it rests on');
    }

    public function test_a_line_goes_by_the_lot_before_it_and_poured_together_by_the_worst(): void
    {
        $clean = LineStanding::of(new LineRecord(null, 0.6, elsewhere: true, seen: 200));
        $doubtful = LineStanding::of(new LineRecord(null, 0.6, elsewhere: true, off: 3, seen: 60));
        $unknown = LineStanding::of(new LineRecord(null, 0.6, elsewhere: true));
        $child = static fn (LineStanding $of): LineStanding => LineStanding::of(new LineRecord(null, 0.6, parents: $of, byHand: true));
        self::assertSame([LineWord::Clean, LineWord::Clean], [$clean->word, $child($clean)->word]);
        self::assertGreaterThan($doubtful->share, $child($doubtful)->share);
        self::assertSame(LineWord::NotKnown, $child($unknown)->word, 'however well it was pollinated');
        $mix = static fn (LineStanding ...$of): LineStanding => LineStanding::of(new LineRecord(null, 0.6, mixed: array_values($of)));
        self::assertEqualsWithDelta($doubtful->share, $mix($clean, $doubtful)->share, 1e-5);
        self::assertSame(LineWord::NotKnown, $mix($clean, $unknown)->word);
    }

    public function test_more_clean_plants_never_make_it_worse_and_more_strange_ones_never_better(): void
    {
        $order = [LineWord::Clean, LineWord::NearClean, LineWord::Doubtful, LineWord::Crossed];
        foreach ([null, 0.001, 0.02, 0.3] as $crossed) {
            $last = PHP_INT_MAX;
            foreach ([10, 40, 100, 400, 2000] as $seen) {
                $line = LineStanding::of(new LineRecord(null, 0.6, parentsSeen: 60, crossed: $crossed, off: 0, seen: $seen));
                $at = $line->word === LineWord::NotKnown ? 9 : array_search($line->word, $order, true);
                self::assertLessThanOrEqual($last, $at);
                $last = $at;
            }
            $shares = array_map(static fn (int $off): ?float => LineStanding::of(new LineRecord(null, 0.6, parentsSeen: 60, crossed: $crossed, off: $off, seen: 50))->share, range(0, 10));
            $sorted = $shares;
            sort($sorted);
            self::assertSame($sorted, $shares);
        }
    }

    public function test_what_is_not_on_record_is_named(): void
    {
        $reasons = array_column(LineStanding::of(new LineRecord(null, 0.6))->reasons, 0);
        self::assertSame([LineReason::ParentsNotKnown, LineReason::IsolationNotKnown, LineReason::NotGrownOut], $reasons);
    }
}
