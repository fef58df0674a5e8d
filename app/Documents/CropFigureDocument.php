<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\Speaking;
use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Year\YearTurn;
use OpenApi\Attributes as OA;

/** A figure of a crop, with the one that it stands in for beside it. */
#[OA\Schema]
final readonly class CropFigureDocument
{
    /**
     * @param  float|null  $value  that is reckoned with
     * @param  float|null  $original  of the handbook, or of the crop where a variety is asked about
     * @param  bool  $own  whether it is the keeper's own
     */
    public function __construct(
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public ?float $value,
        #[OA\Property]
        public ?float $original,
        #[OA\Property]
        public bool $own,
    ) {}

    /**
     * Shares in per cent, months as the garden has them, the rest in the keeper's own units.
     *
     * @param  YearTurn  $turn  of the crop in this garden
     */
    public static function of(Field $field, float|int|null $now, float|int|null $before, bool $own, YearTurn $turn): self
    {
        $units = Speaking::forms()->units;
        $share = $field->type === FieldType::Share;
        $shown = static fn (float|int|null $figure): ?float => match (true) {
            $figure === null => null,
            $share => round((float) $figure * 100, 6),
            $field->unit === CropFigureList::MONTH => round($turn->partHere((float) $figure), 6),
            default => round($units->fromCore($field->unit, (float) $figure), 6),
        };

        return new self($field->key, $field->label, $share ? '%' : $units->unit($field->unit), $shown($now), $shown($before), $own);
    }
}
