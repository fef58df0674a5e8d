<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Botany\Caution;

/** The usual caution at the moment at which the hand is about to act. */
final class CautionWords
{
    /** On every tag of seed that came treated. */
    public const TREATED_TAG = 'Treated seed: never eat it, nor feed it to animals. Gloves.';

    public static function text(Caution $caution): string
    {
        return match ($caution) {
            Caution::Capsaicin => 'Hot kinds burn skin and eyes: gloves, open air, and no hand to the eyes until it is washed.',
            Caution::BitterCucurbit => 'Bitter fruit can be poisonous: where a shred on the tongue is bitter, spit it out, eat none of it, and grow no food from its seed.',
            Caution::KnifeHardFruit => 'Hard fruit slips under the knife: steady it on a cloth, cut away from you.',
            Caution::SapBurns => 'Sap on skin in sunlight raises burns: sleeves and gloves, or an overcast day.',
            Caution::Dust => 'Dry dust and mould harm the lungs: outdoors, back to the wind, with a mask.',
            Caution::FermentGas => 'It makes gas: a cloth or a loose lid, never a screwed-down one.',
            Caution::RawBeans => 'Raw seed is not for eating; keep it from children.',
            Caution::PoisonousBeans => 'Poisonous raw or half cooked: soak overnight, pour the water off, and boil hard for half an hour; keep it from children.',
            Caution::CyanideBeans => 'Raw it holds cyanide, coloured and wild kinds the most: soak, pour the water off, and boil hard in an open pot; keep it from children.',
            Caution::SeedNotFood => 'Seed kept for sowing is not food; keep it from children.',
            Caution::ToxicSeed => 'The seed is poisonous: never among food, and out of children’s reach.',
            Caution::ToxicPlant => 'The plant and its seed are poisonous: gloves, wash hands, and keep it from children.',
            Caution::ToxicBerries => 'The berries are poisonous: keep them from children, who take them for food.',
            Caution::ToxicLeaves => 'Leaves are poisonous: only the stalks are eaten.',
            Caution::Favism => 'People who lack the enzyme G6PD (favism) can fall gravely ill from these beans, raw or cooked, and from their pollen: ask before you hand them on.',
            Caution::PoppySap => 'Sap and green pods are poisonous; the ripe seed is food in the bread-seed kind. Growing it is regulated in some countries: ask where you live.',
            Caution::MilkySap => 'Sap, leaves and green pods upset the stomach: keep them from children and beasts.',
            Caution::Treated => 'Treated seed: gloves, wash your hands, no dust in the air. Never eat it, nor feed it to birds or animals; what is left over goes where your local rules send it, and sow it as its packet says.',
            Caution::Ergot => 'Ergot, long black grains, is poisonous: pick out every one, and eat nothing from such an ear.',
        };
    }

    /** @return list<string> kinds of the acts it belongs to */
    private static function moments(Caution $caution): array
    {
        return match ($caution) {
            Caution::Capsaicin => ['picked', 'fruit_cut', 'fruit_opened', 'threshed', 'winnowed', 'rinsed'],
            Caution::BitterCucurbit => ['picked', 'fruit_cut', 'fruit_tasted', 'tasting_set', 'tasting_scored', 'fruit_opened', 'rinsed', 'ferment_started'],
            Caution::KnifeHardFruit => ['fruit_cut', 'fruit_opened', 'rinsed', 'threshed'],
            Caution::SapBurns => ['picked', 'cut_down'],
            Caution::Dust => ['threshed', 'winnowed'],
            Caution::FermentGas => ['ferment_started'],
            Caution::RawBeans, Caution::PoisonousBeans, Caution::CyanideBeans, Caution::SeedNotFood, Caution::ToxicSeed => ['stored'],
            Caution::ToxicPlant => ['picked', 'cut_down', 'stored'],
            Caution::Ergot => ['threshed'],
            Caution::Treated => ['stored', 'withdrawn', 'test_started', 'sample_weighed', 'spread', 'threshed', 'winnowed', 'bathed'],
            Caution::ToxicBerries => ['picked', 'fruit_opened', 'rinsed', 'ferment_started'],
            Caution::ToxicLeaves => ['picked'],
            Caution::Favism => ['picked', 'threshed', 'stored'],
            Caution::PoppySap, Caution::MilkySap => ['picked', 'cut_down'],
        };
    }

    /**
     * @param  list<Caution>  $all  of the crop, and of this very lot
     * @return list<string>
     */
    public static function at(array $all, string $kind): array
    {
        $cautions = array_filter($all, static fn (Caution $caution): bool => in_array($kind, self::moments($caution), true));

        return array_map(self::text(...), array_values($cautions));
    }
}
