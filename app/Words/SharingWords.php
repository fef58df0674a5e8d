<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Botany\Caution;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\Sharing;

/** Why a lot may be passed on or is kept back, and what whoever takes it must know. */
final class SharingWords
{
    /** Said once, where seed is about to leave the garden. */
    public const RULES = 'Rules on passing seed on differ from place to place: seed law, variety rights, plant health (some seed may not cross a border without papers), and lists of invasive plants. Ask where you live, and where it goes.';

    /** What is dangerous to people goes with the seed wherever it goes. */
    private const GOES_WITH_IT = [Caution::ToxicSeed, Caution::ToxicPlant, Caution::ToxicBerries, Caution::RawBeans, Caution::PoisonousBeans, Caution::CyanideBeans, Caution::Favism, Caution::BitterCucurbit, Caution::Ergot, Caution::PoppySap];

    public static function why(Sharing $sharing, LotCourse $lot): string
    {
        return match ($sharing) {
            Sharing::Fine => '',
            Sharing::Untested => 'not tested',
            Sharing::Terms => 'It came with terms: '.($lot->origin->received->terms ?? '').'.',
            Sharing::Crossed => 'Crossed: what is grown from it is not this variety.',
            Sharing::MayBeCrossed => 'Another lot of the same bloom turned out crossed: grow some of it out first.',
            Sharing::Hybrid => 'A hybrid: what is saved of it does not come true. Whether it may be passed on depends on where you live.',
            Sharing::Damp => 'Too damp to travel: it moulds on the way.',
            Sharing::Treated => 'Treated seed: only in its own packet, with what stands on it.',
            Sharing::Poor => 'Its last test came out below what is worth passing on.',
            Sharing::Stale => 'It may have fallen low since it was tested: test it first.',
            Sharing::Old => 'Never tested, and older than its kind usually lasts: test it first.',
            Sharing::NotCounted => 'Nobody knows how much there is.',
            Sharing::NoneToSpare => 'Nothing to spare beyond its packets and the reserve.',
            Sharing::KeptAlive => 'Kept alive, not as seed: plant health rules often forbid passing it on.',
        };
    }

    /** What whoever takes it must know. */
    public static function goesWith(Sharing $sharing, LotCourse $lot, LineWord $line = LineWord::NotKnown): string
    {
        $true = match ($line) {
            LineWord::Clean => 'Clean line, by what is recorded.',
            LineWord::NearClean => 'Near clean line, by what is recorded.',
            LineWord::Doubtful => 'Doubtful line: some of its plants may be off-type.',
            LineWord::Crossed => 'A cross of two varieties.',
            LineWord::Mixing => 'Mixed on purpose.',
            LineWord::NotFixed => 'Still being made stable.',
            LineWord::NotKnown => 'How true it is is not known.',
            LineWord::Hybrid => '',
        };
        $cautions = array_filter($lot->cautions(), static fn (Caution $caution): bool => in_array($caution, self::GOES_WITH_IT, true));

        return implode(' ', [...($sharing === Sharing::Untested ? ['Not tested.'] : []), ...($true === '' ? [] : [$true]), ...array_map(CautionWords::text(...), $cautions)]);
    }
}
