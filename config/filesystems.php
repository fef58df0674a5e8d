<?php

// Marrow keeps no files beside its database; the framework's own file routes stay off.
return ['default' => 'local', 'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false]]];
