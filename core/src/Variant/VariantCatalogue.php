<?php

declare(strict_types=1);

namespace DeftBlade\Core\Variant;

use DeftBlade\Core\Carcass\ProductCatalogue;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Examination;
use DeftBlade\Core\Standard\Standard;

/** The questions on which kitchens differ, and what a standard becomes under the answers of a school. */
final readonly class VariantCatalogue
{
    /** @param array<string, Question> $questions by key */
    private function __construct(public array $questions, public ProductCatalogue $products) {}

    public static function read(Node $node, ProductCatalogue $products): self
    {
        $node->keys(['questions']);
        $questions = [];
        foreach ($node->at('questions')->items() as $item) {
            $question = Question::read($item);
            $questions[$question->key] = $question;
        }

        return new self($questions, $products);
    }

    /**
     * The answers that hold for a standard: its own before the school's, the school's before the default.
     *
     * @param array<string, string> $school the school chosen, by question
     *
     * @return array<string, Variant> by question; only those that are asked of its class of product
     */
    public function answers(Standard $standard, array $school): array
    {
        $product = $this->products->of($standard->species);
        $asked = array_filter($this->questions, static fn(Question $it): bool => $it->isAskedOf($product));

        return array_map(static fn(Question $it): Variant => $it->variants[$standard->variants[$it->key] ?? $school[$it->key] ?? ''] ?? $it->default(), $asked);
    }

    /**
     * The document as it is held in this school: with what the answers change, and without naming them.
     *
     * @param array<string, string> $school
     */
    public function held(\stdClass $document, array $school): \stdClass
    {
        $held = self::copied($document);
        unset($held->schools);
        foreach ($this->answers(Standard::read(Node::of($document, 'standard')), $school) as $variant) {
            $held = $variant->changes->in($held);
        }

        return $held;
    }

    /** All the way down, so that nothing of the one given is changed. */
    private static function copied(\stdClass $document): \stdClass
    {
        $copy = unserialize(serialize($document));

        return $copy instanceof \stdClass ? $copy : throw new \LogicException('a document is an object');
    }

    /** Everything wrong with a document that is to be a standard, and with what it becomes under its own answers. */
    public function examine(\stdClass $document): Examination
    {
        $examination = Standard::examine($document);
        if ($examination->standard === null) {
            return $examination;
        }
        $problems = $examination->problems;
        foreach ($examination->standard->variants as $question => $variant) {
            if (! isset($this->questions[$question]->variants[$variant])) {
                $problems[] = isset($this->questions[$question])
                    ? Node::of(null, "standard.schools.$question")->noneOf($variant, array_keys($this->questions[$question]->variants))
                    : InvalidPackage::at("standard.schools.$question", MessageCode::NoSuchQuestion);
            }
        }

        return new Examination($examination->standard, $problems);
    }
}
