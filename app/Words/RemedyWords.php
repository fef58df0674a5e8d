<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Isolation\Protection;
use Marrow\Core\Season\Obstacle;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\Remedy;
use Marrow\Core\Season\RemedyKind;
use Marrow\Core\Season\RemedyPlan;
use Marrow\Core\Season\SeasonPlan;

/** What can be done about crossing, said to the keeper who would do it. */
final readonly class RemedyWords
{
    /** @param  array<string, string>  $waiting  id => why it can wait a year, or why not */
    public function __construct(private SeasonPlan $plan, private PlanWords $words, private array $waiting) {}

    public static function title(string $way): string
    {
        return match ($way) {
            'least_work' => 'With the least work',
            'grow_all' => 'With everything grown this year',
            default => 'Without cages and hand work',
        };
    }

    public function step(Remedy $remedy): string
    {
        $planting = $this->planting($remedy->planting);
        $name = $planting === null ? $remedy->planting : $this->words->name($planting);
        $sow = $planting?->sow->modify(sprintf('%+d days', $remedy->days));

        return match ($remedy->kind) {
            RemedyKind::Shift => sprintf('Sow %s %s %s, on %s.', $name, Quantity::number(abs($remedy->days), 'day'), $remedy->days > 0 ? 'later' : 'earlier', $sow === null || $sow === false ? '' : $sow->format('j F')),
            RemedyKind::Move => sprintf('Move %s to %s from the left and %s from the top.', $name, PlanWords::metres($remedy->spot->x ?? 0), PlanWords::metres($remedy->spot->y ?? 0)),
            RemedyKind::CutFlowers => sprintf('Cut every flower stalk of %s before it opens: about %s of looking it over.', $name, Quantity::number($remedy->mornings, 'morning')),
            RemedyKind::Bag => sprintf($planting !== null && ! Protection::Caged->keepsOut($planting->crop)
                ? 'Bag flowers of %s in pollen-tight bags, paper or closely woven cloth: about %s.'
                : 'Bag flowers of %s and pollinate by hand: about %s.', $name, Quantity::number($remedy->mornings, 'morning')),
            RemedyKind::Alternate => sprintf('Cage %s, opened in turn with the others: %s of changing over.', $name, Quantity::number($remedy->mornings, 'evening')),
            RemedyKind::Cage => $remedy->mornings > 0
                ? sprintf('Cage %s all through bloom and pollinate by hand: about %s.', $name, Quantity::number($remedy->mornings, 'morning'))
                : sprintf('Cage %s all through bloom; it pollinates itself.', $name),
            RemedyKind::Cloth => sprintf('Put pollen-tight cloth over all of %s through bloom, closely woven and not mesh, for the wind carries its pollen; shake the stems at midday: about %s.', $name, Quantity::number($remedy->mornings, 'morning')),
            RemedyKind::LeaveOut => trim(sprintf('Leave %s out this year. %s', $name, $this->waiting[$remedy->planting] ?? '')),
        };
    }

    public function asks(RemedyPlan $way): string
    {
        $parts = array_filter([
            $way->cages() > 0 ? Quantity::number($way->cages(), 'cage') : null,
            $way->mornings() > 0 ? Quantity::number($way->mornings(), 'morning or evening', 'mornings or evenings').' of work' : null,
            count($way->leftOut()) > 0 ? Quantity::number(count($way->leftOut()), 'variety', 'varieties').' put off a year' : null,
        ]);

        return $parts === [] ? 'No cages and no extra mornings.' : implode(', ', $parts).'.';
    }

    public static function sure(RemedyPlan $way): string
    {
        return $way->isExact
            ? 'No cheaper set of the measures you allow would do.'
            : 'The best that was found in the time: with so many plantings bearing on one another there may be a cheaper one.';
    }

    public function obstacle(Obstacle $obstacle): string
    {
        $largest = $obstacle->risks[0] ?? null;

        return sprintf(
            '%s cannot be kept under %s by anything you allow%s. Allow a cage, bags or leaving it out, or allow it more crossing.',
            $this->words->name($obstacle->planting),
            Quantity::percent($obstacle->allowed),
            $largest === null ? '' : sprintf(': %s stands %s', $this->words->source($largest->source), PlanWords::away($largest->distance)),
        );
    }

    private function planting(string $id): ?PlannedPlanting
    {
        foreach ($this->plan->plantings as $planting) {
            if ($planting->id === $id) {
                return $planting;
            }
        }

        return null;
    }
}
