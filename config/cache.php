<?php

return [
    'default' => 'array',
    'stores' => ['array' => ['driver' => 'array', 'serialize' => false]],
    'prefix' => 'marrow',
];
