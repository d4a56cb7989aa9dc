<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** What a policy says of a component: its id, title and weight in the total, and its settings. */
final readonly class ComponentHead
{
    public const MOST_WEIGHT = 1000;

    /** @param array<string, float> $settings by key */
    private function __construct(public string $id, public string $title, public float $weight, private array $settings) {}

    /** @param list<Setting> $settings those this component must have */
    public static function read(Node $node, array $settings): self
    {
        $node->keys(['id', 'weight', ...array_map(static fn(Setting $it): string => $it->key, $settings)], ['title']);
        $id = $node->at('id')->identifier();
        $values = [];
        foreach ($settings as $setting) {
            $values[$setting->key] = $setting->read($node->at($setting->key));
        }

        return new self($id, $node->textOf('title', ucfirst($id)), $node->at('weight')->number(0, self::MOST_WEIGHT), $values);
    }

    public function setting(string $key): float
    {
        return $this->settings[$key] ?? throw new \LogicException("{$this->id} has no setting $key");
    }
}
