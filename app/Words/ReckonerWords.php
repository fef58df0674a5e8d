<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\UnitSystem;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Reckoning\Reckoning;

/** How the quick reckoners are grouped and found, and how their bounds are said. */
final class ReckonerWords
{
    /** Whether it can be asked at the bench: a whole plan is drawn on the plot, not typed into a field. */
    public static function isForTheBench(Reckoning $reckoning): bool
    {
        foreach ($reckoning->inputs as $input) {
            if ($input->type === FieldType::Plan) {
                return false;
            }
        }

        return true;
    }

    /** The bounds of an input as a person types them: per cent for a share, and in their own units. */
    public static function bounds(Field $input, UnitSystem $units): string
    {
        if (! $input->type->isNumeric()) {
            return $input->bounds();
        }
        if ($input->type === FieldType::Share) {
            return sprintf('%s to %s %%', self::percent($input->min), self::percent($input->max));
        }

        return trim(sprintf('%s to %s %s', $units->bound($input, $input->min), $units->bound($input, $input->max), $units->unit($input->unit)));
    }

    private static function percent(float $share): string
    {
        return rtrim(rtrim(number_format($share * 100, 6, '.', ''), '0'), '.');
    }
}
