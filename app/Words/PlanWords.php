<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Figures;
use App\Voice\Quantity;
use App\Voice\Speaking;
use DateTimeImmutable;
use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\RiskVerdict;
use Marrow\Core\Season\Cover;
use Marrow\Core\Season\CrossRisk;
use Marrow\Core\Season\IsolationStanding;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\PlanRemark;
use Marrow\Core\Season\PlanRemarkKind;
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
        $share = Figures::about($standing->share);
        if ($standing->isInformation) {
            return $standing->share > 0.0 ? "$name mixes on purpose: $share of its seed from elsewhere." : "$name mixes on purpose, and nothing is near enough to mix with.";
        }
        if ($standing->planting->cover->keepsOut($standing->planting->crop)) {
            return $standing->planting->crop->isWindBorne()
                ? "$name is covered: no foreign pollen gets in, as long as the cover is pollen-tight and sound; gauze would let it through."
                : "$name is covered: no foreign pollen gets in, as long as the cover is sound.";
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

        return ($standing->planting->cover !== Cover::Open && ! $standing->planting->cover->stops($standing->planting->crop) ? ($standing->planting->cover === Cover::Glass ? 'Its house counts for nothing: the wind carries its pollen in by every vent. ' : 'Its cage counts for nothing: the wind carries its pollen, and mesh lets that through. ') : '').sprintf(
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
            Figures::about($risk->pair->share),
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
            PlanRemarkKind::CannotRipen => $remark->day === null
                ? "$name can hardly ripen its seed here before frost: give it cover, or cut the heads and let them finish indoors."
                : sprintf('%s cannot ripen its seed before frost; the latest sowing that would is %s.', $name, self::day($remark->day)),
            PlanRemarkKind::RipensLate => sprintf('%s ripens late here: half of its seed or more only after the first frost (%s). Cover it, or cut the heads then and let them finish indoors.', $name, self::day($remark->day)),
            PlanRemarkKind::MayNotBloom => "$name: ".lcfirst($remark->planting === null ? '' : (new GardenYearWords($remark->planting->crop, $this->plan->ground->year))->whetherItBlooms() ?? ''),
            PlanRemarkKind::OutBeforeFrost => $this->plan->ground->year->goesByFrost() ? sprintf('%s does not bear frost, and stands outside before the last one (%s).%s', $name, self::day($remark->day), $remark->planting?->plantOut === null ? ' If it is raised under glass, give the day it is planted out.' : '') : sprintf('%s does not bear frost, and stands outside while one may come in some winters (until %s): have something at hand to cover it.', $name, self::day($remark->day)),
            PlanRemarkKind::WantsAnother => $remark->planting?->crop->dioecious === true ? "$name stands alone: a plant is male or female, and one sets no seed. Plant several, or have pollen of another brought." : "$name stands alone: it sets no seed with its own pollen, nor with that of a cutting of itself. It wants a second plant in bloom.",
            PlanRemarkKind::LetsThrough => $remark->planting?->cover === Cover::Glass ? "Glass with its vents open does not isolate $name: the wind carries its pollen in. Pollen-tight cloth or bags would, or one of the two not flowering this year." : "A cage of mesh does not isolate $name: the wind carries its pollen, and mesh lets it through. Pollen-tight cloth or bags would, or distance, or one of the two not flowering this year.",
            PlanRemarkKind::SetsNothing => "Flowers of $name set next to nothing in a bag: they want the pollen of another plant. ".($remark->planting?->crop->isWindBorne() === true ? 'Pollen-tight cloth over several together would do.' : 'A cage over several together, with insects in it, would do.'),
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

    public static function metres(float $metres): string
    {
        return Figures::distance($metres, Speaking::forms()->units);
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
