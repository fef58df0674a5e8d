<?php

declare(strict_types=1);

namespace App\Printing;

use RuntimeException;

/** The printer could not be reached, or did not take all that was sent. */
final class PrinterSilent extends RuntimeException {}
