<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\HandInAnswer;
use App\Models\Assessment;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/** Two students of the demo have handed in what the coming practical asks for in writing. */
final class DemoWritten extends Seeder
{
    private const ANSWERS = [
        2 => "White stock. Bones in cold water, brought up slowly, skimmed, then a bare simmer for three hours with onion, carrot, leek and a bay leaf; strained and cooled fast.\nThe skin is rendered for fat, the trim goes into farce.",
        3 => 'The bones go into the stock pot with vegetables and are boiled.',
    ];

    public function __construct(private readonly HandInAnswer $handing) {}

    public function run(Assessment $rolling): void
    {
        foreach ($rolling->attempts()->with('student.user', 'assessment')->get() as $attempt) {
            $text = self::ANSWERS[$attempt->station] ?? null;
            if ($text === null || $attempt->student->user === null) {
                continue;
            }
            $this->handing->handIn($attempt, [(object) ['id' => (string) Str::uuid7(), 'criterion' => 'written-bones', 'text' => $text]], $attempt->student->user);
        }
    }
}
