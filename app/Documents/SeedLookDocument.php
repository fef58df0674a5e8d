<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\InUnits;
use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Botany\SeedForm;
use Marrow\Core\Botany\SeedMarks;
use OpenApi\Attributes as OA;

/** What a seed looks like: enough to draw it to scale. */
#[OA\Schema]
final readonly class SeedLookDocument
{
    /** @param  list<string>  $colours  #rrggbb, the commonest one or two */
    public function __construct(
        #[OA\Property(enum: SeedForm::class)]
        public string $form,
        #[OA\Property(description: 'mm, the middle of the ordinary range')]
        public float $length,
        #[OA\Property(description: 'mm')]
        public float $width,
        #[OA\Property(description: 'mm; as wide as broad where it is round')]
        public float $thickness,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $colours,
        #[OA\Property(enum: SeedMarks::class, nullable: true)]
        public ?string $marks,
        #[OA\Property]
        public string $unit,
        #[OA\Property(description: 'the ordinary ranges in words')]
        public string $says,
        #[OA\Property(description: 'what is taken for it, or is taken for what it is not')]
        public ?string $beside,
    ) {}

    public static function of(CropTitle $crop): ?self
    {
        $look = $crop->look;
        if ($look === null) {
            return null;
        }
        $middle = static fn (array $range): float => round(($range[0] + $range[1]) / 2, 2);
        $said = static fn (array $range): string => $range[0] === $range[1] ? (string) $range[0] : "$range[0] to $range[1]";

        return new self(
            $look->form->value,
            $middle($look->length),
            $middle($look->width),
            $middle($look->thickness ?? $look->width),
            $look->colours,
            $look->marks?->value,
            $crop->unit->value,
            InUnits::sentence(sprintf(
                'A %s is %s%s%s',
                $crop->unit->value,
                $look->length === $look->width ? $said($look->width)."\u{00A0}mm across" : $said($look->length)."\u{00A0}mm long and ".$said($look->width)."\u{00A0}mm broad",
                $look->thickness === null ? '' : ', '.$said($look->thickness)."\u{00A0}mm thick",
                '.',
            )),
            $crop->lookAlikes === null ? null : $crop->lookAlikes.'.',
        );
    }
}
