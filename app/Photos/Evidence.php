<?php

declare(strict_types=1);

namespace App\Photos;

use DeftBlade\Core\Json\Node;

/** What of an attempt's captures is shown beside its marks: its photographs, what was done well, and what the student wrote. */
final readonly class Evidence
{
    /**
     * @param list<string>          $photos  SHA-256 of each
     * @param list<string>          $well
     * @param array<string, string> $answers what the student wrote, by criterion
     */
    private function __construct(public array $photos, public array $well, public array $answers) {}

    /** @param list<Node> $captures as they stand in a package */
    public static function in(array $captures): self
    {
        $withdrawn = $photos = $well = $answers = [];
        foreach ($captures as $capture) {
            match ($capture->at('kind')->text()) {
                'void' => $withdrawn[] = $capture->at('target')->text(),
                'photo' => $photos[$capture->at('id')->text()] = $capture->at('sha256')->text(),
                'well' => $well[$capture->at('id')->text()] = $capture->at('text')->text(),
                'answer' => $answers[$capture->at('criterion')->text()] = $capture->at('text')->text(),
                default => null,
            };
        }
        $gone = array_flip($withdrawn);

        return new self(array_values(array_diff_key($photos, $gone)), array_values(array_diff_key($well, $gone)), $answers);
    }
}
