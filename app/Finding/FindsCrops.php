<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Handbook\NamesAbroad;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Botany\HabitWords;

/** Pages of the handbook, by common name, other names, Latin name and family. */
final readonly class FindsCrops implements Finds
{
    private const MOST = 6;

    public function __construct(private CropReference $crops) {}

    public function find(Sought $sought): array
    {
        $habitless = HabitWords::dropped(implode(' ', $sought->words));

        return $this->named($sought) ?: ($habitless === null ? [] : $this->named(Sought::of($habitless)));
    }

    /** @return list<FoundDocument> */
    private function named(Sought $sought): array
    {
        $found = $this->crops->whose($sought->isWithin(...));
        $known = array_map(static fn (CropTitle $crop): string => $crop->key, $found);
        foreach (NamesAbroad::all() as $key => $names) {
            if (! in_array($key, $known, true) && array_any($names, $sought->isName(...)) && $this->crops->has($key)) {
                $found[] = $this->crops->title($key);
            }
        }
        // Who types "bean" has that name in mind before a bean of another one, and who types the whole of a name that one.
        $rank = static fn (CropTitle $crop): array => [
            ! $sought->isName($crop->name),
            ! array_any([...$crop->otherNames, ...NamesAbroad::all()[$crop->key] ?? []], $sought->isName(...)),
            ! $sought->isIn($crop->name),
            $crop->name,
        ];
        usort($found, static fn (CropTitle $a, CropTitle $b): int => $rank($a) <=> $rank($b));

        return array_map(
            static fn (CropTitle $crop): FoundDocument => FoundDocument::page('crop', $crop->key, $crop->name, $crop->latin),
            array_slice($found, 0, self::MOST),
        );
    }
}
