<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The application is built in storeys: each knows those below it and none above, so that there is no going round in it. */
final class StoreysTest
{
    /** Lowest first. What a namespace is for stands in docs/architecture.md. */
    public const STOREYS = [
        'Voice', 'Models', 'Keeping', 'Works', 'Handbook', 'Lineage', 'Sheet', 'Words', 'Reckoners', 'Reading', 'Journal', 'Garden', 'Instruments', 'Copies', 'Plans', 'Rota', 'Work',
        'Documents', 'Presenting', 'Dictation', 'Finding', 'Calendar', 'Steps', 'Tagging', 'Sharing', 'Printing', 'Projection', 'Things', 'Boards', 'Intake', 'Demo', 'Bench', 'Simulation', 'Console', 'Providers', 'Http',
    ];

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function each_storey_knows_none_above_it(): iterable
    {
        foreach (self::STOREYS as $i => $storey) {
            $above = array_slice(self::STOREYS, $i + 1);
            if ($above !== []) {
                yield $storey => PHPat::rule()
                    ->classes(Selector::inNamespace("App\\$storey"))
                    ->shouldNot()->dependOn()
                    ->classes(...array_map(static fn (string $name) => Selector::inNamespace("App\\$name"), $above))
                    ->because("$storey stands below them");
            }
        }
    }

    #[TestRule]
    public function steps_know_neither_tables_nor_doors(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Steps'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Models'), Selector::inNamespace('Illuminate\Database'), Selector::inNamespace('Illuminate\Http'))
            ->because('a step says what the core worked out; reading and recording are done for it');
    }
}
