<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Storage\SigmaPrior;
use Marrow\Core\Storage\ViabilityConstants;

/** What the reckonings of storage life share: how they are told of the crop, the store and the seed. */
final class StorageInputs
{
    /** @return list<Field> */
    public static function constantInputs(): array
    {
        return [
            Field::crop('crop', 'the crop')->optional(),
            Field::number('ke', 'K_E', '', 0, 20)->optional(),
            Field::number('cw', 'C_W', '', 0, 10)->optional(),
            Field::number('ch', 'C_H', '', 0, 0.2)->optional(),
            Field::number('cq', 'C_Q', '', 0, 0.01)->optional(),
        ];
    }

    public static function crops(): Alternatives
    {
        return new Alternatives('what it is', [
            new Way('a crop of the handbook', ['crop']),
            new Way('its own constants', ['ke', 'cw', 'ch', 'cq']),
        ]);
    }

    /** @return list<Field> */
    public static function germinationInputs(): array
    {
        return [
            Field::share('germination', 'share that germinates at the start', 0.0001, 0.9999)->optional(),
            Field::integer('germinated', 'normal seedlings in the test', 'seeds', 0, 1_000_000)->optional(),
            Field::integer('sown', 'seeds in the test', 'seeds', 1, 1_000_000)->optional(),
        ];
    }

    public static function starts(): Alternatives
    {
        return new Alternatives('how good it is at the start', [
            new Way('its share', ['germination']),
            new Way('a test of it', ['germinated', 'sown']),
        ]);
    }

    public static function moisture(): Field
    {
        return Field::number('moisture', 'moisture of the seed', '% of wet mass', ViabilityConstants::MIN_MOISTURE, ViabilityConstants::MAX_MOISTURE);
    }

    public static function temperature(): Field
    {
        return Field::number('temperature', 'temperature of the store', '°C', ViabilityConstants::MIN_TEMPERATURE, ViabilityConstants::MAX_TEMPERATURE);
    }

    /** @throws \Marrow\Core\Fields\InvalidFigure when there is no such crop */
    public static function constants(Values $in, CropReference $crops): ViabilityConstants
    {
        return $in->has('crop')
            ? $crops->get($in->text('crop'), 'crop')->viability()
            : ViabilityConstants::given($in->number('ke'), $in->number('cw'), $in->number('ch'), $in->number('cq'));
    }

    /** Share alive at the start; from a test drawn in, so that its probit exists. */
    public static function germination(Values $in): float
    {
        return $in->has('germination')
            ? $in->number('germination')
            : GerminationShare::of($in->integer('germinated'), $in->integer('sown'))->rateForProbit();
    }

    public static function prior(Values $in, CropReference $crops): ?SigmaPrior
    {
        return $in->has('moisture')
            ? new SigmaPrior(self::constants($in, $crops)->sigma($in->number('moisture'), $in->number('temperature')))
            : null;
    }
}
