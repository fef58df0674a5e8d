<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\SeasonCropDocument;
use App\Documents\SeasonDocument;
use App\Documents\SeedLookDocument;
use App\Models\Variety;
use App\Voice\Months;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\Sowing;
use Marrow\Core\Botany\SowingPlace;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Year\SeedYear;

/** What the handbook has to say of a month, for the crops that the garden has varieties of. */
final readonly class Season
{
    public function __construct(private CropReference $crops, private Practice $practice) {}

    public function of(DateTimeImmutable $today): SeasonDocument
    {
        $own = array_flip(Variety::query()->distinct()->pluck('crop')->all());
        $month = (int) $today->format('n');
        $sow = $bloom = $ripe = [];
        $others = 0;
        foreach ($this->crops->all() as $crop) {
            $now = array_values(array_filter($crop->growing->sowings, static fn (Sowing $sowing): bool => $month >= $sowing->from && $month <= $sowing->to));
            if (! isset($own[$crop->key])) {
                $others += $now === [] ? 0 : 1;

                continue;
            }
            if ($now !== []) {
                $sow[] = self::line($crop, self::howSown($now[0]));
            }
            foreach ($crop->growing->sowings as $sowing) {
                [$first, $last, $from, $to] = $this->days($crop, $sowing, $today);
                if ($first <= $today && $today <= $last) {
                    $bloom[$crop->key] = self::line($crop, 'until about '.Months::part(self::month($last)));
                }
                if ($from <= $today && $today <= $to) {
                    $ripe[$crop->key] = self::line($crop, lcfirst($crop->ripening->cue));
                }
            }
        }

        return new SeasonDocument(Months::name($month), $sow, array_values($bloom), array_values($ripe), $others);
    }

    /**
     * Bloom and ripe seed of what was sown in the middle of its months and blooms this year.
     *
     * @return array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable, DateTimeImmutable}
     */
    private function days(Crop $crop, Sowing $sowing, DateTimeImmutable $today): array
    {
        $sown = $today->setDate((int) $today->format('Y') - $sowing->years, intdiv($sowing->from + $sowing->to, 2), 15)->setTime(0, 0);
        $year = SeedYear::of($crop->growing, $sown, $this->practice->shift);

        return [$year->firstBloom, $year->lastBloom, $year->ripeFrom, $year->lastBloom->modify(sprintf('+%d days', $crop->growing->ripeDays()))];
    }

    private static function line(Crop $crop, string $note): SeasonCropDocument
    {
        return new SeasonCropDocument($crop->key, $crop->name, $note, SeedLookDocument::of($crop));
    }

    private static function howSown(Sowing $sowing): string
    {
        $blooms = match ($sowing->years) {
            0 => 'to bloom this year',
            1 => 'to bloom next year',
            2 => 'to bloom the year after next',
            default => "to bloom in $sowing->years years",
        };

        return match ($sowing->place) {
            SowingPlace::Glass => 'under glass, ',
            SowingPlace::Open => 'in the open, ',
            SowingPlace::Either => '',
        }.$blooms;
    }

    private static function month(DateTimeImmutable $day): float
    {
        return (int) $day->format('n') + ((int) $day->format('j') - 1) / 31;
    }
}
