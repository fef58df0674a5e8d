<?php

declare(strict_types=1);

namespace Marrow\Core\Harvest;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;

/**
 * When to cut a stand that ripens unevenly and sheds. Seed ripens normally about the middle of the window, with a quarter of
 * the window as standard deviation; ripe seed is shed at random, staying on for a mean time. Cut on day t one keeps what is
 * ripe and still on, and what would have ripened within so many days, if it ripens under cover.
 */
final readonly class CutDay
{
    /** Halvings of the search for the best day: to less than a millionth of the span. */
    private const TURNS = 80;

    private float $middle;

    private float $deviation;

    /**
     * @param  float  $day  the best to cut on, days from the same start as the window
     * @param  float  $kept  share of the seed that is kept then
     */
    private function __construct(public float $day, public float $kept, private float $from, private float $to, private float $hold, private float $finish)
    {
        $this->middle = ($from + $to) / 2.0;
        $this->deviation = ($to - $from) / 4.0;
    }

    /**
     * @param  float  $from  day on which the first seed is ripe, 0 … 1000
     * @param  float  $to  day on which the last is, after $from
     * @param  float  $hold  mean days for which ripe seed stays on, 0.1 … 1000
     * @param  float  $finish  days before ripeness at which seed may be cut and still ripen, 0 … 100
     *
     * @throws InvalidFigure
     */
    public static function of(float $from, float $to, float $hold, float $finish = 0.0): self
    {
        InvalidFigure::unlessWithin('ripe_from', $from, 0.0, 1000.0, 'days');
        InvalidFigure::unlessWithin('ripe_to', $to, $from + 0.5, 1000.5, 'days');
        InvalidFigure::unlessWithin('hold_days', $hold, 0.1, 1000.0, 'days');
        InvalidFigure::unlessWithin('finish_days', $finish, 0.0, 100.0, 'days');
        $any = new self(0.0, 0.0, $from, $to, $hold, $finish);
        // What is kept rises to one best day and falls after it: the better two thirds of the span, again and again.
        [$low, $high] = [$from - $finish - 2.0 * $any->deviation, $to + 2.0 * $any->deviation + $hold];
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            [$a, $b] = [$low + ($high - $low) / 3.0, $high - ($high - $low) / 3.0];
            $any->keptOn($a) < $any->keptOn($b) ? $low = $a : $high = $b;
        }
        $best = ($low + $high) / 2.0;

        return new self($best, $any->keptOn($best), $from, $to, $hold, $finish);
    }

    /** Share of the seed that is kept when the stand is cut on a day. */
    public function keptOn(float $day): float
    {
        $z = ($day - $this->middle) / $this->deviation;
        $ripens = Normal::below($z + $this->finish / $this->deviation) - Normal::below($z);

        return max(0.0, min(1.0, $this->stillOn($z) + $ripens));
    }

    /** Share of the seed that is still green then, and does not ripen any more. */
    public function greenOn(float $day): float
    {
        return 1.0 - Normal::below(($day - $this->middle + $this->finish) / $this->deviation);
    }

    /** Share of the seed that has fallen by then. */
    public function fallenOn(float $day): float
    {
        return max(0.0, 1.0 - $this->keptOn($day) - $this->greenOn($day));
    }

    /**
     * Share kept when ripe seed is gathered every so many days: what ripens between two visits has on average half of that
     * time in which to fall.
     *
     * @param  float  $every  days, above 0
     */
    public static function keptByVisits(float $hold, float $every): float
    {
        InvalidFigure::unlessWithin('hold_days', $hold, 0.1, 1000.0, 'days');
        InvalidFigure::unlessWithin('visit_every', $every, 0.1, 365.0, 'days');

        return -expm1(-$every / $hold) * $hold / $every;
    }

    /** ∫ φ(u) e^{−(t−u)/h} du up to t, in standard deviations: e^{r²/2 − rz} Φ(z − r), with r = deviation/hold. */
    private function stillOn(float $z): float
    {
        $r = $this->deviation / $this->hold;
        $x = $r - $z;
        if ($x < 8.0) {
            return exp($r * $r / 2.0 - $r * $z) * Normal::below(-$x);
        }
        // Φ(−x) = φ(x)/x · (1 − 1/x² + 3/x⁴ − 15/x⁶ …): the exponents cancel before they overflow.
        $x2 = $x * $x;

        return exp(-$z * $z / 2.0) * 0.3989422804014327 / $x * (1.0 - 1.0 / $x2 + 3.0 / $x2 ** 2 - 15.0 / $x2 ** 3 + 105.0 / $x2 ** 4);
    }
}
