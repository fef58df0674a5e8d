<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What is wanted of the rota, beside the settings: of single lines and of single years. */
#[OA\Schema(schema: 'RotaWishDocument', required: ['lines', 'years'], properties: [
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(required: ['line'], properties: [
        new OA\Property(property: 'line', description: 'id of the variety', type: 'string'),
        new OA\Property(property: 'pinned', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'forbidden', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'preferred', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'not_before', type: 'integer', nullable: true),
        new OA\Property(property: 'weight', type: 'number', nullable: true),
        new OA\Property(property: 'plants', type: 'integer', nullable: true),
        new OA\Property(property: 'hours', type: 'number', nullable: true),
        new OA\Property(property: 'uses', type: 'integer'),
        new OA\Property(property: 'promised', type: 'string'),
        new OA\Property(property: 'sent', type: 'string'),
        new OA\Property(property: 'let_go', type: 'boolean'),
    ], type: 'object')),
    new OA\Property(property: 'years', type: 'array', items: new OA\Items(required: ['year'], properties: [
        new OA\Property(property: 'year', type: 'integer'),
        new OA\Property(property: 'area_m2', type: 'number', nullable: true),
        new OA\Property(property: 'hours', type: 'number', nullable: true),
        new OA\Property(property: 'cages', type: 'number', nullable: true),
    ], type: 'object')),
])]
final readonly class RotaWishDocument {}
