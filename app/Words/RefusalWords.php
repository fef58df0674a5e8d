<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\InUnits;
use App\Voice\Speaking;
use App\Voice\UnitSystem;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\Reckoning;

/** What was refused at the bench: by the name that stands over the field, with bounds in per cent and in the keeper's own units. */
final class RefusalWords
{
    public static function of(Refused $refused, Reckoning $reckoning, UnitSystem $units): string
    {
        if ($refused->outside !== null) {
            return sprintf('%s must be from %s.', $refused->outside->subject(), ReckonerWords::bounds($refused->outside, $units));
        }
        foreach ($reckoning->inputs as $input) {
            if ($input->key === $refused->path) {
                // What a computation refuses begins with the input's key, which nobody at the bench has seen.
                return preg_replace('/^'.preg_quote($input->key, '/').'\b/', $input->subject(), $refused->getMessage()) ?? $refused->getMessage();
            }
        }

        return $refused->getMessage();
    }

    /** Bounds in the keeper's own units, wherever a field is typed. */
    public static function bounds(Refused $refused): string
    {
        return $refused->outside === null
            ? InUnits::sentence($refused->getMessage())
            : sprintf('%s must be from %s.', $refused->outside->subject(), ReckonerWords::bounds($refused->outside, Speaking::forms()->units));
    }
}
