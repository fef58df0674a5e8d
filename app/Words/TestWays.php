<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Steps\Testing\TestMethod;

/** How a germination test is laid out and looked after, way by way: a few steps, with the cautions where they belong. */
final class TestWays
{
    private const DRAWN = 'Mix the lot, take the seed from several places without choosing, and say whether empty seed was sorted out first.';

    private const TAGGED = 'A tag with the code, the day and the dish; kept at one warmth, out of the sun.';

    private const NEVER_BACK = 'Seed that was moistened never goes back into the jar: what sprouts can be potted on.';

    /** What to have ready, in a line. */
    public static function ready(TestMethod $method): string
    {
        return 'Have ready: '.match ($method) {
            TestMethod::FoldedPaper => 'kitchen paper, a plastic bag for each ten seeds, water, a pencil.',
            TestMethod::DampTowel => 'two cloths and a plate for each replicate, a sprayer, a pencil.',
            TestMethod::RolledCloth => 'strips of cloth or paper, string, a jar to stand them in, a pencil.',
            TestMethod::Dish => 'dishes with lids, paper cut to fit, boiled water, tweezers, a pencil.',
            TestMethod::Sand => 'a tray for each replicate, sand or sifted soil, a cover, a pencil.',
            TestMethod::Modules => 'a module for each seed, the soil that you sow in, a pencil.',
        };
    }

    /** @return list<string> */
    public static function steps(TestMethod $method): array
    {
        return [self::DRAWN, ...match ($method) {
            TestMethod::FoldedPaper => [
                'Kitchen paper folded twice, wetted and let drip: damp, not wet.',
                'Ten seeds in a row, none touching; fold it over, into a plastic bag that is not shut tight.',
                'Open it every other day: take out what is up, and wet the paper where it dries.',
            ],
            TestMethod::DampTowel => [
                'A damp cloth on a plate, the seed in rows with a finger between, a second damp cloth over it.',
                'Sprinkle it once or twice a day: it must not dry, and no water may stand on the plate.',
            ],
            TestMethod::RolledCloth => [
                'Rows of ten on a strip of damp cloth or paper, fifty or a hundred to a roll; rolled loosely, tied, stood upright.',
                'Dip its foot into water daily and let it drip; four rolls of a hundred are what laboratories use.',
            ],
            TestMethod::Dish => [
                'Clean dishes and two layers of damp paper; lids on.',
                'Where mould is a trouble: one part of household bleach (some 5 %) to nine of water for five minutes, small or thin-coated seed two, then three rinses. Never with vinegar or any acid: it gives off chlorine; gloves, and a window open.',
                'Tweezers through a flame only with all spirit shut away.',
            ],
            TestMethod::Sand => [
                'Sand or sifted soil, damp enough to hold together, two fingers deep; seed covered once its thickness.',
                'Cover the tray until the first are up; count a seedling when its first leaves stand free.',
            ],
            TestMethod::Modules => [
                'One seed to a module in the soil that you sow in: that tells what comes up, and is less than what germinates.',
                'What is up is a plant already: grow it on.',
            ],
        }, self::TAGGED, self::NEVER_BACK];
    }
}
