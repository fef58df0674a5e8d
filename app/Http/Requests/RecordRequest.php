<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

/** An entry about a lot or a planting. */
#[OA\Schema(schema: 'RecordRequest', required: ['id', 'kind', 'happened_at', 'payload'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'happened_at', type: 'string'),
    new OA\Property(property: 'payload', type: 'object', additionalProperties: true),
    new OA\Property(property: 'by', type: 'string'),
])]
final class RecordRequest extends EntryRequest {}
