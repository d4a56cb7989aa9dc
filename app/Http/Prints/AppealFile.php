<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Actions\ReadTray;
use App\Http\Resources\AppealView;
use App\Http\Resources\CriterionLooksView;
use App\Http\Resources\TrayView;
use App\Http\Resources\VerdictView;
use App\Models\Appeal;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;

/** Everything of an appeal as one file: the version it is against, its lines and decisions, both looks, and the log as it was taken down. */
final readonly class AppealFile
{
    public function __construct(private School $school, private ReadTray $reading) {}

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
            'looks' => array_map(static fn(CriterionLooksView $it): array => [$title($it), $it], $tray->looks),
            'log' => $tray->log,
            'zone' => $this->school->settings->timeZone,
            'paper' => Paper::usualWith($page->units),
            'nonce' => null,
        ])->render());
    }
}
