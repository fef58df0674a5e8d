<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use RuntimeException;

/** An instrument told nothing that can be used; the message says what it did, for whoever stands before it. */
final class Unreadable extends RuntimeException {}
