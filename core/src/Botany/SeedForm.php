<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What a seed looks like, to be drawn. */
enum SeedForm: string
{
    case Sphere = 'sphere';
    case Oval = 'oval';
    case Kidney = 'kidney';
    case Lens = 'lens';
    case Disc = 'disc';
    case Winged = 'winged';
    case FlatDrop = 'flat_drop';
    case Drop = 'drop';
    case Wedge = 'wedge';
    case Ribbed = 'ribbed';
    case BallRibbed = 'ball_ribbed';
    case Spindle = 'spindle';
    case Lance = 'lance';
    case Grain = 'grain';
    case Kernel = 'kernel';
    case Cluster = 'cluster';
    case Horned = 'horned';
    case Curled = 'curled';
    case Tufted = 'tufted';
    case Speck = 'speck';
    case Clove = 'clove';
    case Tuber = 'tuber';
}
