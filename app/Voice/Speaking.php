<?php

declare(strict_types=1);

namespace App\Voice;

/**
 * The forms in which this process speaks. Set once from the keeper's settings as a request or command begins; the one
 * thing that is global, because every sentence hangs on it and none may differ.
 */
final class Speaking
{
    private static ?Forms $forms = null;

    public static function as(Forms $forms): void
    {
        self::$forms = $forms;
    }

    public static function forms(): Forms
    {
        return self::$forms ??= new Forms;
    }
}
