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

/** What a ferment, a counted sample and a sorted sample say. */
final class CleaningJudgements implements Judges
{
    public static function families(): array
    {
        return ['ferment' => 'Cleaning and counting', 'seed' => 'Cleaning and counting'];
    }

    /** Beyond this variation of the samples they are weighed again (ISTA); chaffy seed is allowed more. */
    private const MOST_VARIATION = 4.0;

    private const MOST_VARIATION_CHAFFY = 6.0;

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'ferment.window' => self::window($asked),
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
