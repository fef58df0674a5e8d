<?php

declare(strict_types=1);

namespace App\Http;

use Marrow\Core\Fields\FieldList;
use Marrow\Core\Season\PlanFields;

/** A plan as it is sent: what was typed in it is in the keeper's units and form of days, what a program sends in metres. */
final class PlanInput
{
    /**
     * @param  array<array-key, mixed>  $plan
     * @return array<array-key, mixed> as the core reads it
     */
    public static function read(array $plan): array
    {
        foreach (PlanFields::parts() as $name => $fields) {
            $part = $plan[$name] ?? null;
            if (is_array($part)) {
                $plan[$name] = array_is_list($part)
                    ? array_map(static fn (mixed $one): mixed => is_array($one) ? self::one($fields, $one) : $one, $part)
                    : self::one($fields, $part);
            }
        }

        return $plan;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private static function one(FieldList $fields, array $part): array
    {
        if (is_array($part['spot'] ?? null)) {
            $part['spot'] = Input::inCoreUnits(PlanFields::spot(), $part['spot']);
        }

        return Input::inCoreUnits($fields, $part);
    }
}
