<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use DateTimeImmutable;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Selection\ParentChoice;
use Marrow\Core\Selection\TraitList;
use Marrow\Core\Selection\TraitYear;
use Marrow\Core\Steps\Choosing\Aim;
use Marrow\Core\Steps\Choosing\WalkedPlant;
use Marrow\Core\Steps\Ripening\Readiness;

/** What bears on which plants are kept as parents. */
final readonly class ChoosingWords
{
    /** Years on end after which one trait alone is spoken of. */
    private const ALONE = 3;

    /** So many plants must be known by when they were ripe before one of them is the last. */
    private const TO_BE_LAST = 3;

    /** @param  list<WalkedYear>  $earlier  plantings of the variety in years before, the oldest first */
    public function __construct(private PlantingCourse $planting, private ParentChoice $choice, private array $earlier = []) {}

    /** @return list<string> */
    public function said(): array
    {
        if ($this->planting->choosing->plants === []) {
            return [];
        }

        return array_values(array_filter([
            match ($this->planting->choosing->aim) {
                Aim::Keep => 'It is kept as it is: nothing is chosen but what is struck out, and as many of the others as can be give seed.',
                Aim::Mix => 'It is let mix: all that is not struck out gives seed, whatever it looks like.',
                Aim::Improve => '',
            },
            self::which('Struck out: %s. No parent, whatever else it has.', $this->choice->out),
            self::which('Not scored in all, so in no order: %s.', $this->choice->unscored),
            self::which('With more room, at a border or a gap, a plant looks better than it is: %s.', array_keys(array_filter($this->planting->choosing->plants, static fn (WalkedPlant $plant): bool => $plant->atEdge && $plant->out === null))),
            ...$this->rare(),
            $this->planting->choosing->setsItsOwnSeed() ? 'It sets its own seed: in a line that is settled choosing among plants gains nothing but what is struck out; among crosses that still split it does.' : '',
            $this->few(),
            $this->last(),
            // What rotted says nothing of the fruit of others, but counts where parents are chosen.
            ...array_map(static fn (string $said): string => "On the shelf: $said", ShelfWords::of($this->planting->shelf->fruits)),
            $this->alone(),
            'Equal seed from each keeps most of what there is.',
        ], static fn (string $one): bool => $one !== ''));
    }

    /** @return list<string> */
    private function rare(): array
    {
        $with = [];
        foreach ($this->planting->choosing->plants as $plant) {
            if ($plant->rare !== '' && $plant->out === null) {
                $with[mb_strtolower($plant->rare)][] = $plant->number;
            }
        }
        $said = [];
        foreach ($with as $rare => $plants) {
            if (array_intersect($plants, $this->planting->choosing->kept) === []) {
                $said[] = sprintf('%s: %s of those that were looked at (%s). Keep one in the mix, though it may score low.', mb_strtoupper(mb_substr((string) $rare, 0, 1)).mb_substr((string) $rare, 1), Quantity::number(count($plants), 'plant'), implode(', ', $plants));
            }
        }

        return $said;
    }

    /** The last to ripen is easily taken, because the others have been eaten by then. */
    private function last(): string
    {
        $ripe = [];
        foreach ($this->planting->shelf->fruits as $fruit) {
            $plant = (int) $fruit->shelved->plant;
            $ripe[$plant] = min($ripe[$plant] ?? $fruit->pickedAt, $fruit->pickedAt);
        }
        foreach ($this->planting->ripening->looks as $mark => $look) {
            if ($look->seen->ready === Readiness::Ready && (int) $mark > 0) {
                $ripe[(int) $mark] ??= $look->at;
            }
        }
        unset($ripe[0]);
        if (count($ripe) < self::TO_BE_LAST) {
            return '';
        }
        $days = array_map(static fn (DateTimeImmutable $at): string => $at->format('Y-m-d'), $ripe);
        $latest = array_keys($days, max($days), true);

        return count($latest) === 1 && in_array($latest[0], $this->planting->choosing->kept, true)
            ? sprintf('Plant %d was the last to ripen: of seed that is kept of the last a line grows later year by year.', $latest[0])
            : '';
    }

    /** What is chosen by one thing alone loses others unseen. */
    private function alone(): string
    {
        $alone = TraitYear::alone([...array_map(static fn (WalkedYear $year): array => $year->choosing->traits()->names(), $this->earlier), $this->planting->choosing->traits()->names()], self::ALONE);

        return $alone === null ? '' : sprintf('By %s alone for the third year: what it is not chosen by may be lost meanwhile. Choose by something else for a year, or keep more.', $alone);
    }

    /**
     * What became of each trait, year by year.
     *
     * @param  list<WalkedYear>  $years  the oldest first
     * @return array<string, list<string>> a line a year, by the name of the trait; of what is known of one year alone nothing
     */
    public static function years(array $years, TraitList $traits): array
    {
        $told = [];
        foreach ($traits->traits as $trait) {
            $lines = [];
            foreach ($years as $year) {
                $scores = [];
                foreach ($year->choosing->plants as $plant) {
                    if ($plant->out === null && isset($plant->scores[$trait->name])) {
                        $scores[$plant->number] = $plant->scores[$trait->name];
                    }
                }
                $one = TraitYear::of($scores, $year->choosing->kept);
                if ($one !== null) {
                    $lines[] = sprintf('%d: %s', $year->season, self::told($one, $trait->unit)).($year->weather === '' ? '' : ". $year->weather");
                }
            }
            if (count($lines) > 1) {
                $told[$trait->name] = $lines;
            }
        }

        return $told;
    }

    private static function told(TraitYear $year, string $unit): string
    {
        $figure = static fn (float $value): string => Quantity::decimal(round($value, 1)).($unit === '' ? '' : "\u{00A0}$unit");

        return sprintf('%s%s, %s', $figure($year->mean), $year->limits === null ? '' : sprintf(' (%s to %s)', Quantity::decimal(round($year->limits->low, 1)), Quantity::decimal(round($year->limits->high, 1))), Quantity::number($year->plants, 'plant'))
            .($year->parents === null ? '' : sprintf('; their parents-to-be %s', $figure($year->parents)));
    }

    private function few(): string
    {
        $kept = count($this->planting->choosing->kept);
        $parents = $this->planting->facts->crop->parents;

        return match (true) {
            $kept === 0 || $kept >= $parents->variety => '',
            $kept < $parents->bare => sprintf('%s: fewer than the crop bears (%d in need, %d to keep a variety as it is).', Quantity::number($kept, 'parent'), $parents->bare, $parents->variety),
            default => sprintf('%s: fewer than keep a variety as it is (%d); for a year in need it does.', Quantity::number($kept, 'parent'), $parents->variety),
        };
    }

    /** @param  list<int>  $plants */
    private static function which(string $words, array $plants): string
    {
        return $plants === [] ? '' : sprintf($words, implode(', ', $plants));
    }
}
