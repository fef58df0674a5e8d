<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

/** What a step of the work may want done; implemented by the string enum of each strand. */
interface TaskKind extends \BackedEnum {}
