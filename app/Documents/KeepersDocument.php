<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Who keeps the garden, and what lets them in. */
#[OA\Schema]
final readonly class KeepersDocument
{
    /**
     * @param  list<KeeperDocument>  $keepers
     * @param  list<PassDocument>  $browsers  in which whoever asks is signed in
     * @param  list<PassDocument>  $tokens  of theirs, for programs
     * @param  list<PassDocument>  $invitations  that were not used yet; for the owner
     * @param  list<ComingDocument>  $comings  the newest first; for the owner
     * @param  list<KeyedDocument>  $roles
     * @param  list<KeyedDocument>  $purposes  what a token may be for
     */
    public function __construct(
        #[OA\Property]
        public MeDocument $me,
        #[OA\Property(items: new OA\Items(ref: KeeperDocument::class))]
        public array $keepers,
        #[OA\Property(items: new OA\Items(ref: PassDocument::class))]
        public array $browsers,
        #[OA\Property(items: new OA\Items(ref: PassDocument::class))]
        public array $tokens,
        #[OA\Property(items: new OA\Items(ref: PassDocument::class))]
        public array $invitations,
        #[OA\Property(items: new OA\Items(ref: ComingDocument::class))]
        public array $comings,
        #[OA\Property(items: new OA\Items(ref: KeyedDocument::class))]
        public array $roles,
        #[OA\Property(items: new OA\Items(ref: KeyedDocument::class))]
        public array $purposes,
    ) {}
}
