<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Selection;

use Marrow\Core\Botany\LineWord;
use Marrow\Core\Selection\LineReason;
use Marrow\Core\Selection\LineRecord;
use Marrow\Core\Selection\LineStanding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How true a lot is by what is on record of it. Shares and limits by R's qbeta. */
final class LineStandingTest extends TestCase
{
    /** @return iterable<string, array{LineRecord, LineWord, ?float, ?float}> */
    public static function records(): iterable
    {
        yield 'of an outcrosser with nothing on record nobody knows' => [new LineRecord(null, 0.6), LineWord::NotKnown, null, null];
        yield 'bought seed, thirty grown and none strange: too few to say' => [new LineRecord(null, 0.6, elsewhere: true, seen: 30), LineWord::NotKnown, 0.016129032, 0.061516725];
        yield 'forty grown and none strange' => [new LineRecord(null, 0.6, elsewhere: true, seen: 40), LineWord::NearClean, 0.012195122, 0.046597283];
        yield 'one of thirty is a suspicion' => [new LineRecord(null, 0.6, elsewhere: true, off: 1, seen: 30), LineWord::Doubtful, 0.048387097, 0.12309777];
        yield 'two of five look like a crossing; only what shows one is called that' => [new LineRecord(null, 0.6, elsewhere: true, off: 2, seen: 5), LineWord::Doubtful, 0.41666667, 0.73936629];
        yield 'what was shown to be crossed' => [new LineRecord(null, 0.6, shown: true, seen: 90), LineWord::Crossed, null, null];
        yield 'parents that were looked over, pollinated by hand' => [new LineRecord(null, 0.6, parentsSeen: 40, byHand: true), LineWord::NearClean, 0.0171341463, 0.0456282396];
        yield 'and thirty of it grown out clean' => [new LineRecord(null, 0.6, parentsSeen: 40, byHand: true, seen: 30), LineWord::NearClean, 0.0124611973, 0.0332603924];
        yield 'or one of them strange' => [new LineRecord(null, 0.6, parentsSeen: 40, byHand: true, off: 1, seen: 30), LineWord::NearClean, 0.0215521064, 0.0480547717];
        yield 'of off-types pulled before bloom fewer are parents' => [new LineRecord(null, 0.6, parentsSeen: 40, takenOut: 0.8, byHand: true), LineWord::NearClean, 0.00742682927, 0.0267249134];
        yield 'what selfs needs no isolation on record' => [new LineRecord(null, 0.02, parentsSeen: 40), LineWord::Doubtful, 0.0319512195, 0.0693560209];
        yield 'what outcrosses does' => [new LineRecord(null, 0.6, parentsSeen: 40), LineWord::NotKnown, null, null];
        yield 'pollinated with another variety' => [new LineRecord(null, 0.6, parentsSeen: 40, byHand: true, onPurpose: true), LineWord::Crossed, null, null];
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
            self::assertEqualsWithDelta($share, $line->share, 1e-8);
            self::assertEqualsWithDelta($high, $line->band?->high, 1e-7);
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
        self::assertEqualsWithDelta($doubtful->share, $mix($clean, $doubtful)->share, 1e-9);
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
