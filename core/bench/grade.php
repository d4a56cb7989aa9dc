<?php

declare(strict_types=1);

// Times the core on classes of 24, 240 and 2 400 attempts of the shipped standard, about 60 captures each:
// reading the package (JSON text to checked objects) and grading it, in ms, best and median of several runs.

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;

require __DIR__.'/../autoload.php';

ini_set('memory_limit', '4G');

$shipped = new ShippedDocuments();
$standard = $shipped->standard('chicken-eight-piece');
$read = Standard::read(Node::of($standard, 'standard'));

$attempt = static function (int $number) use ($read): array {
    mt_srand($number);
    $captures = [];
    $add = static function (array $what) use (&$captures, $number): void {
        $second = count($captures);
        $captures[] = ['id' => "c$number-$second", 'at' => gmdate('Y-m-d\TH:i:s.000\Z', 1_772_442_000 + 30 * $second), 'by' => 'instructor'] + $what;
    };
    $carcass = mt_rand(1_700_000, 2_000_000);
    $weigh = static fn(Piece|Bin $place): int => (int) round($carcass * $place->expectation->share * mt_rand(95, 104) / 100);
    $add(['kind' => 'received', 'mass_mg' => $carcass, 'defects' => []]);
    $add(['kind' => 'clock', 'event' => 'start']);
    for ($mark = 0; $mark < 14; $mark++) {
        $add(['kind' => 'fault', 'fault' => array_keys($read->faults)[mt_rand(0, count($read->faults) - 1)]]);
    }
    $add(['kind' => 'clock', 'event' => 'stop']);
    for ($round = 0; $round < 2; $round++) {
        foreach ($read->cuts->pieces as $piece) {
            $add(['kind' => 'piece', 'piece' => $piece->id, 'mass_mg' => $weigh($piece)]);
        }
    }
    foreach ($read->cuts->bins as $bin) {
        $add(['kind' => 'bin', 'bin' => $bin->id, 'mass_mg' => $weigh($bin)]);
    }
    $add(['kind' => 'scrape', 'mass_mg' => mt_rand(2_000, 50_000)]);
    foreach ($read->criteria as $criterion) {
        $add(['kind' => 'level', 'criterion' => $criterion->id, 'level' => mt_rand(0, count($criterion->levels) - 1)]);
        if (count($captures) < 60 && mt_rand(0, 2) === 0) {
            $add(['kind' => 'note', 'text' => 'looked at twice']);
        }
    }

    return ['id' => "a$number", 'student' => "s$number", 'captures' => $captures];
};

printf("%9s %9s %12s %12s %12s %14s\n", 'attempts', 'captures', 'read ms', 'grade ms', 'grade best', 'µs an attempt');
// One argument, and it runs once on the small class only: to see that it still runs.
foreach (isset($argv[1]) ? [24 => 1] : [24 => 25, 240 => 7, 2400 => 3] as $attempts => $runs) {
    $class = array_map($attempt, range(1, $attempts));
    $json = json_encode(['format' => PackageFormat::One->value, 'standard' => $standard, 'policy' => $shipped->policy('house'), 'attempts' => $class], JSON_THROW_ON_ERROR);
    $read = $grade = [];
    for ($run = 0; $run < $runs; $run++) {
        $start = hrtime(true);
        $assessment = Assessment::read(Node::decode($json));
        $between = hrtime(true);
        $assessment->grade();
        $read[] = ($between - $start) / 1e6;
        $grade[] = (hrtime(true) - $between) / 1e6;
        unset($assessment);
    }
    sort($read);
    sort($grade);
    $median = $grade[intdiv($runs, 2)];
    printf("%9d %9d %12.1f %12.1f %12.1f %14.0f\n", $attempts, count($class[0]['captures']), $read[intdiv($runs, 2)], $median, $grade[0], 1000 * $median / $attempts);
}
