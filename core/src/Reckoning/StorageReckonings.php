<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Storage\ViabilityConstants;

final class StorageReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::life($crops)];
    }

    private static function life(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'storage.life',
            'How long will this seed stay good, kept like this?',
            [
                Input::crop('crop', 'the crop')->optional(),
                Input::number('ke', 'or its constants: K_E', '', 0, 20)->optional(),
                Input::number('cw', 'C_W', '', 0, 10)->optional(),
                Input::number('ch', 'C_H', '', 0, 0.2)->optional(),
                Input::number('cq', 'C_Q', '', 0, 0.01)->optional(),
                Input::number('moisture', 'moisture of the seed', '% of wet mass', ViabilityConstants::MIN_MOISTURE, ViabilityConstants::MAX_MOISTURE),
                Input::number('temperature', 'temperature of the store', '°C', ViabilityConstants::MIN_TEMPERATURE, ViabilityConstants::MAX_TEMPERATURE),
                Input::share('germination', 'share that germinates now', 0.0001, 0.9999)->optional(),
                Input::integer('germinated', 'or: normal seedlings in the test', 'seeds', 0, 1_000_000)->optional(),
                Input::integer('sown', 'and seeds in the test', 'seeds', 1, 1_000_000)->optional(),
                Input::share('threshold', 'share to fall to', 0.01, 0.99),
                Input::number('after_days', 'share after so many days', 'days', 0, 100_000)->optional(),
            ],
            [
                new Output('sigma_days', 'days', 'time to lose one probit of viability'),
                new Output('ki', 'probits', 'viability at the start'),
                new Output('days_to_threshold', 'days', 'time until it falls to the threshold'),
                new Output('rate_after', 'share', 'share alive after after_days'),
            ],
            'Ellis & Roberts 1980: v = Kᵢ − p/σ; constants published for the crop, else solved from its ordinary years (Dickie et al. 1990).',
            static function (Inputs $in) use ($crops): array {
                $life = StorageLife::of(
                    self::constants($in, $crops),
                    $in->number('moisture'),
                    $in->number('temperature'),
                    self::germination($in),
                );

                return [
                    'sigma_days' => $life->sigmaDays,
                    'ki' => $life->ki,
                    'days_to_threshold' => $life->daysTo($in->number('threshold')),
                    'rate_after' => $in->has('after_days') ? $life->rateAfter($in->number('after_days')) : null,
                ];
            },
        );
    }

    private static function constants(Inputs $in, CropReference $crops): ViabilityConstants
    {
        $keys = ['ke', 'cw', 'ch', 'cq'];
        $given = array_filter($keys, $in->has(...));
        if ($in->has('crop') === ($given !== [])) {
            throw InputRefused::because('crop', 'Give either crop, or the four constants ke, cw, ch and cq.');
        }
        if ($in->has('crop')) {
            return $crops->get($in->text('crop'), 'crop')->viability();
        }
        foreach ($keys as $key) {
            if (! $in->has($key)) {
                throw InputRefused::because($key, $key.' is missing: the four constants ke, cw, ch and cq go together.');
            }
        }

        return ViabilityConstants::given($in->number('ke'), $in->number('cw'), $in->number('ch'), $in->number('cq'));
    }

    private static function germination(Inputs $in): float
    {
        $tested = $in->has('germinated') || $in->has('sown');
        if ($in->has('germination') === $tested) {
            throw InputRefused::because('germination', 'Give either germination, or germinated and sown of a test.');
        }

        return $tested
            ? GerminationShare::of($in->integer('germinated'), $in->integer('sown'))->rateForProbit()
            : $in->number('germination');
    }
}
