<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\LineWords;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Selection\LineReason;
use Marrow\Core\Selection\LineStanding;
use Marrow\Core\Statistics\Interval;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How true a line is, as it is read. */
final class LineWordsTest extends TestCase
{
    /** @return iterable<string, array{LineStanding, string}> */
    public static function standings(): iterable
    {
        $known = static fn (LineWord $word, float $share, float $high): LineStanding => new LineStanding($word, $share, new Interval(0.0, $high), []);
        yield 'clean' => [$known(LineWord::Clean, 0.006, 0.024), 'Clean, by what is recorded: about 0.6 % of its plants off-type, at most 2.4 %.'];
        yield 'near clean' => [$known(LineWord::NearClean, 0.017, 0.046), 'Near clean, by what is recorded: about 1.7 % of its plants off-type, at most 4.6 %.'];
        yield 'doubtful' => [$known(LineWord::Doubtful, 0.05, 0.12), 'Doubtful, by what is recorded: about 5 % of its plants off-type, at most 12 %.'];
        yield 'not known, and nothing looked over' => [new LineStanding(LineWord::NotKnown, null, null, []), 'How true it is, nobody knows.'];
        yield 'not known, and too few looked over' => [$known(LineWord::NotKnown, 0.016, 0.062), 'How true it is, nobody knows yet: about 1.6 % of its plants off-type, at most 6.2 % by what was looked over.'];
        yield 'crossed' => [new LineStanding(LineWord::Crossed, null, null, []), 'Crossed.'];
    }

    #[DataProvider('standings')]
    public function test_the_word_stands_with_its_figures(LineStanding $line, string $says): void
    {
        self::assertSame($says, self::plain(LineWords::sentence($line)));
    }

    /** @return iterable<string, array{LineReason, array<string, float|int|string>, string}> */
    public static function reasons(): iterable
    {
        yield 'made' => [LineReason::Made, ['word' => 'hybrid'], 'That is what its variety is kept as.'];
        yield 'crossing' => [LineReason::Crossing, [], 'Off-types came up in what was grown from it, or from what it descends from.'];
        yield 'on purpose' => [LineReason::CrossOnPurpose, [], 'It was pollinated with another variety, on purpose.'];
        yield 'elsewhere' => [LineReason::CameFromElsewhere, [], 'It came from elsewhere: how it was kept apart there is not on record here.'];
        yield 'mixed' => [LineReason::Mixed, [], 'It was poured together: it is as true as the worst of what went into it.'];
        yield 'parents' => [LineReason::Parents, ['word' => 'near clean', 'share' => 0.012], 'What it was grown from is near clean: about 1.2 % off-type.'];
        yield 'parents looked over' => [LineReason::ParentsLookedOver, ['off' => 1, 'seen' => 60], 'Of the plants that it was picked from, 1 of 60 plants looked over were off-type.'];
        yield 'parents not known' => [LineReason::ParentsNotKnown, [], 'How true its parents were is not known, and none of them were looked over.'];
        yield 'taken out' => [LineReason::TakenOut, ['share' => 0.4], 'Of the off-types among them about 40 % were pulled before anything bloomed (a round is taken to meet 80 % of what differs).'];
        yield 'by hand' => [LineReason::ByHand, ['share' => 0.005], 'Only flowers that were shut and pollinated by hand: 0.5 % strange pollen is taken to get in all the same.'];
        yield 'kept apart' => [LineReason::KeptApart, ['share' => 0.03], 'As it was kept apart, up to 3 % of its seed can be of strange pollen.'];
        yield 'own beside' => [LineReason::OwnBeside, ['share' => 0.4, 'which' => 'P3 Bell Buoy'], 'P3 Bell Buoy bloomed in this garden meanwhile, and crosses with it. How far away is not on record: right beside it, up to 40 % of its seed can be of that. Look round it, and say how far.'];
        yield 'selfs' => [LineReason::Selfs, ['share' => 0.02], 'It nearly always pollinates itself: with another variety right beside it about 2 % of its seed would be crossed.'];
        yield 'isolation not known' => [LineReason::IsolationNotKnown, [], 'What stood round it in bloom, and whether anything kept strange pollen out, is not on record.'];
        yield 'sister' => [LineReason::SisterCrossed, ['lot' => 'L3', 'off' => 9, 'seen' => 40], 'L3, of the same bloom, turned out crossed (9 of 40 plants): the same pollen was on this one.'];
        yield 'grown out' => [LineReason::GrownOut, ['off' => 0, 'seen' => 30], 'Grown out, 0 of 30 plants were off-type. A look is taken to meet 80 % of what differs; what is recessive shows a generation later.'];
        yield 'not grown out' => [LineReason::NotGrownOut, [], 'None of it has been grown out and looked over.'];
    }

    /** @param  array<string, float|int|string>  $figures */
    #[DataProvider('reasons')]
    public function test_each_reason_is_a_sentence(LineReason $reason, array $figures, string $says): void
    {
        self::assertSame([$says], array_map(self::plain(...), LineWords::reasons(new LineStanding(LineWord::Clean, null, null, [[$reason, $figures]]))));
    }

    public function test_what_differed_and_was_judged_strays_is_said_as_that(): void
    {
        $says = static fn (int $off, int $strays): string => self::plain(LineWords::reasons(new LineStanding(LineWord::Clean, null, null, [[LineReason::GrownOut, ['off' => $off, 'seen' => 30, 'strays' => $strays]]]))[0]);
        self::assertStringStartsWith('Grown out, 5 of 30 plants differed, judged strays.', $says(0, 5));
        self::assertSame('Grown out, 2 of 30 plants were off-type, and 5 differed that were judged strays.', $says(2, 5));
    }

    public function test_too_few_that_were_looked_over_are_said_to_be_too_few(): void
    {
        self::assertSame(['Of the plants that it was picked from, 0 of 5 plants looked over were off-type: too few to say more.'], array_map(self::plain(...), LineWords::reasons(new LineStanding(LineWord::NotKnown, null, null, [[LineReason::ParentsLookedOver, ['off' => 0, 'seen' => 5, 'few' => 1]]]))));
    }

    public function test_no_reason_is_left_without_words(): void
    {
        self::assertSame(LineReason::cases(), array_values(array_map(static fn (array $one): LineReason => $one[0], iterator_to_array(self::reasons()))));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
