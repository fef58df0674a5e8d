<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Voice\InUnits;
use Illuminate\Contracts\Container\Container;
use Marrow\Core\Botany\Crop;

/** The parts of a crop's page in the order of the work. */
final readonly class PageSections
{
    /** @var list<class-string<PageSection>> */
    private const ALL = [
        MakingSeed::class,
        KeptAlive::class,
        ThroughWinter::class,
        Choosing::class,
        CrossesWith::class,
        ByHand::class,
        WhenRipe::class,
        GettingClean::class,
        DryEnough::class,
        Health::class,
        Testing::class,
        Keeping::class,
        Ready::class,
        GoesWrong::class,
        NotKnown::class,
    ];

    public function __construct(private Container $container) {}

    /** @return list<HandbookSectionDocument> */
    public function of(Crop $crop): array
    {
        $sections = [];
        foreach (self::ALL as $class) {
            $section = $this->container->make($class)->of($crop);
            if ($section !== null) {
                $sections[] = self::inUnits($section);
            }
        }

        return $sections;
    }

    /** A crop's figures and notes are written in metric units; what is the keeper's own is not on this page. */
    private static function inUnits(HandbookSectionDocument $section): HandbookSectionDocument
    {
        return new HandbookSectionDocument(
            $section->key,
            $section->title,
            array_map(InUnits::sentence(...), $section->paragraphs),
            array_map(static fn (FactDocument $fact): FactDocument => new FactDocument($fact->label, InUnits::sentence($fact->said)), $section->facts),
            array_map(InUnits::sentence(...), $section->cautions),
            array_map(InUnits::sentence(...), $section->steps),
        );
    }
}
