<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\Speaking;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Germination\LaidOtherwise;
use Marrow\Core\Germination\Verdict;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Sowing\SeedsPerCell;
use Marrow\Core\Steps\Testing\TestCourse;

/** What a germination test says, and how sure that is. */
final readonly class TestWords
{
    public function __construct(private LotCourse $lot) {}

    /** "82 %, likely 71 to 90 % of the seed came up." What to make of it is the advice's to say. */
    public function test(TestCourse $test): string
    {
        $share = $test->share();
        $outlook = $test->outlook($this->lot->practice);
        if ($share === null || $outlook === null) {
            return $test->wantsWarmth()
                ? sprintf('In the cold until %s; the first count is %s later.', Speaking::forms()->day($test->beganAt()), Quantity::number($this->lot->facts->crop->test->firstCount, 'day'))
                : sprintf('Nothing counted yet. The first count is on day %d.', $this->lot->facts->crop->test->firstCount);
        }
        $figure = Quantity::percent($share->rate()).', '.Quantity::likely($share->interval());
        $few = $share->sown < 25 ? sprintf(' Only %s tested, so this says little.', Quantity::number($share->sown, 'seed was', 'seeds were')) : '';
        if ($test->endedAt !== null) {

            return "$figure of the seed came up.$few{$this->slept($test)}";
        }

        $early = $outlook->verdictNow === Verdict::Open ? $test->early($this->lot->practice) : null;
        if ($early !== null && $early->verdictNow !== Verdict::Open) {
            return sprintf('%s up so far: it will end %s, as sure as 98 times in 100. It need not run on for that.%s', Quantity::percent($share->rate()), self::verdict($early->verdictNow), $few);
        }

        return $outlook->verdictNow === Verdict::Open
            ? sprintf('So far %s up; it can still end anywhere from %s to %s.%s', Quantity::percent($share->rate()), Quantity::percent($outlook->lowest), Quantity::percent($outlook->highest), $few)
            : sprintf('%s: %s, whatever the %s do.%s', $figure, self::verdict($outlook->verdictNow), Quantity::number($test->undecided(), 'undecided seed'), $few);
    }

    private function slept(TestCourse $test): string
    {
        return match (true) {
            ! $this->lot->testing->mayHaveSlept($test) => '',
            $this->lot->facts->crop->test->chilling => ' Nobody said that it had its weeks damp and cold first: what did not come up may have been asleep, and it is not counted against the lot.',
            default => ' It was fresh: what did not come up may have been asleep, and it is not counted against the lot.',
        };
    }

    /** What was otherwise than the crop wants; null where nothing was, as far as anybody said. */
    public function otherwise(TestCourse $test): ?string
    {
        $otherwise = $test->otherwise();
        $slept = $this->lot->testing->mayHaveSlept($test);
        $said = array_map(fn (LaidOtherwise $one): string => match ($one) {
            LaidOtherwise::Colder => sprintf('at %s, while the crop wants %s', Quantity::temperature($test->set->temperatureC), $this->wants()),
            LaidOtherwise::Warmer => sprintf('at %s, while the crop wants %s', Quantity::temperature($test->set->temperatureC), $this->wants()),
            LaidOtherwise::InTheLight => 'in the light, while the crop wants the dark',
            LaidOtherwise::InTheDark => 'in the dark, while the crop wants light',
            LaidOtherwise::NotChilled => 'without the weeks damp and cold that the crop wants',
        }, $slept ? array_values(array_filter($otherwise, static fn (LaidOtherwise $one): bool => $one !== LaidOtherwise::NotChilled)) : $otherwise);

        return $said === [] ? null : sprintf('It was laid %s: it says less than one laid as it should be, and more of the lot may be alive.', implode(', and ', $said));
    }

    private function wants(): string
    {
        $conditions = $this->lot->facts->crop->test;

        return $conditions->temperatureLow === $conditions->temperatureHigh ? Quantity::temperature($conditions->temperatureHigh) : Quantity::temperature($conditions->temperatureLow).' to '.Quantity::temperature($conditions->temperatureHigh);
    }

    private static function verdict(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::Good => 'good enough to be sown as usual',
            Verdict::Fair => 'good enough if it is sown thicker',
            Verdict::Poor => 'too few to rely on',
            Verdict::Open => 'open',
        };
    }

    /** Nothing is up by the day when most usually is: what that can mean, and what to try. */
    private function nothingUp(TestCourse $test): ?string
    {
        $conditions = $this->lot->facts->crop->test;
        $day = $test->lastDay();
        if ($test->endedAt !== null || $test->germinated() > 0 || $day === null || $day < $conditions->firstCount) {
            return null;
        }
        $wants = $this->wants();

        return implode(' ', array_filter([
            sprintf('Nothing is up on day %d, when most usually is. Cut one open: firm and white it is alive, soft or brown it is dead.', $day),
            $test->set->temperatureC < $conditions->temperatureLow - 2.0 ? sprintf('It lies at %s and wants %s: it may be too cold.', Quantity::temperature($test->set->temperatureC), $wants) : "It wants $wants, damp and not wet: where water stands it drowns.",
            $conditions->dormancy === null ? '' : sprintf('Alive, it may be asleep: %s.', lcfirst($conditions->dormancy)),
            $conditions->hardSeeded ? 'Hard seed takes no water until it is nicked or rubbed.' : '',
        ]));
    }

    /** Of what kinds the rest is, and what of it may be alive; null where nobody said. */
    public function rest(TestCourse $test): ?string
    {
        $nothing = $this->nothingUp($test);
        if ($nothing !== null) {
            return $nothing;
        }
        [$hard, $fresh, $empty] = [$test->left('hard'), $test->left('fresh'), $test->left('empty')];
        $dead = array_filter([
            $test->abnormal() === 0 ? '' : sprintf('%d abnormal', $test->abnormal()),
            $test->mouldy() === 0 ? '' : sprintf('%d rotten', $test->mouldy()),
            $empty === 0 ? '' : sprintf('%d empty', $empty),
        ]);
        $alive = array_filter([$hard === 0 ? '' : "$hard hard", $fresh === 0 ? '' : "$fresh firm and swollen"]);
        $said = array_filter([
            $dead === [] ? '' : sprintf('Of the rest %s.', implode(', ', $dead)),
            $alive === [] ? '' : sprintf('%s may be alive: up to %s may yet come, once nicked, chilled or kept longer.', ucfirst(implode(' and ', $alive)), Quantity::percent(($test->germinated() + $hard + $fresh) / max(1, $test->sown()))),
            $test->eaten() === 0 ? '' : sprintf('%s eaten: left out.', Quantity::number($test->eaten(), 'seed was', 'seeds were')),
            $test->lostDishes() === 0 ? '' : sprintf('%s lost: none of it is counted.', Quantity::number($test->lostDishes(), 'dish was', 'dishes were')),
        ]);

        return $said === [] ? null : implode(' ', $said);
    }

    /** What the test means at sowing; null before anything has come up, and where what did not may only have slept. */
    public function sowing(TestCourse $test): ?string
    {
        $share = $test->share();
        if ($share === null || $test->endedAt === null || $test->isOfSome() || $share->germinated === 0 || $this->lot->testing->mayHaveSlept($test)) {
            return null;
        }
        try {
            $sow = sprintf(
                'Sow %s to a module, or to each place in a row, to leave at most 1 in %d empty, or %s for %d plants (19 times in 20, indoors).',
                SeedsPerCell::of(max(0.001, $share->rate()), $this->lot->practice->number('max_empty')),
                (int) round(1 / $this->lot->practice->number('max_empty')),
                Quantity::seeds(SeedsNeeded::fromTest((int) $this->lot->practice->number('plants'), $share)),
                (int) $this->lot->practice->number('plants'),
            );

            return $sow.$this->thinning().($share->rate() < $this->lot->practice->poor ? ' Only if there is no other: sprouted first on damp paper, what comes can be potted on and no module stands empty.' : '');
        } catch (InvalidFigure $e) {
            return $e->getMessage();
        }
    }

    /** What is sown may be several seeds grown together. */
    private function thinning(): string
    {
        $crop = $this->lot->facts->crop;

        return $crop->germs === null || $crop->germs[1] < 2 ? '' : sprintf(' Each %s gives up to %d seedlings: thin them to one.', $crop->unit->value, $crop->germs[1]);
    }

    public function agreement(TestCourse $test): ?string
    {
        $agreement = $test->agreement();

        return match (true) {
            $agreement === null => null,
            $agreement->agree => 'The replicates agree.',
            default => sprintf(
                'The replicates do not agree (chance of such a difference: %s)%s: one was treated differently, or the seed was not well mixed. Test again.',
                $agreement->p < 0.001 ? 'under 1 in 1 000' : '1 in '.round(1 / $agreement->p),
                $agreement->farthest === null ? '' : sprintf(', dish %d the least like the others with %d of %d', $test->dishes()[$agreement->farthest], $test->perReplicate('normal')[$agreement->farthest], $test->laid()[$agreement->farthest]),
            ),
        };
    }
}
