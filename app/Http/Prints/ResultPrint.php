<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Http\Resources\VerdictView;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** A released result on one page, from its seal alone: total, components, what was done well, what to change first, reasons and pieces. */
final readonly class ResultPrint
{
    /** More reasons than these would not stay on one page; the screen has all of them. */
    private const MOST_REASONS = 10;

    public function __construct(private School $school) {}

    /** @return string a PDF */
    public function print(VerdictView $page, bool $isLarge): string
    {
        $result = Node::of($page->result, 'result');
        $reasons = array_map(static fn(Node $it): array => [$it->at('text')->text(), $it->at('lost')->number(0, 100)], $result->itemsOf('reasons'));
        $titles = self::titles($page);

        return Pdf::of(view('prints.result', [
            'page' => $page,
            'school' => $this->school->settings->name,
            'day' => CarbonImmutable::parse($page->held_on)->format('l j F Y'),
            'total' => $result->at('total')->isNull() ? '–' : number_format($result->at('total')->number(0, 100), is_int($page->policy->places ?? null) ? $page->policy->places : 1),
            'band' => $result->at('band')->isNull() ? 'No band' : $result->at('band')->text(),
            'remarks' => array_map(static fn(Node $it): string => $it->at('text')->text(), $result->itemsOf('remarks')),
            'components' => array_map(static fn(Node $it): array => [$titles[$it->at('id')->text()] ?? $it->at('id')->text(), $it->at('score')->isNull() ? '–' : number_format($it->at('score')->number(0, 100), 1)], $result->itemsOf('components')),
            'reasons' => $isLarge ? $reasons : array_slice($reasons, 0, self::MOST_REASONS),
            'moreReasons' => $isLarge ? 0 : max(0, count($reasons) - self::MOST_REASONS),
            'pieces' => array_map(fn(Node $it): array => [$titles[$it->at('id')->text()] ?? $it->at('id')->text(), $it->at('mass_mg')->isNull() ? '–' : $page->units->mass(Mass::ofMilligrams($it->at('mass_mg')->integer(0, Mass::MOST_MG))), $it->at('verdict')->text()], $result->itemsOf('pieces')),
            'isLarge' => $isLarge,
            'paper' => Paper::usualWith($page->units),
            'nonce' => null,
        ])->render());
    }

    /** @return array<string, string> of components and pieces, by id */
    private static function titles(VerdictView $page): array
    {
        $titles = [];
        foreach ([...Node::of($page->policy, 'policy')->itemsOf('components'), ...Node::of($page->standard, 'standard')->itemsOf('pieces')] as $it) {
            $titles[$it->at('id')->text()] = $it->textOf('title', $it->at('id')->text());
        }

        return $titles;
    }
}
