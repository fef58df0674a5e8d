<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Where the two sexes of a crop are. */
enum FlowerKind: string
{
    case Perfect = 'perfect';
    case MaleAndFemale = 'male_and_female';
    case SeparatePlants = 'separate_plants';
    case Mixed = 'mixed';
}
