<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** Which folder of the application may know which: http → actions → models and core; nothing below knows http, and only the simulated pan knows the demo. */
final class LayersTest extends TestCase
{
    private const MAY_KNOW = [
        'Http' => ['Actions', 'Brief', 'Calendar', 'Demo', 'Live', 'Models', 'People', 'Photos', 'Policies', 'Roster', 'Scale', 'School', 'Sessions'],
        'Console' => ['Actions', 'Http', 'Live', 'Models', 'Scale', 'School'],
        'Actions' => ['Brief', 'Models', 'Notifications', 'People', 'Photos', 'Roster', 'School', 'TryOut'],
        'Brief' => ['Models', 'School'],
        'Calendar' => ['Models', 'School'],
        'Demo' => ['Models', 'TryOut'],
        'TryOut' => ['Models'],
        'Live' => [],
        'Notifications' => [],
        'People' => [],
        'Photos' => [],
        'Roster' => [],
        'Scale' => [],
        'Sessions' => [],
        'School' => ['Models'],
        'Policies' => ['Models'],
        'Models' => [],
        'Providers' => ['Http', 'Live', 'Photos', 'Scale', 'School', 'Sessions', 'Models'],
    ];

    public function testNoFolderKnowsWhatIsAboveIt(): void
    {
        $against = [];
        foreach (self::files() as $path => $own) {
            self::assertArrayHasKey($own, self::MAY_KNOW, "$own has no place among the layers");
            preg_match_all('/\bApp\\\\(\w+)\\\\/', (string) file_get_contents($path), $found);
            foreach (array_unique($found[1]) as $known) {
                if ($known !== $own && ! in_array($known, self::MAY_KNOW[$own], true)) {
                    $against[] = "$own knows $known: ".basename($path);
                }
            }
        }
        self::assertSame([], $against);
    }

    public function testOnlyTheSimulatedPanKnowsTheDemo(): void
    {
        $knows = array_filter(array_keys(self::files()), static fn(string $path): bool => ! str_contains($path, '/Demo/') && str_contains((string) file_get_contents($path), 'App\Demo'));
        self::assertSame(['ScalePanController.php'], array_values(array_map('basename', $knows)));
    }

    public function testOnlyHttpKnowsRequestsAndAnswers(): void
    {
        $against = array_filter(self::files(), static fn(string $own, string $path): bool => ! in_array($own, ['Http', 'Providers'], true) && preg_match('/^use (Illuminate\\\\Http|Symfony\\\\Component\\\\HttpFoundation|OpenApi)\\\\/m', (string) file_get_contents($path)) === 1, ARRAY_FILTER_USE_BOTH);
        self::assertSame([], array_keys($against));
    }

    /** @return array<string, string> the folder of each file, by its path */
    private static function files(): array
    {
        $root = dirname(__DIR__, 2).'/app';
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[(string) $file] = explode('/', substr((string) $file, strlen($root) + 1))[0];
        }

        return $files;
    }
}
