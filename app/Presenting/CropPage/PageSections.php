<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
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
                $sections[] = $section;
            }
        }

        return $sections;
    }
}
