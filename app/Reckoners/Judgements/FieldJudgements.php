<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Botany\CropReference;

/** When to be out there: cutting what sheds, and the hours of hand pollination. */
final readonly class FieldJudgements implements Judges
{
    public static function families(): array
    {
        return ['sun' => 'Pollinating by hand', 'harvest' => 'Harvesting'];
    }

    public function __construct(private CropReference $crops) {}

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'harvest.timing' => self::timing($asked),
            'harvest.yield' => $this->yield($asked),
            'sun.times' => self::sun($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    private static function timing(Asked $asked): Judgement
    {
        $day = (int) round($asked->figure('cut_day'));
        $kept = Quantity::percent($asked->figure('kept'));
        $because = sprintf('Ripe seed stays on for about %s%s; on no other day is more of it ripe and still on the plant.', Figures::days($asked->in->number('hold_days')), $asked->in->number('finish_days') > 0.0 ? sprintf(', and what is within %s of ripe goes on under cover', Figures::days($asked->in->number('finish_days'))) : '');
        $sure = 'For a stand that ripens as most do, slowly at first and at the end. Wind or rain sheds a day’s worth in an hour: go by the plants, and cut a little sooner before bad weather.';
        if (! $asked->has('kept_by_visits')) {
            return new Judgement("Cut on day $day: $kept is kept.", $because, $sure);
        }
        $visits = $asked->figure('kept_by_visits');
        $every = Figures::days($asked->in->number('visit_every'));

        return $visits > $asked->figure('kept')
            ? new Judgement(sprintf('Gather it every %s: %s is kept. Cut once, on day %d, it is %s.', $every, Quantity::percent($visits), $day, $kept), $because, $sure)
            : new Judgement(sprintf('Cut once, on day %d: %s is kept. Gathered every %s it is %s.', $day, $kept, $every, Quantity::percent($visits)), $because, $sure);
    }

    private function yield(Asked $asked): Judgement
    {
        $parts = [];
        foreach (['per_plant' => 'a plant', 'per_fruit' => 'a fruit, pod or head', 'per_square_metre' => 'a square metre'] as $key => $of) {
            if ($asked->has($key)) {
                $parts[] = $asked->grams($asked->figure($key))." $of";
            }
        }
        $share = $asked->has('cleaned_share') ? Quantity::percent($asked->figure('cleaned_share')).' of the rough was seed' : '';
        $crop = $asked->in->has('crop') ? $this->crops->get($asked->in->text('crop')) : null;
        $against = $asked->word('against');
        [$low, $high] = $crop?->seedOfAPlant() ?? [0.0, 0.0];
        $usual = $high <= 0.0 ? '' : sprintf(' Usual for a plant: %s to %s.', $asked->grams($low), $asked->grams($high));

        return new Judgement(
            mb_strtoupper(mb_substr($said = implode(', ', [...$parts, ...($share === '' ? [] : [$share])]), 0, 1)).mb_substr($said, 1).match ($against) {
                'low' => ': little.',
                'usual' => ': as is usual.',
                'high' => ': more than is usual.',
                default => '.',
            },
            match ($against) {
                'low' => 'Was it hot or cold while it bloomed, was it picked green, did it shed, or did birds have it?',
                'not known' => $crop === null ? 'Name the crop to hold it against what is usual.' : ($asked->in->has('all_taken') && $asked->in->text('all_taken') === 'all' ? 'Say of how many plants to hold it against what is usual.' : 'What is left on the plants or was sorted out is not counted, so it is held against nothing.'),
                default => 'Seeds of a plant by what they weigh.',
            }.$usual,
            'Ranges are wide: varieties, spacing and years differ by as much.',
        );
    }

    private static function sun(Asked $asked): Judgement
    {
        $sure = 'To within five minutes at a level horizon; hills and woods make it later in the morning and sooner in the evening.';
        if (! $asked->has('rise') || ! $asked->has('set')) {
            return new Judgement(
                $asked->figure('day_hours') > 0.0 ? 'The sun is up all day long, or all but.' : 'The sun does not come up.',
                'So far from the equator it does not both rise and set on that day. Go by the flowers.',
                $sure,
            );
        }

        return new Judgement(
            sprintf('Sunrise %s, sunset %s.', $asked->word('rise'), $asked->word('set')),
            sprintf(
                'The sun is up for %s.%s Flowers that open at sunrise are shut the evening before, and pollinated in the first hours, before it is hot and before the bees.',
                Figures::hours($asked->figure('day_hours')),
                $asked->has('dawn') && $asked->has('dusk') ? sprintf(' One sees to work from %s until %s.', $asked->word('dawn'), $asked->word('dusk')) : '',
            ),
            $sure,
        );
    }
}
