<?php

declare(strict_types=1);

namespace App\Instruments\StandIns;

use DateTimeImmutable;
use Marrow\Core\Year\YearTurn;

/**
 * The air of a place as a logger would tell it, made up from a seed number: the year and the day go up and down, the logger is
 * noisy, drifts, and now and then drops out. Its errors: noise 0.3 °C and 1.5 % RH, drift 0.4 °C a year, one hour in thirty missing.
 */
final readonly class MadeUpAir
{
    private const NOISE = [0.3, 1.5];

    private const DRIFT = 0.4;

    private const MISSING = 30;

    /** When it was hung: 1 January 2025. */
    private const HUNG = 1_735_689_600;

    public function __construct(private int $seed, private float $temperature, private float $humidity, private float $swing, private YearTurn $turn = new YearTurn) {}

    /** @return ?array{at: string, temperature_c: float, rh: float} null where it dropped out */
    public function at(DateTimeImmutable $hour): ?array
    {
        $at = $hour;
        // It is made up for the north; in the south the same comes half a year on.
        $hour = $this->turn->inBook($hour);
        $chance = fn (string $of): float => Dice::thrown($this->seed, $of, $hour->format('Y-m-d H'));
        if ((int) floor($chance('missing') * self::MISSING) === 0) {
            return null;
        }
        $day = (int) $hour->format('z') + (int) $hour->format('G') / 24;
        $year = -cos(2 * M_PI * ($day - 20) / 365);
        $clock = -cos(2 * M_PI * ((int) $hour->format('G') - 4) / 24);

        return [
            'at' => $at->format('Y-m-d\TH:00:00'),
            'temperature_c' => round($this->temperature + $this->swing * $year + 0.2 * $this->swing * $clock + self::DRIFT * ($hour->getTimestamp() - self::HUNG) / (365 * 86_400) + self::NOISE[0] * (2 * $chance('t') - 1), 2),
            'rh' => round(max(5.0, min(97.0, $this->humidity - 1.2 * $this->swing * $year + self::NOISE[1] * (2 * $chance('rh') - 1))), 1),
        ];
    }

    /** @return list<array{at: string, temperature_c: float, rh: float}> hour by hour, up to and with the last */
    public function hours(DateTimeImmutable $from, DateTimeImmutable $to): array
    {
        $hours = [];
        for ($at = $from->setTime((int) $from->format('G'), 0); $at <= $to; $at = $at->modify('+1 hour')) {
            $one = $this->at($at);
            if ($one !== null) {
                $hours[] = $one;
            }
        }

        return $hours;
    }
}
