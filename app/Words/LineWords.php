<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Selection\LineReason;
use Marrow\Core\Selection\LineStanding;
use Marrow\Core\Selection\LineTrueness;

/** How true a lot is, in a sentence, and what that rests on. */
final class LineWords
{
    public static function sentence(LineStanding $line): string
    {
        $band = $line->band;
        $figure = $band === null || $line->share === null ? '' : sprintf('about %s of its plants off-type, at most %s', Quantity::finePercent($line->share), Quantity::finePercent($band->high));

        return match ($line->word) {
            LineWord::NotKnown => $figure === '' ? 'How true it is, nobody knows.' : "How true it is, nobody knows yet: $figure by what was looked over.",
            LineWord::Clean => "Clean, by what is recorded: $figure.",
            LineWord::NearClean => "Near clean, by what is recorded: $figure.",
            LineWord::Doubtful => 'Doubtful, by what is recorded: '.($figure === '' ? 'some of its plants may be off-type' : $figure).'.',
            LineWord::Crossed => 'Crossed.',
            LineWord::Hybrid => 'A hybrid: what is sown of its own seed will be of many kinds.',
            LineWord::Mixing => 'Mixed on purpose: it is not meant to be of one kind.',
            LineWord::NotFixed => 'Still being made stable: some of its plants will differ.',
        };
    }

    /** @return list<string> a sentence for each */
    public static function reasons(LineStanding $line): array
    {
        return array_map(static fn (array $reason): string => self::reason($reason[0], $reason[1]), $line->reasons);
    }

    /** @param  array<string, float|int|string>  $figures */
    private static function reason(LineReason $reason, array $figures): string
    {
        $share = Quantity::finePercent((float) ($figures['share'] ?? 0.0));
        $plants = sprintf('%d of %s', $figures['off'] ?? 0, Quantity::number((int) ($figures['seen'] ?? 0), 'plant'));

        return match ($reason) {
            LineReason::Made => 'That is what its variety is kept as.',
            LineReason::Crossing => 'Off-types came up in what was grown from it, or from what it descends from.',
            LineReason::CrossOnPurpose => 'It was pollinated with another variety, on purpose.',
            LineReason::CameFromElsewhere => 'It came from elsewhere: how it was kept apart there is not on record here.',
            LineReason::Mixed => 'It was poured together: it is as true as the worst of what went into it.',
            LineReason::Parents => sprintf('What it was grown from is %s: about %s off-type.', $figures['word'] ?? '', $share),
            LineReason::ParentsLookedOver => "Of the plants that it was picked from, $plants looked over were off-type".(($figures['few'] ?? 0) === 1 ? ': too few to say more.' : '.'),
            LineReason::ParentsNotKnown => 'How true its parents were is not known, and none of them were looked over.',
            LineReason::TakenOut => sprintf('Of the off-types among them about %s were pulled before anything bloomed (a round is taken to meet %s of what differs).', $share, Quantity::finePercent(LineTrueness::MEETS)),
            LineReason::ByHand => "Only flowers that were shut and pollinated by hand: $share strange pollen is taken to get in all the same.",
            LineReason::OwnBeside => sprintf('%s bloomed in this garden meanwhile, and crosses with it. How far away is not on record: right beside it, up to %s of its seed can be of that. Look round it, and say how far.', $figures['which'] ?? '', $share),
            LineReason::KeptApart => "As it was kept apart, up to $share of its seed can be of strange pollen.",
            LineReason::Selfs => "It nearly always pollinates itself: with another variety right beside it about $share of its seed would be crossed.",
            LineReason::IsolationNotKnown => 'What stood round it in bloom, and whether anything kept strange pollen out, is not on record.',
            LineReason::SisterCrossed => sprintf('%s, of the same bloom, turned out crossed (%s): the same pollen was on this one.', $figures['lot'] ?? '', $plants),
            LineReason::GrownOut => self::grownOut($plants, (int) ($figures['off'] ?? 0), (int) ($figures['seen'] ?? 0), (int) ($figures['strays'] ?? 0)),
            LineReason::NotGrownOut => 'None of it has been grown out and looked over.',
        };
    }

    /** What differs in one gene that the other hides is off-type all the same, and comes up a generation later. */
    private static function grownOut(string $plants, int $off, int $seen, int $strays): string
    {
        $said = match (true) {
            $strays === 0 => "Grown out, $plants were off-type.",
            $off === 0 => sprintf('Grown out, %d of %s differed, judged strays.', $strays, Quantity::number($seen, 'plant')),
            default => sprintf('Grown out, %s were off-type, and %d differed that were judged strays.', $plants, $strays),
        };

        return $said.($off === 0 ? sprintf(' A look is taken to meet %s of what differs; what is recessive shows a generation later.', Quantity::finePercent(LineTrueness::MEETS)) : '');
    }
}
