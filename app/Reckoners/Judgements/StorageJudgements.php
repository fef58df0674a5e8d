<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Reckoning\StorageInputs;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\ThumbRule;
use Marrow\Core\Storage\ViabilityConstants;

/** How long seed lasts, what it lost, what its own tests say, and how to part it into packets. */
final readonly class StorageJudgements implements Judges
{
    public static function families(): array
    {
        return ['storage' => 'Storing', 'packets' => 'Storing'];
    }

    private const PACE = 'The equation has no fixed step: cooling counts for more in warmth than in cold, and a per cent of moisture for more in dry seed than in damp.';

    public function __construct(private CropReference $crops) {}

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'storage.life' => $this->life($asked),
            'storage.history' => $this->history($asked),
            'storage.refit' => $this->refit($asked),
            'storage.learn' => new Judgement(
                sprintf('Your seed lasts about %s times as long as the model has it, likely %s to %s times.', Figures::round($asked->figure('factor'), 2), Figures::round($asked->figure('low'), 2), Figures::round($asked->figure('high'), 2)),
                sprintf('From the tests of %s; a lot that has none may last %s to %s times as long.', Figures::count(count($asked->in->numbers('observed')), 'lot'), Figures::round($asked->figure('untested_low'), 2), Figures::round($asked->figure('untested_high'), 2)),
                'Lots of one store are taken to differ by half either way, and stores by twice or half: stated assumptions. A few tests more, years apart, tell more than any table.',
            ),
            'storage.thumb' => $this->thumb($asked),
            'packets.plan' => $this->packets($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    private function life(Asked $asked): Judgement
    {
        $days = $asked->figure('days_to_threshold');
        $basis = StorageInputs::constants($asked->in, $this->crops)->basis;
        $threshold = Quantity::percent($asked->in->number('threshold'));
        $after = $asked->has('rate_after')
            ? sprintf(' After %s, %s is left.', Figures::days($asked->in->number('after_days')), Figures::about($asked->figure('rate_after')))
            : '';

        return new Judgement(
            ($days === 0.0
                ? "It is below $threshold already: sow it thickly now, or grow it out again."
                : sprintf(
                    'About %s until it falls to %s, likely %s to %s.',
                    Figures::days($days),
                    $threshold,
                    Figures::days($days / $basis->spread()),
                    Figures::days($days * $basis->spread()),
                )).$after,
            sprintf(
                'Kept at %s moisture and %s, seed takes %s to go from 84 %% alive to 50 %%, and as long again to 16 %%.',
                Quantity::moisture($asked->in->number('moisture')),
                $asked->celsius($asked->in->number('temperature')),
                Figures::days($asked->figure('sigma_days')),
            ),
            self::basis($basis),
            $this->besideLife($asked, $days),
        );
    }

    private static function basis(ConstantsBasis $basis): string
    {
        return match ($basis) {
            ConstantsBasis::Published => 'The constants were measured for this crop and published; lots differ by about half either way.',
            ConstantsBasis::OrdinaryYears => 'No constants are published for this crop: they are solved so that nine lots in ten last its ordinary years in paper in a cupboard. This is the middle: it may be half or twice as long. Test it in between.',
            ConstantsBasis::Given => 'As sure as the constants you gave; lots of one crop differ by about half either way.',
        };
    }

    /** What Harrington's rule makes of the crop's ordinary years, beside the equation. */
    private function besideLife(Asked $asked, float $days): ?string
    {
        if (! $asked->in->has('crop')) {
            return null;
        }
        $crop = $this->crops->get($asked->in->text('crop'));
        $cupboard = $crop->balance->moisture(ViabilityConstants::CUPBOARD_RH, ViabilityConstants::CUPBOARD_TEMPERATURE);
        try {
            $factor = ThumbRule::factor(
                $asked->in->number('moisture') - $cupboard,
                $asked->in->number('temperature') - ViabilityConstants::CUPBOARD_TEMPERATURE,
                $cupboard,
                ViabilityConstants::CUPBOARD_TEMPERATURE,
            );
        } catch (InvalidFigure) {
            return 'Harrington’s rule of thumb holds for 5 to 14 % moisture and 0 to 50 °C, and says nothing of this. '.self::PACE;
        }
        $rule = $crop->ordinaryYears * 365.25 * $factor;

        return sprintf(
            'Harrington’s rule of thumb says about %s: its ordinary %s in a cupboard, %s. %s%s',
            Figures::days($rule),
            Figures::days($crop->ordinaryYears * 365.25),
            $factor >= 1.0 ? 'times '.Figures::round($factor, 2) : 'divided by '.Figures::round(1 / $factor, 2),
            $days > 0.0 && ($rule > 2 * $days || $rule < $days / 2) ? 'They part company here. ' : '',
            self::PACE,
        );
    }

    private function history(Asked $asked): Judgement
    {
        $left = $asked->figure('rate_after');
        $days = array_sum(array_column($asked->in->rows('segments'), 0));
        $basis = StorageInputs::constants($asked->in, $this->crops)->basis;

        return new Judgement(
            sprintf('After %s, %s is left.', Figures::days($days), Figures::about($left)),
            'Ageing adds up: what was lost in one place is not got back in the next, however cool.',
            self::basis($basis),
        );
    }

    private function refit(Asked $asked): Judgement
    {
        $days = $asked->in->numbers('days');
        $at = $days[count($days) - 1] ?? 0.0;
        $to = $asked->figure('days_to_threshold');
        $threshold = Quantity::percent($asked->in->number('threshold'));
        $tests = count($days);
        $seeds = (int) array_sum($asked->in->integers('sown'));

        return new Judgement(
            match (true) {
                $to <= $at => "By its own tests it has fallen to $threshold already, about ".Figures::days($at - $to).' ago: grow it out again.',
                default => sprintf('By its own tests it falls to %s about %s from the start, %s after the last test.', $threshold, Figures::days($to), Figures::days($to - $at)),
            },
            sprintf('The best line through %s, %s in all, falls at that pace.', Figures::count($tests, 'test'), Figures::count($seeds, 'seed')),
            ($tests < 4 || $seeds < 200
                ? 'Few tests yet: one more, half a year on, can move it by a good deal.'
                : 'Its own tests are worth more than any table.')
            .($asked->in->has('moisture') ? ' What is usual for the crop and store is counted in, as loosely as by a factor of two.' : ''),
        );
    }

    private function thumb(Asked $asked): Judgement
    {
        $factor = $asked->figure('factor');
        $model = self::modelFactor($asked->in->number('moisture_change'), $asked->in->number('temperature_change'));

        return new Judgement(
            $factor >= 1.0
                ? sprintf('It lasts about %s as long.', Figures::times($factor))
                : sprintf('It lasts about 1/%s as long.', Figures::round(1 / $factor, 2)),
            'Life doubles for each 1 % of moisture less, and again for each 5 °C (9 °F) cooler.',
            'A rule of thumb, for 5 to 14 % moisture and 0 to 50 °C; good for comparing two shelves, not for a date.',
            $model === null ? null : sprintf(
                'The viability equation, starting from seed of 9 %% at %s, says %s. %s',
                $asked->celsius(20.0),
                $model >= 1.0 ? Figures::times($model) : '1/'.Figures::round(1 / $model, 2),
                self::PACE,
            ),
        );
    }

    /** The same change by the equation with the common constants, from 9 % at 20 °C; null where it is not trusted. */
    private static function modelFactor(float $moistureChange, float $temperatureChange): ?float
    {
        $constants = ViabilityConstants::given(8.0, ViabilityConstants::COMMON_CW, ViabilityConstants::COMMON_CH, ViabilityConstants::COMMON_CQ);
        try {
            return $constants->sigma(9.0 + $moistureChange, 20.0 + $temperatureChange) / $constants->sigma(9.0, 20.0);
        } catch (InvalidFigure) {
            return null;
        }
    }

    private function packets(Asked $asked): Judgement
    {
        $years = $asked->count('years_covered');
        $packets = array_map(intval(...), $asked->list('per_packet'));
        $wanted = $asked->in->integer('years');

        return new Judgement(
            $years === 0
                ? 'There is not enough for even one packet.'
                : sprintf(
                    '%s: %s; %s left.',
                    Figures::count($years, 'packet'),
                    count(array_unique($packets)) === 1
                        ? Figures::count($packets[0] ?? 0, 'seed').' each'
                        : sprintf('%d seeds for this year, rising to %d for the last', $packets[0] ?? 0, max([0, ...$packets])),
                    Figures::count($asked->count('left'), 'seed'),
                ),
            match (true) {
                $years === 0 => sprintf('To give %s this year as surely as you ask takes more seed than may be packed.', Figures::count($asked->in->integer('plants'), 'plant')),
                $years < $wanted => sprintf('That covers %d of %d years: later packets need more seed as it ages, or it is used up. Grow it out again before then.', $years, $wanted),
                $asked->in->integer('reserve') > 0 => sprintf('The reserve of %s is among what is left, and stays shut.', Figures::count($asked->in->integer('reserve'), 'seed')),
                default => 'Each packet holds what one sowing needs, so that the rest stays shut. Keep a reserve back.',
            },
            ($asked->in->has('yearly_shares')
                ? 'As sure as the shares you gave.'
                : 'How good it is now and how fast it will age are not known exactly; each packet is full enough for all that they may be, so that it suffices as surely as you ask.')
            .' Test it every year or two and make up the rest anew if it falls faster.',
        );
    }
}
