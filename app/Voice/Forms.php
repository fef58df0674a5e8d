<?php

declare(strict_types=1);

namespace App\Voice;

use DateTimeImmutable;
use Marrow\Core\Year\GardenYear;
use Marrow\Core\Year\YearTurn;

/** In what form days, hours, months of the handbook and quantities are said: by the keeper's setting, and everywhere the same. */
final readonly class Forms
{
    /** What names the seasons of the garden. */
    public YearTurn $turn;

    public function __construct(public UnitSystem $units = UnitSystem::Metric, public string $dayForm = 'words', public string $hourForm = 'h24', public GardenYear $year = new GardenYear)
    {
        $this->turn = $year->shift->turn;
    }

    /** Whether 9/4/2026 is the 4th of September here; null where nobody writes days so. */
    public function monthFirst(): ?bool
    {
        return match ($this->dayForm) {
            'us' => true,
            'numbers' => false,
            default => null,
        };
    }

    /** "14 September 2026", "September 14, 2026", "14.09.2026", "2026-09-14". */
    public function day(DateTimeImmutable $at): string
    {
        return $at->format(match ($this->dayForm) {
            'us' => 'F j, Y',
            'numbers' => 'd.m.Y',
            'iso' => 'Y-m-d',
            default => 'j F Y',
        });
    }

    /** The same within the year that is spoken of: "Monday 14 September". */
    public function dayOfYear(DateTimeImmutable $at): string
    {
        return $at->format(match ($this->dayForm) {
            'us' => 'l, F j',
            'numbers' => 'D d.m.',
            'iso' => 'D m-d',
            default => 'l j F',
        });
    }

    /** Of any year: "14 September". */
    public function anyYear(DateTimeImmutable $at): string
    {
        return $at->format(match ($this->dayForm) {
            'us' => 'F j',
            'numbers' => 'd.m.',
            'iso' => 'm-d',
            default => 'j F',
        });
    }

    /** Short, where there is little room: "14 Sep". */
    public function shortDay(DateTimeImmutable $at): string
    {
        return $at->format(match ($this->dayForm) {
            'us' => 'M j',
            'numbers' => 'd.m.',
            'iso' => 'm-d',
            default => 'j M',
        });
    }

    /** "18:30", "6:30 pm". */
    public function hour(DateTimeImmutable $at): string
    {
        return $at->format($this->hourForm === 'h12' ? 'g:i a' : 'H:i');
    }
}
