<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

/** What wants doing. */
enum TaskKind: string
{
    case Pick = 'pick';
    case StartFerment = 'start_ferment';
    case Wash = 'wash';
    case Thresh = 'thresh';
    case PourOff = 'pour_off';
    case Rinse = 'rinse';
    case Winnow = 'winnow';
    case SpreadWet = 'spread_wet';
    case SpreadDry = 'spread_dry';
    case SowFresh = 'sow_fresh';
    case Weigh = 'weigh';
    case ReadJar = 'read_jar';
    case PutAway = 'put_away';
    case CountTest = 'count_test';
    case EndTest = 'end_test';
    case OpenDampJar = 'open_damp_jar';
    case ReadStoredJar = 'read_stored_jar';
    case TestFirst = 'test_first';
    case TestAgain = 'test_again';
    case GrowOut = 'grow_out';
}
