<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A hazard of the work that is shown where the hand is about to act. */
enum Caution: string
{
    case Capsaicin = 'capsaicin';
    case BitterCucurbit = 'bitter_cucurbit';
    case KnifeHardFruit = 'knife_hard_fruit';
    case SapBurns = 'sap_burns';
    case Dust = 'dust';
    case FermentGas = 'ferment_gas';
    case RawBeans = 'raw_beans';
    /** Of kidney and runner beans: two or three raw ones are enough. */
    case PoisonousBeans = 'poisonous_beans';
    case CyanideBeans = 'cyanide_beans';
    case SeedNotFood = 'seed_not_food';
    case ToxicSeed = 'toxic_seed';
    case ToxicPlant = 'toxic_plant';
    case Ergot = 'ergot';

    /** Of a lot, not of a crop: it came dressed. */
    case Treated = 'treated';
    case ToxicBerries = 'toxic_berries';
    case ToxicLeaves = 'toxic_leaves';
    case Favism = 'favism';
    case PoppySap = 'poppy_sap';
    case MilkySap = 'milky_sap';
}
