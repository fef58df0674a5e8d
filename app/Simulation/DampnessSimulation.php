<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\HandSign;
use Marrow\Core\Drying\IndicatorCard;
use Marrow\Core\Drying\MoistureReading;
use Marrow\Core\Drying\SignResult;

/**
 * Keepers who ask whether their seed is dry enough for a jar, by hand, by a card or by a hygrometer, and whose hands and instruments are
 * worse than Marrow takes them to be. Half of the lots are damp by a point or more, half drier than they need be by as much.
 */
final readonly class DampnessSimulation
{
    /** Share of RH in whose balance seed is just dry enough. */
    private const WANTED = 0.35;

    /** Points of moisture on either side of it. */
    private const POINT = 1.0;

    private const DAMPEST = 0.85;

    /** Above it seed moulds in paper, too. */
    private const MOULDS = 0.65;

    private const DRIEST = 0.15;

    /** Share of RH that a hygrometer is out, one way or the other, and by which it reads unevenly. */
    private const OUT = 0.05;

    private const READS = 0.01;

    /** Of a card: where each spot turns may be out, and how far on either side of that it is between its colours. */
    private const SPOT = 0.02;

    private const BETWEEN = 0.05;

    private const SPOTS = [0.10, 0.20, 0.30, 0.40, 0.50, 0.60];

    public function __construct(private CropReference $crops) {}

    /**
     * @return list<array{string, string, float, float, float}> what was read, how reliable hands are, and the shares: of damp lots called dry
     *                                                          enough for a jar; of dry lots called so; of lots that mould even in paper called probably dry
     */
    public function run(Dice $dice, int $lots): array
    {
        $crops = array_values(array_filter($this->crops->all(), static fn (Crop $crop): bool => $crop->jarMoisture !== null));
        $rows = [];
        foreach (['as taken' => 1.0, 'half as reliable' => 2.0] as $hands => $worse) {
            foreach (['hand signs alone' => null, 'hand and card' => 'card', 'hand and hygrometer, out by 5 %' => 'jar', 'hand and hygrometer, roughly' => 'rough'] as $read => $way) {
                $rows[] = [$read, $hands, ...self::shares($dice, $crops === [] ? throw new \LogicException('There is no crop that is dried.') : $crops, 20 * $lots, $way, $worse)];
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-list<Crop>  $crops
     * @return array{float, float, float}
     */
    private static function shares(Dice $dice, array $crops, int $lots, ?string $way, float $worse): array
    {
        $count = ['damp' => 0, 'dampCalled' => 0, 'dry' => 0, 'dryCalled' => 0, 'moulds' => 0, 'probably' => 0];
        for ($n = 0; $n < $lots; $n++) {
            $crop = $dice->one($crops);
            $seed = DryingSimulation::seed($dice, $crop);
            $isDamp = $n % 2 === 0;
            $wanted = $seed->moistureAt(self::WANTED);
            do {
                $rh = $isDamp ? $dice->between(self::WANTED, self::DAMPEST) : $dice->between(self::DRIEST, self::WANTED);
            } while (abs($seed->moistureAt($rh) - $wanted) < self::POINT);
            $evidence = self::evidence($dice, $crop, $rh, $way, $worse);
            $enough = (float) $crop->jarMoisture;
            $count[$isDamp ? 'damp' : 'dry']++;
            $count[$isDamp ? 'dampCalled' : 'dryCalled'] += (int) $evidence?->isDryEnough($enough);
            $count['moulds'] += (int) ($rh > self::MOULDS);
            $count['probably'] += (int) ($rh > self::MOULDS && $evidence?->isProbablyDry($enough));
        }

        return [$count['dampCalled'] / max(1, $count['damp']), $count['dryCalled'] / max(1, $count['dry']), $count['probably'] / max(1, $count['moulds'])];
    }

    private static function evidence(Dice $dice, Crop $crop, float $rh, ?string $way, float $worse): ?Evidence
    {
        $signs = array_map(static fn (HandSign $sign): SignResult => $dice->share() < self::calledDry($sign, $rh, $worse) ? $sign->dry() : $sign->damp(), $crop->handSigns());
        $reads = max(0.02, min(0.98, $rh + ($dice->share() < 0.5 ? self::OUT : -self::OUT) + $dice->normal(0.0, self::READS)));
        $reading = match ($way) {
            'card' => MoistureReading::card($crop->balance, self::card($dice, $rh), 20.0),
            'jar' => MoistureReading::jar($crop->balance, $reads, 20.0),
            'rough' => MoistureReading::roughJar($crop->balance, $reads, 20.0),
            default => null,
        };

        return $reading === null ? Evidence::guessed($crop->balance, $signs, null) : Evidence::read($crop->balance, $reading, [], $signs);
    }

    /** A hand that is so many times worse than it is taken to be. */
    private static function calledDry(HandSign $sign, float $rh, float $worse): float
    {
        $middle = $sign->turnsAt() + ($rh - $sign->turnsAt()) / $worse;
        $misleads = min(0.45, $sign->misleads() * $worse);
        $fair = ($sign->calledDry($middle) - $sign->misleads()) / (1.0 - 2.0 * $sign->misleads());

        return $misleads + (1.0 - 2.0 * $misleads) * $fair;
    }

    private static function card(Dice $dice, float $rh): IndicatorCard
    {
        $out = $dice->normal(0.0, self::SPOT);

        return IndicatorCard::of(self::SPOTS, array_map(static fn (float $spot): string => match (true) {
            $rh > $spot + $out + self::BETWEEN => 'damp',
            $rh < $spot + $out - self::BETWEEN => 'dry',
            default => 'between',
        }, self::SPOTS));
    }
}
