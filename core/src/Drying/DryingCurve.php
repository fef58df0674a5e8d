<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/**
 * The course of drying seed, m = mₑ + (m₀ − mₑ)e^(−kt) (Lewis's thin layer), fitted to weighings by least squares. For
 * each rate k the best masses are had in closed form, so only k is searched: over a grid wide enough to hold it, then by
 * golden section. That needs no starting guess and always ends.
 */
final readonly class DryingCurve
{
    public const FEWEST = 4;

    public const MOST = 10_000;

    private const GRID = 240;

    private const REFINEMENTS = 120;

    /**
     * @param  float  $finalMass  g it is heading for
     * @param  float  $startMass  g at hour 0
     * @param  float  $ratePerHour  share of what is left to lose that goes in an hour
     * @param  float  $residual  g, root mean square of what the curve does not explain
     */
    private function __construct(
        public float $finalMass,
        public float $startMass,
        public float $ratePerHour,
        public float $residual,
    ) {}

    /**
     * @param  list<float>  $hours  since it was spread, rising, 0 … 100,000
     * @param  list<float>  $masses  g, 0.001 … 1,000,000, one for each hour
     *
     * @throws InvalidFigure with the reason when no such curve can be read from the weighings
     */
    public static function fit(array $hours, array $masses): self
    {
        self::check($hours, $masses);
        $span = $hours[count($hours) - 1] - $hours[0];
        $shortest = $span;
        for ($i = 1, $n = count($hours); $i < $n; $i++) {
            $shortest = min($shortest, $hours[$i] - $hours[$i - 1]);
        }
        // From a course that is a straight line as far as one can tell, to one that is over before the second weighing.
        [$low, $high] = [log(0.02 / $span), log(20.0 / $shortest)];
        $at = static fn (float $logRate): array => self::bestMasses(exp($logRate), $hours, $masses);
        $best = 0;
        $least = INF;
        for ($i = 0; $i <= self::GRID; $i++) {
            $squares = $at($low + ($high - $low) * $i / self::GRID)[2];
            if ($squares < $least) {
                [$least, $best] = [$squares, $i];
            }
        }
        if ($best === 0) {
            throw InvalidFigure::because('masses', 'It is still losing weight as fast as at first, so nothing shows yet where it will end. Weigh it again later.');
        }
        if ($best === self::GRID) {
            throw InvalidFigure::because('masses', 'It was dry before the second weighing, so nothing shows how fast it went.');
        }
        $step = ($high - $low) / self::GRID;
        $logRate = self::golden(static fn (float $x): float => $at($x)[2], $low + $step * ($best - 1), $low + $step * ($best + 1));
        [$final, $loss, $squares] = $at($logRate);
        if ($loss <= 0.0) {
            throw InvalidFigure::because('masses', 'It is getting heavier, not lighter: it is taking up damp, or the weighings are of different lots.');
        }

        return new self($final, $final + $loss, exp($logRate), sqrt($squares / count($hours)));
    }

    /**
     * Hours from its start until it weighs $target; 0 when it began lighter, null when it will never be so light.
     *
     * @throws InvalidFigure
     */
    public function hoursTo(float $target): ?float
    {
        InvalidFigure::unlessWithin('target_mass', $target, 0.001, 1_000_000.0, 'g');

        return match (true) {
            $target >= $this->startMass => 0.0,
            $target <= $this->finalMass => null,
            default => log(($this->startMass - $this->finalMass) / ($target - $this->finalMass)) / $this->ratePerHour,
        };
    }

    /** g at an hour */
    public function massAt(float $hours): float
    {
        return $this->finalMass + ($this->startMass - $this->finalMass) * exp(-$this->ratePerHour * $hours);
    }

    /**
     * @param  list<float>  $hours
     * @param  list<float>  $masses
     *
     * @throws InvalidFigure
     */
    private static function check(array $hours, array $masses): void
    {
        if (count($hours) !== count($masses)) {
            throw InvalidFigure::because('masses', sprintf('Each weighing needs its hour: %d hours and %d masses were given.', count($hours), count($masses)));
        }
        if (count($hours) < self::FEWEST || $masses === []) {
            throw InvalidFigure::because('masses', sprintf('A drying course needs at least %d weighings; there are %d.', self::FEWEST, count($hours)));
        }
        InvalidFigure::unlessWithin('masses', count($hours), self::FEWEST, self::MOST, 'weighings');
        foreach ($hours as $i => $hour) {
            InvalidFigure::unlessWithin('hours', $hour, 0.0, 100_000.0, 'h');
            InvalidFigure::unlessWithin('masses', $masses[$i], 0.001, 1_000_000.0, 'g');
            if ($i > 0 && $hour <= $hours[$i - 1]) {
                throw InvalidFigure::because('hours', 'The hours must rise from weighing to weighing.');
            }
        }
        $spread = max($masses) - min($masses);
        if ($spread <= max($masses) * 1e-9) {
            throw InvalidFigure::because('masses', 'Every weighing is the same: there is no course to read.');
        }
        if ($masses[count($masses) - 1] >= $masses[0]) {
            throw InvalidFigure::because('masses', 'It is getting heavier, not lighter: it is taking up damp, or the weighings are of different lots.');
        }
    }

    /**
     * Straight-line least squares of the masses on e^(−kt).
     *
     * @param  list<float>  $hours
     * @param  list<float>  $masses
     * @return array{float, float, float} final mass, loss, sum of squares
     */
    private static function bestMasses(float $rate, array $hours, array $masses): array
    {
        $n = count($hours);
        $left = array_map(static fn (float $hour): float => exp(-$rate * $hour), $hours);
        $meanLeft = array_sum($left) / $n;
        $meanMass = array_sum($masses) / $n;
        $cross = 0.0;
        $square = 0.0;
        foreach ($left as $i => $share) {
            $cross += ($share - $meanLeft) * ($masses[$i] - $meanMass);
            $square += ($share - $meanLeft) ** 2;
        }
        $loss = $square > 0.0 ? $cross / $square : 0.0;
        $final = $meanMass - $loss * $meanLeft;
        $squares = 0.0;
        foreach ($left as $i => $share) {
            $squares += ($masses[$i] - $final - $loss * $share) ** 2;
        }

        return [$final, $loss, $squares];
    }

    /** @param  \Closure(float): float  $f */
    private static function golden(\Closure $f, float $low, float $high): float
    {
        $ratio = (sqrt(5.0) - 1.0) / 2.0;
        [$a, $b] = [$high - $ratio * ($high - $low), $low + $ratio * ($high - $low)];
        [$fa, $fb] = [$f($a), $f($b)];
        for ($i = 0; $i < self::REFINEMENTS && $high - $low > 1e-13; $i++) {
            if ($fa < $fb) {
                [$high, $b, $fb] = [$b, $a, $fa];
                $a = $high - $ratio * ($high - $low);
                $fa = $f($a);
            } else {
                [$low, $a, $fa] = [$a, $b, $fb];
                $b = $low + $ratio * ($high - $low);
                $fb = $f($b);
            }
        }

        return ($low + $high) / 2.0;
    }
}
