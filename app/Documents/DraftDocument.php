<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;

/** The shape of what is sent to be recorded. */
#[OA\Schema(schema: 'DraftRequest', required: ['id', 'about', 'kind', 'happened_at'], properties: [
    new OA\Property(property: 'id', description: 'made by the sender (UUIDv7), so that sent twice it is one entry', type: 'string', format: 'uuid'),
    new OA\Property(property: 'about', required: ['subject', 'id'], properties: [
        new OA\Property(property: 'subject', type: 'string', enum: Subject::class),
        new OA\Property(property: 'id', description: 'of the lot or planting; made by the sender where it begins with this entry', type: 'string', format: 'uuid'),
    ], type: 'object'),
    new OA\Property(property: 'begins', description: 'what it is, where it begins with this entry', properties: [
        new OA\Property(property: 'variety', type: 'string'),
        new OA\Property(property: 'planting', description: 'that a lot is picked from', type: 'string'),
        new OA\Property(property: 'lot', description: 'that a lot is set apart from', type: 'string'),
        new OA\Property(property: 'spot', type: 'string'),
    ], type: 'object'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'happened_at', description: 'a day, or a day and an hour, garden time', type: 'string'),
    new OA\Property(property: 'payload', ref: '#/components/schemas/EntryPayload'),
    new OA\Property(property: 'by', type: 'string'),
    new OA\Property(property: 'even_so', description: 'the keeper was asked and says that it is so all the same', type: 'boolean'),
    new OA\Property(property: 'late', description: 'it comes long after: what does not fit is kept adrift and nobody is asked', type: 'boolean'),
    new OA\Property(property: 'replaces', description: 'id of the entry that it corrects', type: 'string', format: 'uuid'),
])]
final class DraftDocument {}
