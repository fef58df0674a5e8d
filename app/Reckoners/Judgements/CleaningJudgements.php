<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use App\Voice\Quantity;
use App\Words\CautionWords;
use Marrow\Core\Botany\Caution;
use Marrow\Core\Cleaning\Screens;

/** What a ferment, a counted sample and a sorted sample say. */
final class CleaningJudgements implements Judges
{
    public static function families(): array
    {
        return ['ferment' => 'Cleaning and counting', 'cleaning' => 'Cleaning and counting', 'seed' => 'Cleaning and counting'];
    }

    /** Beyond this variation of the samples they are weighed again (ISTA); chaffy seed is allowed more. */
    private const MOST_VARIATION = 4.0;

    private const MOST_VARIATION_CHAFFY = 6.0;

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'ferment.window' => self::window($asked),
            'cleaning.soak' => self::soak($asked),
            'cleaning.screens' => self::screens($asked),
            'cleaning.pick_over' => self::pickOver($asked),
            'seed.mass' => self::mass($asked),
            'seed.purity' => self::purity($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    private static function window(Asked $asked): Judgement
    {
        return new Judgement(
            sprintf(
                'Look after %s; usually ready after %s; pour it off by %s at the latest.',
                Figures::hours($asked->figure('earliest_hours')),
                Figures::hours($asked->figure('typical_hours')),
                Figures::hours($asked->figure('latest_hours')),
            ),
            sprintf('At %s the gel lets go after about that long; much later, seed may sprout.', $asked->celsius($asked->in->number('temperature'))),
            'A rule of thumb, no more. The signs decide: a skin of mould, bubbles, and seed that sinks clean when stirred. Once water is in, do not leave it standing.',
            cautions: [CautionWords::text(Caution::FermentGas)],
        );
    }

    private static function soak(Asked $asked): Judgement
    {
        $hours = $asked->figure('hours');

        return new Judgement(
            $hours < 1.0 ? 'Rinse it, and do not let it lie in water.' : sprintf('No longer than %s.', Figures::hours($hours)),
            sprintf('In water of %s it has drunk itself full by then, and begins to sprout.', $asked->celsius($asked->in->number('temperature'))),
            'A rule of thumb. Seed that has split its shell or shows a white point has begun: it dries no more, sow it or throw it out.',
        );
    }

    private static function screens(Asked $asked): Judgement
    {
        $mm = static fn (string $key): string => Figures::round($asked->figure($key), 3)."\u{00A0}mm";
        $lost = static fn (string $key): string => $asked->has($key) && $asked->figure($key) > 0.0 ? sprintf(', which loses %s of the seed', Quantity::percent($asked->figure($key))) : '';
        $own = $asked->has('set_through');
        $slots = $asked->has('slot_through') ? sprintf(' Slots, which sort by thickness: %s and %s.', $mm('slot_through'), $mm('slot_holding')) : '';

        return new Judgement(
            sprintf('First one with round holes of %s%s: the seed falls through, pods stay behind. Then one of %s%s: the seed stays, dust falls through.', $mm($own ? 'set_through' : 'through'), $lost('lost_through'), $mm($own ? 'set_holding' : 'holding'), $lost('lost_holding')),
            sprintf('Best %s (%d/64 in) and %s (%d/64 in).%s', $mm('through'), $asked->count('through_inch'), $mm('holding'), $asked->count('holding_inch'), $slots),
            sprintf('%s A handful on the screen has the last word. Woven mesh lets through what is up to %d %% broader than the width between its wires.', $asked->in->has('breadths') ? 'By the seeds that were measured.' : 'By the ordinary breadth of the crop’s seed: a variety may lie outside of it, so measure some.', (int) round(100 * (Screens::MESH - 1))),
        );
    }

    private static function pickOver(Asked $asked): Judgement
    {
        $share = $asked->figure('share');

        return new Judgement(
            sprintf('%s of it is bad%s', Quantity::percent($share), $share <= 0.02 ? ': leave it as it is.' : ($share >= 0.5 ? ': find out why before you keep it.' : ': worth picking over, or blowing once more.')),
            sprintf('Between %s and %s, going by what was looked at.', Quantity::percent($asked->figure('low')), Quantity::percent($asked->figure('high'))),
            ($asked->has('look_at') ? sprintf('For an answer as narrow as asked look at %s. ', Quantity::seeds($asked->count('look_at'))) : '').'As good as the sample: take it from top, middle and bottom, after mixing. Where seed is holed, freeze all of it dry before it is stored.',
        );
    }

    private static function mass(Asked $asked): Judgement
    {
        $tsm = $asked->grams($asked->figure('tsm'));
        $cv = $asked->has('cv') ? $asked->figure('cv') : null;
        $varies = $cv !== null && $cv > self::MOST_VARIATION;

        return new Judgement(
            ($asked->has('seeds') ? sprintf('%s in the lot: ', self::capital(Quantity::roughSeeds($asked->figure('seeds')))) : '')
                ."a thousand weigh $tsm"
                .($varies ? '; but weigh the samples again.' : '.'),
            match (true) {
                $cv === null => 'One sample alone cannot show how much samples differ.',
                $cv > self::MOST_VARIATION_CHAFFY => sprintf('The samples vary by %s, and 4 %% is the most (6 %% for chaffy seed): miscounted, or not well mixed.', Figures::round($cv, 2)."\u{00A0}%"),
                $varies => sprintf('The samples vary by %s: well enough for chaffy seed (up to 6 %%), too much for smooth seed (4 %%).', Figures::round($cv, 2)."\u{00A0}%"),
                default => sprintf('The samples vary by %s; up to 4 %% is well enough.', Figures::round($cv, 2)."\u{00A0}%"),
            },
            $cv === null
                ? 'Two or three more samples of the same count would tell how good it is.'
                : sprintf('The mean is good to about %s either way.', Figures::round(max(0.1, 2 * $cv / sqrt(count($asked->in->numbers('masses')))), 1)."\u{00A0}%"),
        );
    }

    private static function purity(Asked $asked): Judgement
    {
        $purity = Quantity::percent($asked->figure('purity'));
        $clean = match (true) {
            $asked->figure('purity') >= 0.98 => 'clean',
            $asked->figure('purity') >= 0.90 => 'fit to keep and sow; clean it once more before passing it on',
            default => 'clean it again',
        };
        $other = $asked->in->number('other') > 0.0 ? ' There is other seed in it: find out what it is before you sow or share it.' : '';

        return new Judgement(
            "$purity seed by weight: $clean.".($asked->has('pure_live')
                ? sprintf(' %s of the weight will grow.', Quantity::percent($asked->figure('pure_live')))
                : ''),
            ($asked->has('pure_live')
                ? 'Pure live seed is what counts when sowing by weight: purity times germination.'
                : 'The rest is chaff, soil, broken bits and other seed.').$other,
            'As good as the sample: take it from top, middle and bottom, after mixing.',
        );
    }

    private static function capital(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
