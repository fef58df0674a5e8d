<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CropTitle;

/** Pages of the handbook, by common name, other names, Latin name and family. */
final readonly class FindsCrops implements Finds
{
    private const MOST = 6;

    public function __construct(private CropReference $crops) {}

    public function find(Sought $sought): array
    {
        $found = $this->crops->whose($sought->isWithin(...));
        // Who types "bean" has that name in mind before a bean of another one.
        usort($found, static fn (CropTitle $a, CropTitle $b): int => [! $sought->isIn($a->name), $a->name] <=> [! $sought->isIn($b->name), $b->name]);

        return array_map(
            static fn (CropTitle $crop): FoundDocument => FoundDocument::page('crop', $crop->key, $crop->name, $crop->latin),
            array_slice($found, 0, self::MOST),
        );
    }
}
