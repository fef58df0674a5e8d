<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Whoever watched a search has ended it. */
final class SearchStopped extends \RuntimeException {}
