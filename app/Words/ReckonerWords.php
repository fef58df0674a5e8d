<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\UnitSystem;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Reckoning\Reckoning;

/** How the quick reckoners are grouped and found, and how their bounds are said. */
final class ReckonerWords
{
    /** The step of the work in which the question comes up. */
    public static function family(Reckoning $reckoning): string
    {
        return match (explode('.', $reckoning->name)[0]) {
            'isolation' => 'Isolation',
            'population', 'selection' => 'Parents and choosing',
            'line' => 'Lines from a cross',
            'ferment', 'seed' => 'Cleaning and counting',
            'moisture', 'air', 'drying' => 'Drying',
            'germination' => 'Germination tests',
            'sowing' => 'Sowing',
            default => 'Storing',
        };
    }

    /** Words that stand in no question of ours but that people ask with. */
    public static function also(Reckoning $reckoning): string
    {
        return match ($reckoning->name) {
            'germination.rate' => 'rate percent percentage good viable confidence interval how sure',
            'germination.replicates' => 'repeat dish towel tray uneven chi square',
            'germination.compare' => 'float floaters sinkers difference treatment old new lots versus',
            'germination.speed' => 'slow vigour vigor days t50 age',
            'germination.test_size' => 'sample size how big enough',
            'germination.outlook' => 'stop early finished done verdict wait',
            'sowing.seeds' => 'thickly enough packet how much sowing rate',
            'sowing.cell' => 'plug pot tray hole multi',
            'moisture.oven' => 'water content dry moist',
            'moisture.target_mass' => 'weight target grams scale dry',
            'moisture.now' => 'weight loss water content dry enough scale',
            'moisture.equilibrium' => 'humidity balance water content room dry enough',
            'moisture.seed_rh' => 'hygrometer card reading dry enough mould mold jar',
            'air.properties' => 'dew point humidity damp condensation vapour',
            'air.shift' => 'heat warm room outside humidity dry drier',
            'air.opening' => 'freezer fridge condensation wet dew thaw',
            'drying.curve' => 'how long until days weight finished',
            'drying.desiccant' => 'silica gel rice absorbent dry jar packets',
            'storage.life' => 'keep last years old shelf viability fridge freezer cupboard expire',
            'storage.history' => 'moved shed attic summer hot past age left',
            'storage.refit' => 'tests trend decline getting worse old regenerate',
            'storage.thumb' => 'Harrington rule hundred fridge freezer double',
            'packets.plan' => 'pack share divide envelopes foil years',
            'ferment.window' => 'tomato cucumber gel mould ferment days',
            'seed.mass' => 'thousand seed weight TSM TKW count number grams',
            'seed.purity' => 'chaff clean pure live weed',
            'population.alleles' => 'diversity gene rare lose trait parents plants',
            'population.plants' => 'minimum number mothers diversity inbreeding enough seed plants',
            'population.effective' => 'bottleneck unequal mothers fathers sex ratio',
            'population.history' => 'bottleneck inbreeding generations lost vigour',
            'line.fixation' => 'stabilise hybrid F1 F2 F6 true breeding dehybridise',
            'line.search' => 'hybrid recombine F2 recessive both',
            'selection.index' => 'select best score rank keep heritability',
            'isolation.pair' => 'distance apart cross pollinate pure bees wind contaminate neighbour squash',
            'isolation.garden' => 'plan garden everything cross risk overview',
            'isolation.remedies' => 'plan garden solve cage bag shift sow later what to do',
            default => '',
        };
    }

    /** Whether it can be asked at the bench: a whole plan is drawn on the plot, not typed into a field. */
    public static function isForTheBench(Reckoning $reckoning): bool
    {
        foreach ($reckoning->inputs as $input) {
            if ($input->type === FieldType::Plan) {
                return false;
            }
        }

        return true;
    }

    /** The bounds of an input as a person types them: per cent for a share, and in their own units. */
    public static function bounds(Field $input, UnitSystem $units): string
    {
        if (in_array($input->type, [FieldType::Crop, FieldType::Choice, FieldType::Date, FieldType::Plan], true)) {
            return $input->bounds();
        }
        if ($input->type === FieldType::Share) {
            return sprintf('%s to %s %%', self::percent($input->min), self::percent($input->max));
        }

        return trim(sprintf('%s to %s %s', $units->bound($input, $input->min), $units->bound($input, $input->max), $units->unit($input->unit)));
    }

    private static function percent(float $share): string
    {
        return rtrim(rtrim(number_format($share * 100, 6, '.', ''), '0'), '.');
    }
}
