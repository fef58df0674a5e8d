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
        $here = (int) $today->format('n');
        $sow = $bloom = $ripe = $lift = $others = [];
        $crops = $this->crops->all();
        usort($crops, static fn (Crop $a, Crop $b): int => strcasecmp($a->name, $b->name));
        foreach ($crops as $crop) {
            $isOwn = isset($own[$crop->key]);
            $month = $this->practice->year->shiftOf($crop->growing)->turn->monthInBook($here);
            $how = $this->howBegun($crop, $month);
            if ($how !== null) {
                $line = self::line($crop, $how);
                $isOwn ? $sow[] = $line : $others[] = $line;
            }
            if (! $isOwn) {
                continue;
            }
            if ($crop->isKeptAlive()) {
                if ($crop->vegetative?->isLiftedIn($month) === true) {
                    $lift[] = self::line($crop, lcfirst($crop->vegetative->cue ?? $crop->ripening->cue));
                }

                continue;
            }
            foreach ($this->practice->year->cannotBloom($crop) ? [] : $crop->growing->sowings as $sowing) {
                [$first, $last, $from, $to] = $this->days($crop, $sowing, $today);
                if ($first <= $today && $today <= $last) {
                    $bloom[$crop->key] = self::line($crop, 'until about '.Months::partHere(self::month($last)));
                }
                if ($from <= $today && $today <= $to) {
                    $ripe[$crop->key] = self::line($crop, lcfirst($crop->ripening->cue));
                }
            }
        }

        return new SeasonDocument(Months::name($here), $sow, array_values($bloom), array_values($ripe), $lift, $others);
    }

    /**
     * Bloom and ripe seed of what was sown in the middle of its months and blooms this year.
     *
     * @return array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable, DateTimeImmutable}
     */
    private function days(Crop $crop, Sowing $sowing, DateTimeImmutable $today): array
    {
        $shift = $this->practice->year->shiftOf($crop->growing);
        $turn = $shift->turn;
        $inBook = $turn->inBook($today);
        $sown = $inBook->setDate((int) $inBook->format('Y') - $sowing->years, intdiv($sowing->from + $sowing->to, 2), 15)->setTime(0, 0);
        $year = SeedYear::of($crop->growing, $turn->here($sown), $shift);

        return [$year->firstBloom, $year->lastBloom, $year->ripeFrom, $year->lastBloom->modify(sprintf('+%d days', $crop->growing->ripeDays()))];
    }

    private static function line(Crop $crop, string $note): SeasonCropDocument
    {
        return new SeasonCropDocument($crop->key, $crop->name, $note, SeedLookDocument::of($crop->title()));
    }

    /** How a crop is sown or planted in a month; null where it is neither. */
    private function howBegun(Crop $crop, int $month): ?string
    {
        if ($crop->isKeptAlive()) {
            return $crop->vegetative?->isPlantedIn($month) === true ? sprintf('%ss are planted', $crop->unit->value) : null;
        }
        foreach ($crop->growing->sowings as $sowing) {
            if ($sowing->isIn($month)) {
                return $this->howSown($crop, $sowing);
            }
        }

        return null;
    }

    private function howSown(Crop $crop, Sowing $sowing): string
    {
        // Over the new year nobody counts by the calendar.
        $year = $this->practice->year->shift->turn->spansNewYear() ? 'season' : 'year';
        $blooms = $this->practice->year->cannotBloom($crop) ? 'and will not bloom here' : match ($sowing->years) {
            0 => "to bloom this $year",
            1 => "to bloom next $year",
            2 => "to bloom the $year after next",
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
