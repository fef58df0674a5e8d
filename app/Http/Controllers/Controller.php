<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Code;
use App\Models\Lot;
use App\Models\Planting;
use App\Reading\Tagged;
use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

#[OA\Info(version: '1', title: 'Marrow')]
#[OA\Server(url: '/api')]
abstract class Controller
{
    /** The lot of a code as it is typed, with the planting that it was picked from. */
    protected function lot(string $code): Lot
    {
        $number = Code::number($code, Subject::Lot);

        return ($number === null ? null : Tagged::lot($number))
            ?? throw new NotFoundHttpException("There is no lot with the code \"$code\". Codes of lots look like L7.");
    }

    protected function planting(string $code): Planting
    {
        $number = Code::number($code, Subject::Planting);

        return ($number === null ? null : Tagged::planting($number))
            ?? throw new NotFoundHttpException("There is no planting with the code \"$code\". Codes of plantings look like P7.");
    }
}
