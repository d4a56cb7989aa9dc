<?php

declare(strict_types=1);

// bundle-size BUILD_FOLDER MOST_KB: fails when the main script, gzipped, is over the given size.

[, $folder, $most] = $argv;
$manifest = json_decode((string) file_get_contents("$folder/manifest.json"), true, 16, JSON_THROW_ON_ERROR);
$size = strlen((string) gzencode((string) file_get_contents("$folder/{$manifest['ui/src/main.tsx']['file']}"), 6)) / 1000;
printf("Main bundle: %.0f kB gzipped, at most %d kB\n", $size, $most);
exit($size > (int) $most ? 1 : 0);
