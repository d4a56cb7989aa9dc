<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\MeasuredComponent;

/** The components a grade is made of: a new kind is registered here. */
final class Components
{
    /** @return list<Component> */
    public static function read(Node $node): array
    {
        $components = [];
        foreach ($node->items() as $item) {
            $component = self::component($item);
            if (isset($components[$component->id()])) {
                throw $item->at('id')->fail("{$component->id()} stands here twice");
            }
            $components[$component->id()] = $component;
        }
        if (array_sum(array_map(static fn(Component $it): float => $it->weight(), $components)) <= 0) {
            throw $node->fail('at least one component must have a weight above 0');
        }

        return array_values($components);
    }

    private static function component(Node $node): Component
    {
        return match (MeasuredComponent::tryFrom($node->at('id')->identifier())) {
            MeasuredComponent::Portion => PortionComponent::read($node),
            MeasuredComponent::Pairs => PairsComponent::read($node),
            MeasuredComponent::Yield => YieldComponent::read($node),
            MeasuredComponent::Frame => FrameComponent::read($node),
            MeasuredComponent::Time => TimeComponent::read($node),
            null => CriteriaComponent::read($node),
        };
    }
}
