<?php

// Commands are classes under app/Console/Commands.
