<?php

declare(strict_types=1);

namespace App\Words;

use App\Reckoners\UnitSystem;
use Marrow\Core\Reckoning\Input;
use Marrow\Core\Reckoning\InputRefused;
use Marrow\Core\Reckoning\InputType;
use Marrow\Core\Reckoning\Reckoning;

/** What was refused at the bench, by the name that stands over the field there, and in per cent where per cent is typed. */
final class RefusalWords
{
    public static function of(InputRefused $refused, Reckoning $reckoning, UnitSystem $units): string
    {
        foreach ($reckoning->inputs as $input) {
            if ($input->key === $refused->input) {
                return self::at($input, $refused, $units);
            }
        }

        return $refused->getMessage();
    }

    private static function at(Input $input, InputRefused $refused, UnitSystem $units): string
    {
        $label = mb_strtoupper(mb_substr($input->label, 0, 1)).mb_substr($input->label, 1);
        if ($refused->outOfBounds && ($input->type === InputType::Share || $units->unit($input->unit) !== $input->unit)) {
            return sprintf('%s must be from %s.', $label, ReckonerWords::bounds($input, $units));
        }
        // Messages of the core begin with the input's key, which nobody at the bench has seen.
        $said = preg_replace('/^'.preg_quote($input->key, '/').'\b/', $label, $refused->getMessage());

        return $said ?? $refused->getMessage();
    }
}
