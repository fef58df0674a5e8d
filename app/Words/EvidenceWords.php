<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Drying\BalanceGround;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\HandSign;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Drying\Witness;

/** How dry seed is by what is known, what decides that, and what speaks against it. */
final class EvidenceWords
{
    public const DRY_OUTSIDE = 'It was wet less than three days ago: dry outside, it may still be damp inside.';

    /** Per cent of wet mass; so dry no seed comes in a room. */
    private const NOTHING = 1.0;

    /** @param  float  $enough  per cent of wet mass at which it may be closed in tight */
    public static function sentence(Evidence $evidence, float $enough): string
    {
        $is = self::range($evidence);
        $wanted = Quantity::moisture($enough);

        return match (true) {
            $evidence->isDryEnough($enough) => "Dry enough for a jar: $is; $wanted or less is.",
            $evidence->decidedBy === Witness::Air => "Not known to be dry: by the air it lies in $is; $wanted or less is wanted for a jar.",
            $evidence->low > $enough => "Not dry enough for a jar: $is; $wanted or less is.",
            $evidence->isProbablyDry($enough) => "Probably dry enough for paper or cloth: $is. For a jar ($wanted or less) close it in one for a day and look for mist.",
            $evidence->decidedBy->isGuess() => "Not known to be dry: $is; $wanted or less is wanted for a jar. Try another sign, or close it in a jar for a day.",
            default => "It may be dry enough for a jar, or not quite: $is; $wanted or less is.",
        };
    }

    /** "5.2 to 7.9 %", "at most 7.9 %", "at least 10.1 %", "6.4 %" */
    public static function range(Evidence $evidence): string
    {
        return match (true) {
            $evidence->isOpen() => 'at least '.Quantity::moisture($evidence->low),
            $evidence->decidedBy === Witness::Weight || $evidence->decidedBy === Witness::Jar => Quantity::moisture((float) $evidence->moisture),
            $evidence->low <= self::NOTHING => 'at most '.Quantity::moisture($evidence->high),
            default => sprintf('%.1f to %s', $evidence->low, Quantity::moisture($evidence->high)),
        };
    }

    public static function by(Witness $by): string
    {
        return match ($by) {
            Witness::Weight => 'Its weight decides, from the moisture it began with.',
            Witness::Jar => 'The hygrometer in the jar decides.',
            Witness::Card => 'The card in the jar decides, by its damp end.',
            Witness::RoughJar => 'The jar says less than it could: half full or more, shut for a day and evenly warm it would be nearer.',
            Witness::Signs => 'The hand alone tells damp from dry, and hardly dry from dry enough.',
            Witness::Air => 'Nobody looked: this goes by the air it lies in, and by how long it has.',
        };
    }

    /**
     * "It snaps, which does not go with that: close it in a jar for a day and read again."
     *
     * @param  list<Witness|SignResult>  $against
     */
    public static function against(array $against): string
    {
        if ($against === []) {
            return '';
        }
        $said = array_map(static fn (Witness|SignResult $one): string => $one instanceof SignResult ? $one->label() : match ($one) {
            Witness::Weight => 'its weight says otherwise',
            Witness::Jar => 'a jar said otherwise',
            Witness::Card => 'the card says otherwise',
            Witness::RoughJar => 'another jar said otherwise',
            Witness::Signs => 'the hand says otherwise',
            Witness::Air => 'the air it lies in would not make it so by now',
        }, $against);
        $last = array_pop($said);

        return sprintf('%s, which does not go with that: close it in a jar for a day and read again.', ucfirst($said === [] ? $last : implode(', ', $said)." and $last"));
    }

    public static function witness(string $word): Witness|SignResult
    {
        return Witness::tryFrom($word) ?? SignResult::from($word);
    }

    public static function sure(Witness $by, BalanceGround $ground): string
    {
        return match ($by) {
            Witness::Weight => 'As sure as the moisture it began with, which carries over more than one to one.',
            Witness::Jar => sprintf('Good to about %s %% either way, if the hygrometer is right.', Quantity::decimal($ground->within())),
            Witness::Card => 'A spot between its colours is good to 5 points of humidity either way.',
            Witness::RoughJar => 'Ten points of humidity either way: an assumption.',
            Witness::Signs, Witness::Air => 'Nine times in ten it is within that range, if hands and rooms are as Marrow takes them to be: nobody has measured how often such signs are right.',
        };
    }

    /** What each sign is called where it is asked. */
    public static function sign(HandSign $sign): string
    {
        return match ($sign) {
            HandSign::Snap => 'bend it: dry, it snaps',
            HandSign::Hammer => 'a hammer: dry, it shatters',
            HandSign::Teeth => 'a tooth: dry, it cracks',
            HandSign::SunJar => 'a sample in a closed jar in the sun: damp, there is mist on the glass',
            HandSign::Thumbnail => 'a thumbnail: dry, it leaves no mark',
            HandSign::Runs => 'it runs freely, and does not clump',
            HandSign::Rattles => 'it rattles',
        };
    }
}
