<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\RoadDocument;
use App\Documents\RoadStepDocument;
use App\Documents\RoadYearDocument;
use App\Documents\TraitYearsDocument;
use App\Lineage\Family;
use App\Lineage\HowStable;
use App\Models\Lot;
use App\Models\Planting;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Voice\Quantity;
use App\Words\ChoosingWords;
use App\Words\RoadWords;
use App\Words\StableWords;
use App\Words\WalkedYear;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Population\Role;
use Marrow\Core\Population\SelfedLine;
use Marrow\Core\Steps\Breeding\TraitNamed;

/** A lot on the way from a cross, or from a hybrid, to a line of its own. */
final readonly class RoadSheet
{
    /** Generations that are shown ahead. */
    private const AHEAD = 8;

    public function __construct(private Facts $facts, private Tags $tags) {}

    /** @return ?RoadDocument null of what comes of no cross */
    public function of(Lot $lot): ?RoadDocument
    {
        $family = Family::of($lot->id);
        $filial = $family->generations->number($lot->id);
        if ($filial === null && $family->generations->filial($lot->id) === '') {
            return null;
        }
        $crop = $this->facts->crop($lot->variety);
        $line = array_reverse(array_values(array_filter($family->pedigree->motherLine($lot->id), static fn (string $one): bool => $family->generations->number($one) !== null)));
        $lots = Tagged::lots([...$line, $lot->id]);
        $words = new RoadWords($crop, $this->traits([...$line, $lot->id]), $filial);
        $stable = HowStable::of($lot, $crop);
        $stables = new StableWords($stable);

        return new RoadDocument(
            $words->said(),
            $words->expects(),
            $words->other(),
            $words->wanted(),
            $words->searched(),
            $filial === null ? [] : array_map(static fn (int $generation): RoadYearDocument => new RoadYearDocument("F$generation", SelfedLine::stillMixed($generation, 1.0), SelfedLine::stillMixed($generation, $stable->selfing), $generation === $filial), range(1, max(self::AHEAD, $filial))),
            $filial === null || $filial < 3 ? [] : [$stables->byGeneration(), $stables->byPlants()],
            array_values(array_map(fn (string $one): RoadStepDocument => new RoadStepDocument($this->tags->lot($lots[$one]), $this->step($family, $one)), $line)),
            $this->gained($family, $line),
        );
    }

    /**
     * @param  list<string>  $lots  ids, the first first
     * @return list<TraitNamed> what is looked for, the last said of each
     */
    private function traits(array $lots): array
    {
        $named = DB::table('journal_entries')->where('subject', 'lot')->where('kind', 'trait_named')->whereIn('subject_id', $lots)->distinct()->pluck('subject_id')->all();
        $traits = [];
        foreach (array_unique($lots) as $id) {
            $lot = in_array($id, $named, true) ? Lot::query()->with(['variety', 'planting.variety'])->find($id) : null;
            $traits = [...$traits, ...($lot === null ? [] : $this->facts->lot($lot)->breeding->traits)];
        }

        return array_values($traits);
    }

    private function step(Family $family, string $lot): string
    {
        [$link, $planting] = $family->links($lot)[0] ?? [null, null];
        if ($link === null) {
            return 'as it came';
        }
        if ($link->role === Role::Part) {
            return 'of a lot that stood before';
        }
        $code = $planting === null ? null : Planting::query()->find($planting);
        $stood = $planting === null ? null : DB::table('planting_standings')->where('planting_id', $planting)->value('plants');

        return sprintf('picked off %s%s%s', $code?->code() ?? 'a planting', $link->plants === null ? '' : ', '.Quantity::number($link->plants, 'plant'), is_numeric($stood) ? sprintf(' of %d', $stood) : '');
    }

    /**
     * What the plants of each year were like that were walked, by trait.
     *
     * @param  list<string>  $line
     * @return list<TraitYearsDocument>
     */
    private function gained(Family $family, array $line): array
    {
        $walked = $family->plantingsOf(...$line);
        $walked = $walked === [] ? [] : DB::table('planting_standings')->whereIn('planting_id', $walked)->where('walked', '>', 0)->orderBy('season')->pluck('season', 'planting_id')->all();
        $plantings = $walked === [] ? [] : Tagged::plantings(array_map(strval(...), array_keys($walked)));
        $courses = $plantings === [] ? [] : $this->facts->plantings(collect(array_values($plantings)));
        $years = [];
        foreach ($walked as $id => $season) {
            $years[] = new WalkedYear(is_numeric($season) ? (int) $season : 0, $courses[$id]->choosing, '');
        }
        $told = $years === [] ? [] : ChoosingWords::years($years, $years[count($years) - 1]->choosing->traits());

        return array_map(static fn (string $trait, array $lines): TraitYearsDocument => new TraitYearsDocument($trait, $lines), array_keys($told), $told);
    }
}
