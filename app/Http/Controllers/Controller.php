<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lot;
use App\Models\Planting;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

#[OA\Info(version: '1', title: 'Marrow')]
#[OA\Server(url: '/api')]
abstract class Controller
{
    /** The lot of a code as it is read off a tag: "L7", "l 7" or "7". */
    protected function lot(string $code): Lot
    {
        $number = self::number($code, 'L');

        return ($number === null ? null : Lot::query()->with(['variety', 'planting.variety', 'standing'])->where('number', $number)->first())
            ?? throw new NotFoundHttpException("There is no lot with the code \"$code\". Codes of lots look like L7.");
    }

    protected function planting(string $code): Planting
    {
        $number = self::number($code, 'P');

        return ($number === null ? null : Planting::query()->with(['variety', 'standing'])->where('number', $number)->first())
            ?? throw new NotFoundHttpException("There is no planting with the code \"$code\". Codes of plantings look like P7.");
    }

    public static function number(string $code, string $letter): ?int
    {
        return preg_match('/^'.$letter.'?\s*(\d{1,9})$/i', trim($code), $found) === 1 ? (int) $found[1] : null;
    }
}
