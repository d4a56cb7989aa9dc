<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\SchoolSetting;
use App\Models\User;
use App\School\KeptSchool;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\School\SchoolSettings;
use Illuminate\Support\Facades\DB;

/** Makes choices for the school: only what is named changes, on the version it was made for. */
final readonly class ChooseForSchool
{
    private const TEXTS = ['name', 'currency', 'units', 'time_zone', 'practice'];

    private const MAPS = ['words', 'variants', 'own'];

    public function __construct(private School $school, private KeptSchool $kept) {}

    /**
     * @param Node $patch   name, currency, units, time_zone and practice; of words, variants and own only the keys that change, null for what the book says (RFC 7396)
     * @param int  $version of the settings it was made for
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage where something is chosen that is not offered
     * @throws OutOfDate                           naming what was chosen meanwhile
     */
    public function choose(Node $patch, int $version, User $by): void
    {
        $patch->keys([], [...self::TEXTS, ...self::MAPS]);
        DB::transaction(function () use ($patch, $version, $by): void {
            DB::statement("SELECT pg_advisory_xact_lock(hashtext('school settings'))");
            $latest = SchoolSetting::latestChoice();
            $now = $this->school->settingsOf($latest);
            if (($latest->seq ?? 0) !== $version) {
                throw OutOfDate::since($latest->seq ?? 0, $this->chosenSince($version, $now), $latest?->setBy->name);
            }
            $document = self::merged($now->document(), $patch);
            $chosen = SchoolSettings::read(Node::of($document, 'school'), $this->school->lexicon, $this->school->catalogue);
            if ($chosen != $now) {
                SchoolSetting::query()->create(['document' => $chosen->document(), 'set_by' => $by->id, 'set_at' => CarbonImmutable::now()]);
                AuditEntry::keep($by, Message::of(MessageCode::AuditSchoolChosen, ['what' => implode(', ', self::keysOf($patch))]));
            }
        });
        $this->kept->forget();
    }

    /** @return list<string> "units", "words.frame", … */
    private static function keysOf(Node $patch): array
    {
        $keys = [];
        foreach (get_object_vars($patch->document()) as $key => $value) {
            array_push($keys, ...$value instanceof \stdClass ? array_map(static fn(int|string $it): string => "$key.$it", array_keys(get_object_vars($value))) : [(string) $key]);
        }

        return $keys;
    }

    private static function merged(\stdClass $document, Node $patch): \stdClass
    {
        foreach (self::TEXTS as $key) {
            if ($patch->has($key)) {
                $document->{$key} = $patch->at($key)->text();
            }
        }
        $own = [];
        foreach (is_array($document->own) ? $document->own : [] as $word) {
            if ($word instanceof \stdClass && is_string($word->book)) {
                $own[$word->book] = $word->school;
            }
        }
        $maps = ['words' => (array) $document->words, 'variants' => (array) $document->variants, 'own' => $own];
        foreach (self::MAPS as $map) {
            foreach ($patch->has($map) ? array_map(strval(...), array_keys(get_object_vars($patch->at($map)->document()))) : [] as $key) {
                $value = $patch->at($map)->at($key);
                $name = $map === 'own' ? mb_strtolower(trim($key)) : $key;
                if ($value->isNull()) {
                    unset($maps[$map][$name]);
                } else {
                    $maps[$map][$name] = $value->text();
                }
            }
        }
        [$document->words, $document->variants] = [(object) $maps['words'], (object) $maps['variants']];
        $document->own = array_map(static fn(string $book, mixed $said): \stdClass => (object) ['book' => $book, 'school' => $said], array_map(strval(...), array_keys($maps['own'])), array_values($maps['own']));

        return $document;
    }

    /** @return array<string, string> what is chosen now, by "units", "words.frame", … of everything chosen after a version */
    private function chosenSince(int $version, SchoolSettings $now): array
    {
        $before = $this->school->settingsOf(SchoolSetting::query()->where('seq', $version)->first());
        $flat = static fn(SchoolSettings $it): array => ['name' => $it->name, 'currency' => $it->currency, 'units' => $it->units->value, 'time_zone' => $it->timeZone, 'practice' => $it->practice->value]
            + self::prefixed('words', $it->words) + self::prefixed('variants', $it->variants) + self::prefixed('own', $it->own);
        $changed = array_diff_assoc($flat($now), $flat($before));
        foreach (array_keys(array_diff_key($flat($before), $flat($now))) as $key) {
            $changed[$key] = '';
        }

        return $changed;
    }

    /**
     * @param array<string, string> $map
     *
     * @return array<string, string>
     */
    private static function prefixed(string $prefix, array $map): array
    {
        $prefixed = [];
        foreach ($map as $key => $value) {
            $prefixed["$prefix.$key"] = $value;
        }

        return $prefixed;
    }
}
