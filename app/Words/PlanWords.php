<?php

declare(strict_types=1);

namespace App\Words;

use App\Reckoners\Said;
use App\Reckoners\UnitSystem;
use DateTimeImmutable;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Isolation\RiskVerdict;
use Marrow\Core\Season\CageRota;
use Marrow\Core\Season\CrossRisk;
use Marrow\Core\Season\IsolationStanding;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\PlanRemark;
use Marrow\Core\Season\PlanRemarkKind;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Season\PlantsNeeded;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Season\Site;

/** A season's plan in sentences. */
final readonly class PlanWords
{
    /** @param  array<string, string>  $varieties  name by id */
    public function __construct(private SeasonPlan $plan, private array $varieties) {}

    public function name(PlannedPlanting $planting): string
    {
        return $this->varieties[$planting->variety] ?? $planting->crop->name;
    }

    public function source(Site $site): string
    {
        if ($site->isOurs) {
            return $this->varieties[$site->variety ?? ''] ?? $site->crop->name;
        }
        foreach ($this->plan->sources as $source) {
            if ($source->id === $site->id) {
                return $source->name;
            }
        }

        return $site->crop->name;
    }

    public function risk(IsolationStanding $standing): string
    {
        $name = $this->name($standing->planting);
        $share = Said::about($standing->share);
        if ($standing->isInformation) {
            return $standing->share > 0.0 ? "$name mixes on purpose: $share of its seed from elsewhere." : "$name mixes on purpose, and nothing is near enough to mix with.";
        }
        if ($standing->planting->cover->keepsOut()) {
            return "$name is covered: no foreign pollen gets in, as long as the cover is sound.";
        }

        return match ($standing->verdict) {
            RiskVerdict::Act => sprintf('%s: %s crossed seed to be expected, and %s is put up with.', $name, $share, Quantity::percent($standing->allowed)),
            RiskVerdict::Watch => sprintf('%s: %s crossed seed, within the %s put up with, but near it.', $name, $share, Quantity::percent($standing->allowed)),
            RiskVerdict::Clear => $standing->share > 0.0 ? sprintf('%s stands well enough apart: %s crossed seed.', $name, $share) : "$name has nothing near that would cross with it in its bloom.",
        };
    }

    public function because(IsolationStanding $standing): string
    {
        if ($standing->risks === []) {
            return sprintf('%s crosses with nothing else in this plan while it blooms.', $standing->planting->crop->latin);
        }
        $largest = $standing->risks[0];
        $needed = $largest->pair->neededDistance;

        return sprintf(
            'Most of it from %s, %s%s; %s asks for %s.',
            $this->source($largest->source),
            self::away($largest->distance),
            $this->behind($largest),
            match ($this->plan->isolation->standard) {
                IsolationStandard::Home => 'a home gardener',
                IsolationStandard::Careful => 'a careful keeper',
                IsolationStandard::Grower => 'a seed grower',
            },
            self::metres($needed),
        );
    }

    public function fromSource(CrossRisk $risk): string
    {
        $days = $risk->pair->overlapDays;

        return sprintf(
            '%s from %s: %s%s, %s.',
            Said::about($risk->pair->share),
            $this->source($risk->source),
            self::away($risk->distance),
            $this->behind($risk),
            $days === null ? 'its bloom not known, so taken as all the while' : 'in bloom together '.Quantity::number($days, 'day'),
        );
    }

    public function remark(PlanRemark $remark): string
    {
        $name = $remark->planting === null ? '' : $this->name($remark->planting);
        $growing = $remark->planting?->crop->growing;

        return match ($remark->kind) {
            PlanRemarkKind::BedsOverlap => "The beds $remark->here and $remark->with overlap.",
            PlanRemarkKind::SpotsOverlap => sprintf('%s and %s stand on the same ground at the same time.', $name, $this->nameOf($remark->with)),
            PlanRemarkKind::DoNotFit => sprintf('%s: %d plants for seed do not fit its spot; at %s apart it holds %d.', $name, $remark->planting->plants ?? 0, HandbookWords::metres($growing->spacing ?? 0), $remark->figure),
            PlanRemarkKind::CannotRipen => sprintf('%s cannot ripen its seed before frost; the latest sowing that would is %s.', $name, self::day($remark->day)),
            PlanRemarkKind::OutBeforeFrost => sprintf('%s does not bear frost, and stands outside before the last one (%s).%s', $name, self::day($remark->day), $remark->planting?->plantOut === null ? ' If it is raised under glass, give the day it is planted out.' : ''),
            PlanRemarkKind::NoTurns => "The cage of $name is to be opened in turn, but no other that it crosses with is: on the days it stands open it is as good as uncovered.",
            PlanRemarkKind::TooFewParents => sprintf('%s: %s; %d or more keep a variety as it is.', $name, Quantity::number($remark->planting->plants ?? 0, 'plant'), $remark->figure),
        };
    }

    public function enough(PlannedPlanting $planting): ?string
    {
        if (! $planting->purpose->isForSeed()) {
            return null;
        }
        $needed = PlantsNeeded::of($planting);

        return implode(' ', array_filter([
            $needed->forSeed === null ? null : sprintf('The %s wanted take about %s.', Quantity::seeds((float) $planting->seedsWanted), Quantity::number($needed->forSeed, 'plant')),
            sprintf('%s keep a form as rare as 1 gene in 20 with a chance of %s.', Quantity::number($planting->plants, 'parent'), Quantity::percent($needed->kept)),
            sprintf('%d or more keep the variety as it is; the spot holds %d.', $needed->forVariety, $needed->fits),
        ]));
    }

    public function do(PlanTask $task): string
    {
        $name = $this->name($task->planting);

        return match ($task->kind) {
            PlanTaskKind::Sow => "Sow $name",
            PlanTaskKind::PlantOut => "Plant out $name",
            PlanTaskKind::Lift => "Lift $name",
            PlanTaskKind::Sort => "Look over the stored $name",
            PlanTaskKind::Replant => "Plant $name out again",
            PlanTaskKind::WatchBloom => "Watch for the first flowers of $name",
            PlanTaskKind::CoverUp => match ($task->planting->cover->value) {
                'bagged' => "Bag the first buds of $name",
                default => "Put the cage over $name",
            },
            PlanTaskKind::Pollinate => "Pollinate $name by hand",
            PlanTaskKind::ChangeCages => "Change the cages over: $name",
            PlanTaskKind::LookForRipe => "Look for ripe seed on $name",
            PlanTaskKind::ClearBed => "The bed of $name is free",
        };
    }

    public function why(PlanTask $task): string
    {
        $crop = $task->planting->crop;

        return match ($task->kind) {
            PlanTaskKind::Sow => sprintf('%s, %s.', $crop->name, Quantity::number($task->planting->plants, 'plant').match ($task->planting->purpose->value) {
                'seed' => ' for seed',
                'food' => ' for food',
                default => ' for seed and food',
            }),
            PlanTaskKind::PlantOut => $crop->growing->frostTender ? 'After the last frost: it does not bear any.' : 'Label it again as it goes out.',
            PlanTaskKind::Lift => 'Before hard frost. Keep the best plants; leave out any that are sick, forked or off-type.',
            PlanTaskKind::Sort => 'Take out what rots or sprouts: the ones that keep are the ones to have seed from.',
            PlanTaskKind::Replant => 'As soon as the ground can be worked; choose once more.',
            PlanTaskKind::WatchBloom => 'Note the day: bloom, ripening and what is at risk are reckoned from it.',
            PlanTaskKind::CoverUp => 'Before the first flower opens; one open flower is enough for a bee.',
            PlanTaskKind::Pollinate => 'Early, while flowers are fresh; several fathers keep more diversity.',
            PlanTaskKind::ChangeCages => $this->rota($task),
            PlanTaskKind::LookForRipe => $crop->ripening->cue.'.',
            PlanTaskKind::ClearBed => 'The last pass is done by now.',
        };
    }

    /** On which days this cage stands open: its partners have the days between. */
    private function rota(PlanTask $task): string
    {
        $rota = CageRota::of($this->plan, $task->planting);
        $day = $rota->openFrom($task->on);
        $others = array_values(array_unique(array_map($this->name(...), $rota->others)));
        $days = array_map(static fn (int $n): DateTimeImmutable => $day->modify('+'.$n * $rota->every.' days'), [0, 1, 2]);

        return sprintf(
            'Open on %s and every %s day after; shut on the days between%s. Change over in the evening, when no bee flies.',
            implode(', ', array_map(static fn (DateTimeImmutable $open, int $i): string => $open->format(isset($days[$i + 1]) && $days[$i + 1]->format('n') === $open->format('n') ? 'j' : 'j F'), $days, array_keys($days))),
            Quantity::ordinal($rota->every),
            $others === [] ? '' : ', when '.implode(' or ', $others).' stands open',
        );
    }

    public static function metres(float $metres): string
    {
        return Said::distance($metres, UnitSystem::Metric);
    }

    public static function away(float $metres): string
    {
        return $metres < 0.5 ? 'right beside it' : self::metres($metres).' away';
    }

    private function nameOf(string $id): string
    {
        foreach ($this->plan->plantings as $planting) {
            if ($planting->id === $id) {
                return $this->name($planting);
            }
        }

        return $id;
    }

    private function behind(CrossRisk $risk): string
    {
        return match ($risk->barrier) {
            Barrier::None => '',
            Barrier::Hedge => ', behind a hedge',
            Barrier::Building => ', behind a building',
        };
    }

    private static function day(?DateTimeImmutable $day): string
    {
        return $day?->format('j F') ?? '';
    }
}
