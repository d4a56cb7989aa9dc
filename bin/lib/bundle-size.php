<?php

declare(strict_types=1);

// bundle-size BUILD_FOLDER MOST_KB: fails when the scripts that the first page needs, gzipped, are over the given size.

[, $folder, $most] = $argv;
$manifest = json_decode((string) file_get_contents("$folder/manifest.json"), true, 16, JSON_THROW_ON_ERROR);
$needed = [];
$open = ['ui/src/main.tsx'];
while (($file = array_pop($open)) !== null) {
    if (! isset($needed[$file])) {
        $needed[$file] = strlen((string) gzencode((string) file_get_contents("$folder/{$manifest[$file]['file']}"), 6)) / 1000;
        array_push($open, ...$manifest[$file]['imports'] ?? []);
    }
}
$size = array_sum($needed);
printf("Scripts of the first page: %.0f kB gzipped, at most %d kB\n", $size, $most);
exit($size > (int) $most ? 1 : 0);
