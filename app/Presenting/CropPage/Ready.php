<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use App\Voice\InUnits;
use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\DrynessTest;
use Marrow\Core\Botany\FlowerKind;
use Marrow\Core\Botany\Shattering;

/** What to have ready, from what the crop asks for: nothing of it is written down twice. */
final class Ready implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        $growing = [
            $crop->growing->support === null ? null : 'stakes or string',
            $crop->growing->nets === null ? null : 'a net',
            ...match ($crop->byHand?->flower) {
                null => [],
                FlowerKind::MaleAndFemale, FlowerKind::Mixed => ['tape or clips', 'a brush', 'bright thread to mark'],
                default => $crop->byHand->emasculate ? ['bags of fine cloth', 'tweezers', 'thread to mark'] : ['bags of fine cloth'],
            },
        ];
        $picking = match ($crop->ripening->shatters) {
            Shattering::PaperBag => ['paper bags'],
            Shattering::Sheet => ['a sheet'],
            Shattering::Rack => ['a rack or line under cover'],
            Shattering::Shake => ['a pail'],
            Shattering::ClothBag => ['bags of fine cloth'],
            Shattering::PickDamp => ['a closed bag with damp sand or moss'],
            Shattering::PickOften, Shattering::GatherFallen => ['a bowl and a label for every few days'],
            Shattering::Net => ['a net or bags for the heads'],
            null => [],
        };
        $drying = $crop->bearsDrying() ? [in_array(DrynessTest::JarRh, $crop->drynessTests, true) ? 'a hygrometer that fits a jar' : null, 'a scale', 'jars that close tight', 'labels'] : [];
        $groups = array_filter([
            'In the bed' => array_filter($growing),
            'For picking' => $picking,
            'For cleaning' => array_filter(self::cleaning($crop)),
            'For drying and keeping' => array_filter($drying),
        ]);

        return new HandbookSectionDocument('ready', 'To have ready', array_map(static fn (string $when, array $things): string => "$when: ".implode(', ', array_unique($things)).'.', array_keys($groups), array_values($groups)));
    }

    /** @return list<?string> */
    private static function cleaning(Crop $crop): array
    {
        $screens = $crop->cleaning->screens;

        return match (true) {
            $crop->isKeptAlive() => ['crates', 'labels'],
            ! $crop->bearsDrying() => ['labels'],
            default => match ($crop->cleaning->way) {
                CleaningWay::Ferment => ['a jar with a cloth over it', self::sieve($crop), 'a plate that it does not stick to'],
                CleaningWay::Rinse => ['a bowl', self::sieve($crop), 'a plate that it does not stick to'],
                CleaningWay::Thresh => [
                    $screens === null ? null : sprintf('screens of %s and %s', InUnits::hole($screens->through), InUnits::hole($screens->holding)),
                    $crop->cleaning->wind === null ? null : 'two buckets to pour from',
                ],
            },
        };
    }

    private static function sieve(Crop $crop): string
    {
        return $crop->cleaning->screens === null ? 'a sieve' : sprintf('a sieve with holes up to %s', InUnits::hole($crop->cleaning->screens->holding));
    }
}
