<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\IndicatorCard;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\Drying\MoistureReading;
use Marrow\Core\Drying\OpenCourse;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Values;

/** How dry seed is, by whatever is known of it. */
final class EvidenceReckoning
{
    public static function of(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'drying.evidence',
            'How dry is it, by all that I know?',
            [
                Field::crop('crop', 'the crop'),
                Field::number('start_mass', 'what it weighed', 'g', 0.001, 1_000_000)->optional(),
                Field::number('start_moisture', 'its moisture then', '% of wet mass', Moisture::MIN, Moisture::MAX)->optional(),
                Field::number('mass', 'what it weighs now', 'g', 0.001, 1_000_000)->optional(),
                Field::share('jar_rh', 'humidity in a closed jar of it', Equilibrium::MIN_RH, Equilibrium::MAX_RH)->optional(),
                Field::choice('jar', 'that jar was', ['fully' => 'half full or more, shut for a day, evenly warm', 'roughly' => 'not all of that'])->optional('fully'),
                Field::numbers('spots', 'humidities beside the spots of a card', '% RH', 1, 99)->optional(),
                Field::text('states', 'each of its spots dry, between or damp', 200)->optional(),
                Field::text('signs', 'what the hand found', 200)->optional()->hint(implode(', ', array_map(static fn (SignResult $sign): string => $sign->value, SignResult::cases()))),
                Field::share('air', 'relative humidity of the air it lies in', Equilibrium::MIN_RH, Equilibrium::MAX_RH)->optional(),
                Field::number('hours', 'hours since it was wet, or was threshed', 'h', 0, 10_000)->optional(),
                Field::choice('begun', 'it came', ['wet' => 'out of wet fruit, or out of water', 'dry' => 'off a dry plant'])->optional('wet'),
                Field::number('temperature', 'temperature of all that', '°C', 0, 50)->optional(20.0),
            ],
            [
                new Output('moisture', '% of wet mass', 'its moisture'),
                new Output('low', '% of wet mass', 'at the least'),
                new Output('high', '% of wet mass', 'at the most'),
                new Output('decided_by', '', 'what decides it'),
                new Output('against', '', 'what contradicts that'),
            ],
            'The surest of weight, jar and card decides, with its doubt. Else Bayes over the air that seed may be in balance with: hand signs as logistic likelihoods (snap, hammer half at 50 %, teeth 55, sun jar, thumbnail 60, runs 65, rattles 70; wrong one time in ten or seven; all but the first count half), and the air as a Lewis course from 35–55 % (wet) or 12–24 % at 0.008–0.05 an hour. Those are Marrow’s assumptions: nobody has published them.',
            static fn (Values $in): array => self::reckon($crops->get($in->text('crop')), $in),
            also: 'snap bite crack hammer mist thumbnail dry enough seed card hygrometer',
        );
    }

    /** @return array<string, float|string|list<string>|null> */
    private static function reckon(Crop $crop, Values $in): array
    {
        $evidence = self::weighed($crop, $in);

        return [
            'moisture' => $evidence->moisture,
            'low' => $evidence->low,
            'high' => $evidence->high,
            'decided_by' => $evidence->decidedBy->value,
            'against' => array_map(static fn (Witness|SignResult $one): string => $one->value, $evidence->against),
        ];
    }

    /** @throws InvalidFigure where there is nothing to go by */
    public static function weighed(Crop $crop, Values $in): Evidence
    {
        self::check($in);
        $readings = self::readings($crop, $in);
        $signs = $in->has('signs') ? self::signs($in->text('signs')) : [];
        $air = $in->has('air') && $in->has('hours') ? (new OpenCourse($crop->balance, $in->number('air'), $in->number('temperature'), true, $in->text('begun') === 'wet'))->guesses($in->number('hours')) : null;

        return ($readings === []
            ? Evidence::guessed($crop->balance, $signs, $air)
            : Evidence::read($crop->balance, $readings[0], array_slice($readings, 1), $signs, $air))
            ?? throw InvalidFigure::because('signs', 'Nothing is known of it yet: give a weight, a jar, a card, what the hand found, or the air it lies in.');
    }

    /**
     * What belongs together is given together.
     *
     * @throws InvalidFigure
     */
    private static function check(Values $in): void
    {
        foreach ([['start_mass', 'start_moisture', 'mass'], ['spots', 'states'], ['air', 'hours']] as $together) {
            $missing = array_values(array_filter($together, static fn (string $key): bool => ! $in->has($key)));
            if ($missing !== [] && count($missing) < count($together)) {
                throw InvalidFigure::because($missing[0], sprintf('%s go together: give all of them, or none.', ucfirst(implode(', ', $together))));
            }
        }
    }

    /**
     * @return list<MoistureReading> the surest first
     *
     * @throws InvalidFigure
     */
    private static function readings(Crop $crop, Values $in): array
    {
        $temperature = $in->number('temperature');
        $readings = [];
        if ($in->has('mass') && $in->has('start_mass') && $in->has('start_moisture')) {
            $moisture = Moisture::now($in->number('start_mass'), $in->number('start_moisture'), $in->number('mass'));
            $readings[] = MoistureReading::weighed($moisture, $in->number('start_mass'), $in->number('mass'));
        }
        $isRough = $in->text('jar') === 'roughly';
        if ($in->has('jar_rh') && ! $isRough) {
            $readings[] = MoistureReading::jar($crop->balance, $in->number('jar_rh'), $temperature);
        }
        if ($in->has('spots') && $in->has('states')) {
            $readings[] = MoistureReading::card($crop->balance, IndicatorCard::of(array_map(static fn (float $spot): float => $spot / 100.0, $in->numbers('spots')), IndicatorCard::states($in->text('states')), $temperature), $temperature);
        }
        if ($in->has('jar_rh') && $isRough) {
            $readings[] = MoistureReading::roughJar($crop->balance, $in->number('jar_rh'), $temperature);
        }

        return $readings;
    }

    /**
     * @return list<SignResult>
     *
     * @throws InvalidFigure
     */
    private static function signs(string $typed): array
    {
        $signs = [];
        foreach (preg_split('/[\s,;]+/', mb_strtolower(trim($typed)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $sign = SignResult::tryFrom($word) ?? throw InvalidFigure::because('signs', sprintf('"%s" is no sign: %s.', mb_substr($word, 0, 20), implode(', ', array_map(static fn (SignResult $one): string => $one->value, SignResult::cases()))));
            $signs[$sign->sign()->value] = $sign;
        }

        return array_values($signs);
    }
}
