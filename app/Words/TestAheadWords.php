<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Figures;
use App\Voice\Quantity;
use App\Voice\Speaking;
use DateTimeImmutable;
use Marrow\Core\Botany\Light;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Show;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\Power;
use Marrow\Core\Germination\SmallerTest;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Work\Later;

/** What a test would cost and tell, said before its seed is taken. */
final readonly class TestAheadWords
{
    /** How surely a difference is to show for so many seeds to be enough. */
    private const SURELY = 0.8;

    public function __construct(private LotCourse $lot) {}

    /** "50 of 900 seeds; 850 are left." */
    public function costs(int $seeds): string
    {
        $there = $this->lot->stock->stock->seeds();
        $unit = $this->lot->facts->crop->counts()->value;
        if ($there === null) {
            return sprintf('%s of it; how many there are is not known.', Quantity::seeds($seeds, $unit));
        }

        return $seeds > $there
            ? sprintf('%s, and there are only %s.', Quantity::seeds($seeds, $unit), Quantity::seeds($there, $unit))
            : sprintf('%s of %s; %s are left.', Show::count($seeds), Quantity::seeds($there, $unit), Quantity::seeds($there - $seeds, $unit));
    }

    /** How much such a test leaves open, and twice as many. */
    public function tells(int $seeds): string
    {
        $limits = static fn (int $of): string => Quantity::likely(GerminationShare::of((int) round(SmallerTest::COMING_UP * $of), $of)->interval());

        return sprintf('Were %s of %s to come up, %s of the lot would be alive; with %s seeds %s.', Show::count((int) round(SmallerTest::COMING_UP * $seeds)), Show::count($seeds), $limits($seeds), Show::count(2 * $seeds), $limits(2 * $seeds));
    }

    /** Whether a difference worth knowing would show beside another of as many; null where more are laid than is reckoned. */
    public function beside(int $seeds): ?string
    {
        [$a, $b] = SideBySideWords::WORTH;
        try {
            $power = Power::of($seeds, $seeds, $a, $b);
            $wanted = Power::seeds($a, $b, self::SURELY);
        } catch (InvalidFigure) {
            return null;
        }
        $would = sprintf('Beside another of as many, %s against %s would show %s', Quantity::percent($a), Quantity::percent($b), Figures::oneIn($power));

        return $power >= self::SURELY || $wanted === null ? "$would." : "$would; to be shown 8 times in 10, it wants $wanted seeds of each.";
    }

    /** @return list<string> how the crop wants it, and what wakes it while it may sleep */
    public function wants(DateTimeImmutable $now): array
    {
        $wants = $this->lot->facts->crop->test;
        $fresh = $wants->fresh;
        $picked = $this->lot->origin->lastAt();
        $isPast = $fresh !== null && $picked !== null && Later::days($picked, 7 * $fresh->weeksMax) <= $now;
        $awake = $this->lot->testing->awakeAt();

        return array_values(array_filter([
            sprintf(
                'It wants %s%s; first counted on day %d, last on day %d.',
                $wants->temperatureLow === $wants->temperatureHigh ? Quantity::temperature($wants->temperatureHigh) : Quantity::temperature($wants->temperatureLow).' to '.Quantity::temperature($wants->temperatureHigh),
                match ($wants->light) {
                    Light::Any => '',
                    Light::Light => ' and light',
                    Light::Dark => ' and the dark',
                },
                $wants->firstCount,
                $wants->lastCount,
            ),
            $wants->dormancy === null ? '' : "$wants->dormancy.",
            $fresh === null || $fresh->weeksMax === 0 || $isPast ? '' : sprintf(
                'Fresh it may sleep for %s: %s.%s',
                $fresh->weeksMin === $fresh->weeksMax ? Quantity::number($fresh->weeksMax, 'week') : "$fresh->weeksMin to $fresh->weeksMax weeks",
                lcfirst($fresh->brokenBy),
                $awake === null ? '' : sprintf(' This lot is past that from %s on.', Speaking::forms()->day($awake)),
            ),
            $wants->hardSeeded ? 'Some of it is hard, and takes no water until it is nicked or rubbed.' : '',
        ], static fn (string $one): bool => $one !== ''));
    }
}
