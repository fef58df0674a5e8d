<?php

declare(strict_types=1);

namespace App\Words;

use Marrow\Core\Reckoning\Input;
use Marrow\Core\Reckoning\InputRefused;
use Marrow\Core\Reckoning\InputType;
use Marrow\Core\Reckoning\Reckoning;

/** What was refused at the bench, by the name that stands over the field there, and in per cent where per cent is typed. */
final class RefusalWords
{
    public static function of(InputRefused $refused, Reckoning $reckoning): string
    {
        foreach ($reckoning->inputs as $input) {
            if ($input->key === $refused->input) {
                return self::at($input, $refused);
            }
        }

        return $refused->getMessage();
    }

    private static function at(Input $input, InputRefused $refused): string
    {
        $label = mb_strtoupper(mb_substr($input->label, 0, 1)).mb_substr($input->label, 1);
        if ($refused->outOfBounds && $input->type === InputType::Share) {
            return sprintf('%s must be from %s to %s %%.', $label, self::percent($input->min), self::percent($input->max));
        }
        // Messages of the core begin with the input's key, which nobody at the bench has seen.
        $said = preg_replace('/^'.preg_quote($input->key, '/').'\b/', $label, $refused->getMessage());

        return $said ?? $refused->getMessage();
    }

    private static function percent(float $share): string
    {
        return rtrim(rtrim(number_format($share * 100, 6, '.', ''), '0'), '.');
    }
}
