<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use App\Voice\Quantity;
use App\Words\EvidenceWords;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\BalanceGround;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Reckoning\EvidenceReckoning;
use Marrow\Core\Reckoning\WaterReckonings;

/** What moisture, air and a course of drying mean at the rack and the jar. */
final readonly class WaterJudgements implements Judges
{
    public static function families(): array
    {
        return ['moisture' => 'Drying', 'air' => 'Drying', 'drying' => 'Drying', 'desiccant' => 'Drying', 'card' => 'Drying'];
    }

    public function __construct(private CropReference $crops) {}

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'moisture.oven' => new Judgement(
                Quantity::moisture($asked->figure('moisture')).': '.self::meaning($asked->figure('moisture')).'.',
                self::LIMITS,
                'As sure as the scale: on a few grams of seed, a hundredth of a gram is a tenth of a per cent or more. Use two dishes; they should agree to half a per cent.',
                cautions: ['The oven and the dish are hot, and hot glass looks like cold. Seed that was in the oven is dead: do not put it back.'],
            ),
            'moisture.target_mass' => self::targetMass($asked),
            'moisture.now' => new Judgement(
                Quantity::moisture($asked->figure('moisture')).' now: '.self::meaning($asked->figure('moisture')).'.',
                'Only water has left since the first weighing, so the loss tells the moisture. '.self::LIMITS,
                'As sure as the moisture you started from: it carries over nearly one to one. Seed spilt since then reads as too dry.',
            ),
            'moisture.equilibrium' => new Judgement(
                sprintf('It settles at about %s: %s.', Quantity::moisture($asked->figure('moisture')), self::settled($asked->in->number('rh'))),
                sprintf('Air of %s at %s gives and takes until seed and air are in balance; oil holds no water, so oily seed settles lower.', Quantity::percent($asked->in->number('rh')), $asked->celsius($asked->in->number('temperature'))),
                $this->balance($asked).' Thick seed takes weeks to get there.',
            ),
            'moisture.seed_rh' => new Judgement(
                sprintf('A closed jar of it reads %s: %s.', Figures::about($asked->figure('rh')), self::jar($asked->figure('rh'))),
                'The little air in a closed jar takes on the dampness of the seed, within a day or so.',
                $this->balance($asked),
            ),
            'air.properties' => new Judgement(
                sprintf('Whatever is colder than %s gathers dew in this air.', $asked->celsius($asked->figure('dew_point'))),
                sprintf('Each cubic metre holds %s of water.', Figures::round($asked->figure('absolute_humidity'), 2)."\u{00A0}g"),
                'Good to a few tenths of a degree if the hygrometer is right; most are good to 3 to 5 % and want checking over damp salt.',
            ),
            'air.shift' => new Judgement(
                sprintf('At %s the same air is at %s: %s.', $asked->celsius($asked->in->number('to_temperature')), Quantity::percent($asked->figure('rh')), self::room($asked->figure('rh'))),
                'The water in it stays the same; warm air can hold more, so it is relatively drier.',
                'For air that is only warmed or cooled. Where people breathe, cook or hang washing, it is damper.',
            ),
            'air.opening' => self::opening($asked),
            'drying.curve' => self::curve($asked),
            'drying.room' => $this->stops($asked),
            'drying.evidence' => $this->evidence($asked),
            'card.reading' => self::card($asked),
            'drying.desiccant' => self::desiccant($asked),
            'desiccant.changes' => self::changes($asked),
            'desiccant.state' => self::state($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    /** Where drying stops in a room, and the way out; of what lies within the doubt of the balance nothing is asserted. */
    private function stops(Asked $asked): Judgement
    {
        [$stops, $enough] = [$asked->figure('stops_at'), $asked->figure('enough')];
        $within = $this->crops->get($asked->in->text('crop'))->balance->ground->within();
        $sentence = match (true) {
            $stops <= $enough - $within => 'It can: seed stops at %s here, and %s is enough.',
            $stops < $enough + $within => 'It may, or may not quite: seed stops at about %s here, and %s is enough.',
            default => 'It never will: seed stops at %s here, and %s is wanted.',
        };

        return new Judgement(
            sprintf($sentence, Quantity::moisture($stops), Quantity::moisture($enough)),
            $stops <= $enough - $within ? 'How long it takes depends on how thin it lies and how the air moves.' : sprintf('A room below %s could, or dry gel in a closed jar.', Quantity::percent($asked->figure('rh_needed'))),
            $this->balance($asked).' By the air as it is all day: nights are damper, and a hygrometer that is 5 points out moves it by about a per cent.',
        );
    }

    /** How dry seed is by all that is known; by the hand alone never more than probably. */
    private function evidence(Asked $asked): Judgement
    {
        $crop = $this->crops->get($asked->in->text('crop'));
        $evidence = EvidenceReckoning::weighed($crop, $asked->in);
        $isDampInside = $evidence->decidedBy === Witness::Signs && $asked->in->has('hours') && $asked->in->number('hours') < Evidence::DRY_WITHIN_HOURS;

        return new Judgement(
            $crop->jarMoisture === null ? sprintf('%s is not dried to be kept.', $crop->name) : EvidenceWords::sentence($evidence, $crop->jarMoisture),
            implode(' ', array_filter([EvidenceWords::by($evidence->decidedBy), EvidenceWords::against($evidence->against), $isDampInside ? EvidenceWords::DRY_OUTSIDE : ''])),
            EvidenceWords::sure($evidence->decidedBy, $crop->balance->ground),
        );
    }

    /** How wet a desiccant is, and whether it is worth putting in. */
    private static function state(Asked $asked): Judgement
    {
        $end = Quantity::percent($asked->in->number('rh_end'));
        if (! $asked->has('full_share')) {
            return new Judgement('It dries nothing.', 'Salt takes up water only from air above 75 %, in which seed moulds.', 'Known well, of clean salt.');
        }
        $full = $asked->figure('full_share');
        $water = $asked->figure('held') * $asked->in->number('dry_mass');

        return new Judgement(
            match (true) {
                $full < 1.0 => sprintf('It can still take up %s of water.', $asked->grams($asked->figure('can_take'))),
                $full < 1.05 => sprintf('It is full: it can bring no jar below %s.', $end),
                default => sprintf('It is too wet: in a jar below %s it would give water off.', $end),
            },
            sprintf('There are %s of water in it; at %s it holds %s.', $asked->grams($water), $end, $asked->grams($full > 1.0 ? $water / $full : $water + $asked->figure('can_take'))),
            match (true) {
                $asked->in->has('mass_now') => 'As sure as its dry weight; kinds differ by a third either way in what they can hold.',
                $asked->in->has('colour') => 'By its colour only roughly: gel turns somewhere between 20 and 40 % of humidity. Weigh it when it is freshly dried, and its weight tells more.',
                default => 'If it has stood in that air for a day; kinds differ by a third either way.',
            },
            cautions: [self::HOT],
        );
    }

    private static function card(Asked $asked): Judgement
    {
        [$low, $high] = [Quantity::percent($asked->figure('low')), Quantity::percent($asked->figure('high'))];

        return new Judgement(
            match (true) {
                $asked->has('rh') => sprintf('About %s in the jar.', Quantity::percent($asked->figure('rh'))),
                $asked->figure('low') <= 0.05 => sprintf('Below %s in the jar: the card tells no more.', $high),
                default => sprintf('Above %s in the jar: the card tells no more.', $low),
            },
            sprintf('Between %s and %s.', $low, $high),
            'Closed for a day, half full of seed at the least and evenly warm; else it tells of the air that was shut in with it. A card is spent when it no longer changes back.',
        );
    }

    /** How sure the moisture is that seed and air settle to. */
    private function balance(Asked $asked): string
    {
        $ground = WaterReckonings::balance($asked->in, $this->crops)->ground;
        $within = sprintf("a real lot lies within about %s\u{00A0}%% of moisture.", Quantity::decimal($ground->within()));

        return match ($ground) {
            BalanceGround::Measured => "Measured of this species (Harrington 1960): $within",
            BalanceGround::Genus => "Measured of others of its genus (Harrington 1960): $within",
            BalanceGround::Usual => "Marrow has no measurement of this crop; as vegetable seed usually has it, $within",
            BalanceGround::Equation => "By the oil alone, $within Choose the crop, if it is in the handbook, for a nearer figure.",
        };
    }

    private const HOT = 'Absorbent out of the oven is hot, and plastic sachets melt in it. Blue (cobalt) indicator is toxic: keep it off seed for eating and out of children’s reach.';

    private const LIMITS = 'Most seed may be closed in tight at 8 % or less; starchy seed (beans, peas, grain) bears a little more, oily seed wants 6 to 7 %.';

    private static function meaning(float $moisture): string
    {
        // By the figure as it is said: 8.0 % must not be called more than 8.
        $moisture = round($moisture, 1);

        return match (true) {
            $moisture <= 5.0 => 'very dry, right for a jar and for the freezer; no need to go lower',
            $moisture <= 8.0 => 'dry enough for a tight jar',
            $moisture <= 10.0 => 'dry enough for paper, and nearly for a jar',
            $moisture <= 14.0 => 'paper bag in a dry room; no jar, no freezer',
            default => 'too damp to keep: dry it on',
        };
    }

    private static function jar(float $rh): string
    {
        return match (true) {
            $rh <= 0.15 => 'bone dry; no need to go lower',
            $rh <= 0.40 => 'dry enough to stay shut',
            $rh <= 0.60 => 'not yet: open it and dry on',
            $rh <= 0.70 => 'damp: it ages fast shut up like this, so dry on now',
            default => 'it will mould: open it now and spread it',
        };
    }

    private static function settled(float $rh): string
    {
        return match (true) {
            $rh <= 0.40 => 'dry enough for a tight jar',
            $rh <= 0.60 => 'right for paper, not dry enough for a tight jar',
            $rh <= 0.70 => 'too damp to keep long',
            default => 'it moulds or sprouts in air like this',
        };
    }

    private static function room(float $rh): string
    {
        return match (true) {
            $rh <= 0.40 => 'it dries seed well',
            $rh <= 0.55 => 'it dries seed, but not enough for a tight jar',
            $rh <= 0.70 => 'it dries seed hardly at all',
            default => 'seed takes up water in it',
        };
    }

    private static function targetMass(Asked $asked): Judgement
    {
        $now = $asked->in->number('mass');
        $then = $asked->figure('mass');

        return new Judgement(
            $then < $now
                ? sprintf('It is there when it weighs %s: %s of water still to lose.', $asked->grams($then), $asked->grams($now - $then))
                : sprintf('It is there already: at %s it would weigh %s.', Quantity::moisture($asked->in->number('target')), $asked->grams($then)),
            'Only water leaves, so the dry matter weighs the same throughout.',
            'As sure as the moisture you started from. Weigh the same seed on the same scale, and write the empty dish on the dish.',
        );
    }

    private static function opening(Asked $asked): Judgement
    {
        $dew = $asked->celsius($asked->figure('dew_point'));
        $sure = 'The warming time is for a half-litre jar standing free; a big jar or a full box takes longer. When it no longer feels cold, it is safe.';

        return match (true) {
            ! $asked->has('wait_minutes') => new Judgement(
                'Do not open it in this air: it makes dew even on things as warm as the room.',
                "Dew forms on whatever is below $dew, and the jar never gets a degree above that here.",
                'Take it to a drier room, or wait for drier weather.',
            ),
            ! $asked->yes('dew_forms') => new Judgement('It may be opened at once.', "It comes out warmer than the room’s dew point, $dew.", $sure),
            default => new Judgement(
                sprintf('Leave it shut for %s.', self::minutes($asked->figure('wait_minutes'))),
                "Dew forms on whatever is colder than $dew, and would wet the seed.",
                $sure,
            ),
        };
    }

    /** Up to the next five: nobody waits 27.9 minutes. */
    private static function minutes(float $minutes): string
    {
        $up = (int) (ceil($minutes / 5) * 5);

        return $up < 120 ? Figures::count($up, 'minute') : Figures::round($up / 60, 2)."\u{00A0}hours";
    }

    private static function curve(Asked $asked): Judgement
    {
        $final = $asked->grams($asked->figure('final_mass'));
        $half = log(2) / $asked->figure('rate_per_hour');
        $because = sprintf('It loses half of what is left every %s, and is heading for %s in this air.', Figures::hours($half), $final);
        $sure = sprintf(
            'The weighings lie about %s off the curve. It holds while the air stays as it is; damper weather draws it out.',
            Figures::round($asked->units->fromCore('g', $asked->figure('residual')), 1)."\u{00A0}".$asked->units->unit('g'),
        );
        if (! $asked->in->has('target_mass')) {
            return new Judgement("Left as it is, it ends at about $final.", $because, $sure);
        }
        $target = $asked->grams($asked->in->number('target_mass'));
        if (! $asked->has('hours_to_target')) {
            return new Judgement("It will not reach $target in this air: it ends at about $final.", 'Air can only dry seed until the two are in balance. Go on with drier or warmer air (never above 35 °C), or a closed jar with a desiccant.', $sure);
        }
        $hours = $asked->in->numbers('hours');
        $left = $asked->figure('hours_to_target') - ($hours[count($hours) - 1] ?? 0.0);

        return new Judgement(
            $left <= 0.0
                ? "It is at $target already."
                : sprintf('It reaches %s in about %s more, %s after it was spread.', $target, Figures::hours($left), Figures::hours($asked->figure('hours_to_target'))),
            $because,
            $sure,
        );
    }

    private static function changes(Asked $asked): Judgement
    {
        $times = $asked->count('changes');

        return new Judgement(
            match ($times) {
                0 => 'It is dry enough already.',
                1 => 'What you have does it at once.',
                default => sprintf('Fill the jar with it %d times, dried again before each.', $times),
            },
            sprintf('%s of water has to go, for which %s of dry absorbent would do at once.', $asked->grams($asked->figure('water')), $asked->grams($asked->figure('amount_for_one'))),
            $asked->in->has('capacity')
                ? 'As sure as the capacity you gave.'
                : 'For typical silica gel, freshly dried each time. Kinds differ by a third either way: weigh it, or change it when the hygrometer in the jar stops falling.',
            null,
            [self::HOT],
        );
    }

    private static function desiccant(Asked $asked): Judgement
    {
        return new Judgement(
            sprintf('Put in about %s of dry absorbent.', Figures::round($asked->units->fromCore('g', $asked->figure('desiccant')), 2)."\u{00A0}".$asked->units->unit('g')),
            sprintf('%s of water has to go, and it must still take up water when the jar is down to %s.', $asked->grams($asked->figure('water')), Quantity::percent($asked->in->number('rh_end'))),
            $asked->in->has('capacity')
                ? 'As sure as the capacity you gave. Too much does no harm short of over-drying; check with a hygrometer in the jar.'
                : 'For typical silica gel, freshly dried. Kinds differ by a third either way: check with a hygrometer in the jar, and change it when it stops falling.',
            sprintf('The rule of thumb, as much absorbent as seed, would be %s: more than enough for seed that is nearly dry, and it spares weighing.', $asked->grams($asked->in->number('mass'))),
            [self::HOT],
        );
    }
}
