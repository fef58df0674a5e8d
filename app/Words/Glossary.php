<?php

declare(strict_types=1);

namespace App\Words;

/** The words of the trade as Marrow uses them: the ordinary meaning, and where there are several, the one that is meant here. */
final class Glossary
{
    /** @var array<string, string> meaning by word, in the order of the alphabet */
    public const WORDS = [
        'abnormal seedling' => 'Came up, but lacks what it needs to grow on: a root, a shoot, its growing point. It does not count as germinated.',
        'after-ripening' => 'Weeks or months in which fresh seed lying dry becomes able to germinate.',
        'bolting' => 'Running up to flower before there is anything to eat, or to choose by. The first to bolt are not kept for seed.',
        'bulbil' => 'A small bulb that grows in the flower head or on the stem and makes a plant like its parent’s.',
        'calling back' => 'Telling whoever was given seed of a lot that it turned out not to be what it was taken for.',
        'chaff' => 'What is lighter than the seed and goes with the wind: husks, bits of leaf, empty seed.',
        'cross-pollinating' => 'Takes pollen from other plants as a rule; two varieties of one species in bloom together mix.',
        'curing' => 'Letting bulbs, tubers or cloves lie airy until their skins are dry and their wounds closed.',
        'dormant' => 'Alive and damp and not germinating yet; it wants time, cold, light or a scratch.',
        'emasculating' => 'Taking the anthers out of a flower before they shed, so that only chosen pollen reaches it.',
        'ferment' => 'To leave pulp and seed of wet fruit standing until the gel about the seed lets go.',
        'fresh seed left over' => 'Seed of a test that is still firm and did not germinate: dormant, not dead.',
        'germination' => 'Share of the seeds sown in a test that gave normal seedlings by the last count.',
        'grow-out' => 'Growing plants of a lot to see whether it is what its tag says.',
        'hard seed' => 'Seed that takes up no water until its coat is scratched, as some peas and beans do.',
        'heterosis' => 'The vigour of a cross of two unlike parents; it is lost when seed of such a cross is sown.',
        'hot water treatment' => 'A bath of the seed at a heat and for a time that end a disease carried in it and leave the seed alive.',
        'hybrid' => 'F1: the cross of two chosen lines. What is sown from its seed comes out mixed.',
        'inbreeding depression' => 'Loss of vigour when too few plants are parents, above all in crops that cross-pollinate.',
        'isolation' => 'Whatever keeps foreign pollen away: distance, time, a cage, a bag, a hand.',
        'likely' => 'A range that holds the true figure in about 19 of 20 cases, from what was counted.',
        'line' => 'A variety as you keep it, from one growing to the next.',
        'lot' => 'Seed of one variety, of one growing or one coming, kept and tested as one. It has a code, as L7.',
        'moisture' => 'Water in seed, in per cent of its whole mass.',
        'near edge' => 'The earlier end of a forecast: it is to be counted on until then, and may well last longer.',
        'off-type' => 'A plant that is not what its variety should be: crossed, mixed in, or changed.',
        'orthodox seed' => 'Seed that bears drying and keeps the longer the drier and cooler it lies.',
        'outcrossing' => 'Seed set with the pollen of another plant; its share tells how far plants of a crop mix.',
        'packet' => 'What one sowing needs of a lot, in a container of its own, so that the rest stays shut. It has a code, as L7-2029.',
        'planting' => 'Plants of one variety sown at one time in one place. It has a code, as P12.',
        'population' => 'The plants that are parents together; enough of them keep a variety as varied as it is.',
        'recalcitrant seed' => 'Seed that dies when it is dried: it is sown fresh or kept damp.',
        'relative humidity' => 'Water in air, in per cent of what air of that warmth can hold. Seed closed in with it comes into balance with it.',
        'reserve' => 'Seed of a lot that is neither sown nor given away unless you say so.',
        'rogue' => 'To take out the plants that are off-type or sick before they give pollen or seed.',
        'roguing' => 'Looking a planting over and pulling what is not like the variety, best before it blooms.',
        'root to seed' => 'Roots or bulbs are lifted, looked over, stored, and the best replanted to flower.',
        'seed to seed' => 'Plants stay where they were sown and flower there: quicker, but nobody sees their roots.',
        'seed weevil' => 'A beetle whose grub lives inside a seed. Some kinds breed on in store; freezing dry seed in a closed jar ends them.',
        'self-pollinating' => 'Takes its own pollen as a rule, mostly before the flower opens.',
        'silica gel' => 'Beads that take water out of the air of a closed jar. Indicating beads change colour when they are full.',
        'square mark' => 'The pattern on a tag that a camera reads. It holds the garden’s and the lot’s ids, and no address.',
        'T50' => 'The day by which half of the seed that will germinate has done so.',
        'thousand-seed mass' => 'What 1 000 seeds weigh; by it a mass is told in seeds.',
        'threshing' => 'Beating, rubbing or treading dry plants until the seed comes free.',
        'treated seed' => 'Dressed with something against moulds, insects or birds: not for eating, and touched with gloves.',
        'true' => 'Of a line: its seed gives plants as its variety should be.',
        'vernalisation' => 'The weeks of cold that a crop needs before it flowers.',
        'viable' => 'Alive and able to germinate, now or once its dormancy is over.',
        'winnowing' => 'Letting wind or a fan carry off what is lighter than the seed.',
    ];
}
