<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Code;
use App\Models\Lot;
use App\Models\Planting;
use Marrow\Core\Journal\Subject;

/** Plans that were kept in an older form, brought up to the present one as they are opened. */
final class OldPlans
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function upTo(array $document): array
    {
        if (($document['form'] ?? 0) !== 0 || ! is_array($document['plantings'] ?? null)) {
            return $document;
        }

        // Form 0 named lots and plantings by their codes.
        return [...$document, 'plantings' => array_map(static function (mixed $planting): mixed {
            if (! is_array($planting)) {
                return $planting;
            }
            $lot = Code::number(is_string($planting['lot'] ?? null) ? $planting['lot'] : '', Subject::Lot);
            $sown = Code::number(is_string($planting['code'] ?? null) ? $planting['code'] : '', Subject::Planting);

            return [
                ...$planting,
                'lot' => $lot === null ? null : Lot::query()->where('number', $lot)->value('id'),
                'planting' => $sown === null ? null : Planting::query()->where('number', $sown)->value('id'),
            ];
        }, $document['plantings'])];
    }
}
