<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\CheckedForecastDocument;
use App\Documents\HindsightDocument;
use App\Models\Lot;
use App\Models\TestStanding;
use App\Moment;
use App\Reading\Facts;
use App\Voice\Quantity;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Storage\KeeperPace;

/**
 * Each forecast as it stood before a test, from what had been recorded until then, against what the test found; and what
 * all tests together say of how seed ages in this store.
 */
final readonly class Hindsight
{
    private const MOST = 60;

    public function __construct(private Facts $facts, private Tags $tags) {}

    public function all(): HindsightDocument
    {
        $tests = TestStanding::query()->whereNotNull('ended_at')->whereNotNull('last_day')
            ->with(['lot.variety', 'lot.standing', 'lot.planting'])->orderByDesc('started_at')->limit(self::MOST)->get();
        $lots = $tests->map(static fn (TestStanding $test): Lot => $test->lot)->keyBy('id');
        $checks = $courses = [];
        // Each is folded as it is, and as it was before its tests.
        $this->facts->each($lots->values(), function (Lot $lot, LotCourse $course) use ($tests, &$checks, &$courses): void {
            $courses[$lot->id] = $course;
            foreach ($tests->where('lot_id', $lot->id) as $i => $test) {
                $checks[$i] = $this->check($test, $course);
            }
        });
        // The newest first, as they were read.
        ksort($checks);
        $checks = array_values(array_filter($checks));

        return new HindsightDocument(self::held($checks), self::store($courses), $checks);
    }

    private function check(TestStanding $test, LotCourse $lot): ?CheckedForecastDocument
    {
        $at = Moment::read($test->started_at);
        $forecast = $this->facts->lotBefore($test->lot, $at)->forecast();
        $share = $lot->testing->tests[$test->test_id]?->share();
        if ($forecast === null || $share === null || $forecast->startAt() >= $at) {
            return null;
        }
        $band = $forecast->wouldBeFound($share->sown, $at);
        $found = $share->interval();
        $held = $share->rate() >= $band->low && $share->rate() <= $band->high;

        return new CheckedForecastDocument(
            $this->tags->lot($test->lot),
            Moment::say($at),
            $forecast->shareAt($at),
            $band->low,
            $band->high,
            $share->rate(),
            $found->low,
            $found->high,
            $held,
            sprintf(
                'Forecast %s; a test of %s would find %s. It found %s.%s',
                Quantity::percent($forecast->shareAt($at)),
                Quantity::number($share->sown, 'seed'),
                Quantity::likely($band),
                Quantity::percent($share->rate()),
                $held ? '' : ($share->rate() > $band->high ? ' Better than that.' : ' Worse than that.'),
            ),
        );
    }

    /** @param  list<CheckedForecastDocument>  $checks */
    private static function held(array $checks): string
    {
        $of = count($checks);
        if ($of === 0) {
            return 'No forecast has been put to a test yet: a lot that is in store and is tested later will stand here.';
        }
        $held = count(array_filter($checks, static fn (CheckedForecastDocument $check): bool => $check->held));

        return sprintf(
            '%d of %s held: the test found what it would find in nine cases of ten.%s',
            $held,
            Quantity::number($of, 'forecast'),
            $of < 20 ? ' So few say little of the rest.' : '',
        );
    }

    /** @param  array<string, LotCourse>  $lots  that have tests */
    private static function store(array $lots): ?string
    {
        $observed = [];
        $spread = [];
        foreach ($lots as $lot) {
            $told = $lot->telling();
            if ($told !== null) {
                $observed[] = exp($told->slower);
                $spread[] = min(5.0, max(0.01, $told->error));
            }
        }
        if ($observed === []) {
            return null;
        }
        $pace = KeeperPace::learn($observed, $spread);
        [$low, $high] = $pace->band();

        return sprintf(
            'Going by the tests of %s, seed here lasts about %s times as long as the model has it, likely %s to %s times.%s',
            Quantity::number(count($observed), 'lot'),
            Quantity::decimal($pace->factor()),
            Quantity::decimal($low),
            Quantity::decimal($high),
            $low <= 1.0 && $high >= 1.0 ? ' That is no different from the model, as far as these tell.' : '',
        );
    }
}
