<?php

declare(strict_types=1);

namespace App\Words;

/** What the steps of the work are called where what can be recorded is listed by them; one that is called as its folder is not named here. */
final class StepWords
{
    private const NAMES = [
        'Breeding' => 'New lines',
        'Origin' => 'Where it comes from',
        'Stock' => 'How much there is',
        'Testing' => 'Germination',
        'Treating' => 'Against disease',
        'Sharing' => 'Given away',
        'Tending' => 'Looked after',
        'Trueness' => 'How true it is',
        'Pollinating' => 'Pollinated by hand',
        'Holding' => 'Where it is',
        'Cellar' => 'Kept alive in store',
        'PutOff' => 'Put off',
        'Marks' => 'Marked plants',
    ];

    public static function of(string $step): string
    {
        return self::NAMES[$step] ?? $step;
    }
}
