<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Germination\UsualPace;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\Told;

/** How fast and how evenly a lot came up, against its own earlier tests and what is usual of its crop. */
final readonly class VigourWords
{
    /** Degrees within which two tests lay as warm. */
    private const AS_WARM = 3.0;

    /** Days by which two tests differ before that is spoken of: counts lie no closer. */
    private const APART = 1.0;

    public function __construct(private LotCourse $lot) {}

    /** null until something has come up */
    public function of(TestCourse $test): ?string
    {
        $speed = $test->speed();
        if ($speed === null || $speed->halfBetween === null) {
            return null;
        }
        if (! $speed->tellsHalf()) {
            [$from, $to] = $speed->halfBetween;

            return $test->told === Told::Not ? sprintf('Half of those that came up came between day %d and day %d: the counts lie too far apart to say how fast.', (int) $from, (int) $to) : null;
        }
        $half = (float) $speed->t50;

        return implode(' ', array_filter([
            sprintf('Half of those that came up were up by day %s (T50)%s.', Quantity::decimal($half), $speed->middleDays === null ? '' : sprintf(', the middle half of them within %s days', Quantity::decimal($speed->middleDays))),
            $this->usual($half),
            $this->earlier($test, $half),
        ]));
    }

    private function usual(float $half): string
    {
        $conditions = $this->lot->facts->crop->test;
        $usual = UsualPace::ofCounts($conditions->firstCount, $conditions->lastCount)->halfUp();

        return sprintf('Fresh seed of the crop: about day %s, by an assumed pace%s.', Quantity::decimal($usual), $half > 1.5 * $usual ? '; slow seed is old or tired, often before fewer come up' : '');
    }

    /** Against the last of its own that lay as warm and can tell. */
    private function earlier(TestCourse $test, float $half): string
    {
        $before = null;
        foreach ($this->lot->testing->tests as $other) {
            if ($other !== $test && $other->startedAt < $test->startedAt && $other->set->group === $test->set->group && $other->speed()?->tellsHalf() === true && abs($other->set->temperatureC - $test->set->temperatureC) <= self::AS_WARM) {
                $before = $other;
            }
        }
        if ($before === null) {
            return '';
        }
        $was = (float) $before->speed()?->t50;

        return sprintf('In its test of %s it was day %s%s.', When::month($before->startedAt), Quantity::decimal($was), match (true) {
            $half - $was >= self::APART => ': slower now',
            $was - $half >= self::APART => ': faster now',
            default => ': no slower',
        });
    }
}
