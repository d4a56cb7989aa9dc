<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Actions\ReadTray;
use App\Http\Resources\AppealView;
use App\Http\Resources\CriterionLooksView;
use App\Http\Resources\LogEntryView;
use App\Http\Resources\TrayView;
use App\Http\Resources\VerdictView;
use App\Models\Appeal;
use App\Models\User;
use App\Photos\PhotoStore;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Weighing\Mass;

/** Everything of an appeal as one file: the version it is against, its lines and decisions, both looks, and the log as it was taken down. */
final readonly class AppealFile
{
    public function __construct(private School $school, private ReadTray $reading, private PhotoStore $photos) {}

    /**
     * @param Appeal $appeal with its entries and their authors
     *
     * @return string a PDF
     */
    public function print(Appeal $appeal, User $user): string
    {
        $attempt = $appeal->attempt;
        $release = $attempt->load('releases.releasedBy', 'releases.seal')->releases->firstWhere('version', $appeal->version);
        $page = VerdictView::sealed($attempt, $release ?? throw new \LogicException('an appeal is against a version that was issued'));
        $tray = TrayView::of($attempt, $this->reading->grade($attempt, $user), $user);
        $criteria = Standard::read(Node::of($page->standard, 'standard'))->criteria;
        $title = static fn(CriterionLooksView $it): string => ($criteria[$it->criterion] ?? null) instanceof Criterion ? $criteria[$it->criterion]->title : $it->criterion;

        return Pdf::of(view('prints.appeal', [
            'page' => $page,
            'appeal' => AppealView::of($appeal->setRelation('attempt', $attempt), $user),
            'school' => $this->school->settings->name,
            'reasons' => array_map(static fn(Node $it): array => [$it->at('text')->text(), $it->at('lost')->number(-100, 100)], Node::of($page->result, 'result')->itemsOf('reasons')),
            'answerBy' => $appeal->answer_by->format('j F Y'),
            'heldOn' => CarbonImmutable::parse($page->held_on)->format('l j F Y'),
            'looks' => array_map(static fn(CriterionLooksView $it): array => [$title($it), $it], $tray->looks),
            'log' => array_map(fn(LogEntryView $it): array => $this->line($it, $page->units), $tray->log),
            'photos' => array_map(fn(string $it): string => 'data:image/jpeg;base64,'.base64_encode((string) $this->photos->get($it)), $page->photos),
            'zone' => $this->school->settings->timeZone,
            'paper' => Paper::usualWith($page->units),
            'nonce' => null,
        ])->render());
    }

    /** @return list<string> when, who, what, and what became of it */
    private function line(LogEntryView $entry, Units $units): array
    {
        $capture = (array) $entry->entry->capture;
        $said = [];
        foreach (array_diff_key($capture, ['id' => 1, 'at' => 1, 'by' => 1, 'kind' => 1]) as $key => $value) {
            $text = str_ends_with((string) $key, '_mg') && is_int($value) ? $units->mass(Mass::ofMilligrams($value)) : (is_string($value) ? $value : json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
            $said[] = str_replace(['_mg', '_'], ['', ' '], (string) $key).': '.$text;
        }
        $at = is_string($capture['at'] ?? null) ? CarbonImmutable::parse($capture['at'])->setTimezone($this->school->settings->timeZone)->format('j M H:i:s') : '';
        $kind = is_string($capture['kind'] ?? null) ? str_replace('_', ' ', $capture['kind']) : '';

        return [$at, $entry->entry->by, $kind, implode('; ', $said), $entry->state->value];
    }
}
