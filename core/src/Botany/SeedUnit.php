<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What is sown, where it is not the bare seed. */
enum SeedUnit: string
{
    case Seed = 'seed';
    case Fruit = 'fruit';
    case Cluster = 'cluster';
    case Grain = 'grain';
    case Clove = 'clove';
    case Bulb = 'bulb';
    case Tuber = 'tuber';
    case Root = 'root';
}
