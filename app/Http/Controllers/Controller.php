<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Code;
use App\Models\Lot;
use App\Models\Planting;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

#[OA\Info(version: '1', title: 'Marrow')]
#[OA\Server(url: '/api')]
abstract class Controller
{
    /** The lot of a code as it is typed. */
    protected function lot(string $code): Lot
    {
        $number = Code::number($code, 'L');

        return ($number === null ? null : Lot::query()->with(['variety', 'planting.variety', 'standing'])->where('number', $number)->first())
            ?? throw new NotFoundHttpException("There is no lot with the code \"$code\". Codes of lots look like L7.");
    }

    protected function planting(string $code): Planting
    {
        $number = Code::number($code, 'P');

        return ($number === null ? null : Planting::query()->with(['variety', 'standing'])->where('number', $number)->first())
            ?? throw new NotFoundHttpException("There is no planting with the code \"$code\". Codes of plantings look like P7.");
    }
}
