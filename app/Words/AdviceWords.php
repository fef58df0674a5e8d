<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Months;
use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Lot\Advice;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\Told;

/** What a lot is good for, all told: the only words that give orders about it. */
final readonly class AdviceWords
{
    public function __construct(private LotCourse $lot) {}

    public function sentence(Advice $advice): string
    {
        $tests = $this->lot->testing->disagreements();

        return $this->counsel($advice).($tests === [] || $advice->test === null ? '' : ' '.self::disagree(...$tests[0]));
    }

    /** Of two tests that cannot both be right. */
    public static function disagree(TestCourse $first, TestCourse $second): string
    {
        $said = static fn (TestCourse $test): string => sprintf('%d of %d in %s', $test->germinated(), $test->sown(), When::month($test->startedAt));

        return sprintf('Its tests disagree: %s, %s, and seed does not rise. The first was faulty, or the seed asleep in it; the later one counts.', $said($first), $said($second));
    }

    private function counsel(Advice $advice): string
    {
        $share = $advice->test?->share();
        $tested = $share === null || $advice->test === null ? '' : sprintf($advice->test->told === Told::ByGiver ? '%s as it was told, %s, in a test of %s' : '%s, %s, in the test of %s', Quantity::percent($share->rate()), Quantity::likely($share->interval()), When::month($advice->test->startedAt));

        return match ($advice->counsel) {
            Counsel::NotForSeed => 'Crossed: it may be grown as a mixture, but not for seed of its variety.',
            Counsel::PlantAlive => self::keptAlive($this->lot->facts->crop),
            Counsel::MaySleep => $this->lot->facts->crop->test->chilling
                ? "It may be asleep, not dead: $tested, and nobody said that it had its weeks damp and cold first. Test it again, chilled."
                : "It may be asleep, not dead: $tested, while fresh seed of it still sleeps. {$this->woken()} Then test it again.",
            Counsel::SowFresh => self::keptDamp($this->lot->facts->crop),
            Counsel::DryFirst => $this->lot->treating->isWet()
                ? 'Dry it before anything else: it is wet from its bath.'
                : 'Dry it before anything else: as damp as this it does not keep.',
            Counsel::AwaitTest => 'A test is running: wait for what it says.',
            Counsel::DoNotRely => "Do not rely on it: $tested.",
            Counsel::TestFirst => $tested === '' ? 'Test it before you rely on it: by the forecast it may have fallen low, and it was never tested.' : "Test it before you rely on it: it was $tested, and may have fallen low since.",
            Counsel::PastUnknown => 'Test it before you rely on it: nobody knows how it was kept before it came here.',
            Counsel::KeptTooHot => sprintf('Test it before you rely on it: nobody knows how long seed lives at %s.', Quantity::temperature((float) $this->lot->storing->now?->at->temperatureC)),
            Counsel::SowThicker => "Sow it thicker: $tested.",
            Counsel::SowAsUsual => "Sow it as usual: $tested.",
            Counsel::Untested => sprintf('Never tested: taken to be sound, at %s. A test would tell.', Quantity::percent($this->lot->practice->untestedShare)),
        };
    }

    /** How what is kept alive is kept, and until when. */
    public static function keptAlive(Crop $crop): string
    {
        $kept = $crop->vegetative;

        return $kept === null ? 'It is kept alive until it is planted.' : sprintf(
            'It is kept alive until it is planted, %s%s%s.',
            Months::during($kept->plant[0], $kept->plant[1], $crop),
            $kept->keeps === null ? '' : sprintf('; it keeps %s to %s months', $kept->keeps[0], $kept->keeps[1]),
            $kept->storeTemperature === null ? '' : sprintf(' at %s to %s', Quantity::temperature($kept->storeTemperature[0]), Quantity::temperature($kept->storeTemperature[1])),
        );
    }

    /** What dies when it dries is sown, or kept damp for a while. */
    public static function keptDamp(Crop $crop): string
    {
        return $crop->damp === null ? 'Sow it fresh: this kind dies when it dries.' : sprintf(
            'Sow it fresh, or keep it damp: this kind dies when it dries. In %s at %s to %s it lives for %s at the most.',
            lcfirst($crop->damp->medium),
            Quantity::temperature($crop->damp->temperature[0]),
            Quantity::temperature($crop->damp->temperature[1]),
            Quantity::number((int) round($crop->damp->months), 'month'),
        );
    }

    /** What wakes fresh seed. */
    private function woken(): string
    {
        $fresh = $this->lot->facts->crop->test->fresh;

        return $fresh === null ? '' : "It is woken by: {$fresh->brokenBy}.";
    }
}
