<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** The components a grade can be made of. Those measured by weights and the clock are named here, a line each; any other id is judged by criteria and faults. */
final readonly class ComponentKinds
{
    /** @param array<string, class-string<Component>> $measured by id */
    private function __construct(private array $measured) {}

    public static function shipped(): self
    {
        return new self([
            'portion' => PortionComponent::class,
            'pairs' => PairsComponent::class,
            'yield' => YieldComponent::class,
            'frame' => FrameComponent::class,
            'time' => TimeComponent::class,
        ]);
    }

    /** @param class-string<Component> $component */
    public function with(string $id, string $component): self
    {
        return new self([$id => $component] + $this->measured);
    }

    /** @return list<Component> */
    public function read(Node $node): array
    {
        $components = [];
        foreach ($node->items() as $item) {
            $component = $item->attempt($this->component(...));
            if ($component === null) {
                continue;
            }
            if (isset($components[$component->id()])) {
                $item->report($item->at('id')->fail(MessageCode::StandsTwice, ['id' => $component->id()]));
            }
            $components[$component->id()] = $component;
        }
        if (array_sum(array_map(static fn(Component $it): float => $it->weight(), $components)) <= 0) {
            throw $node->fail(MessageCode::NoWeight);
        }

        return array_values($components);
    }

    private function component(Node $node): Component
    {
        $kind = $this->measured[$node->at('id')->identifier()] ?? CriteriaComponent::class;

        return $kind::of(ComponentHead::read($node, $kind::settings()), $node);
    }

    /**
     * A criterion or a fault belongs to a component that is judged: reports those of a standard that name a measured one.
     *
     * @param Node $standard the document
     */
    public function refuseMeasured(Node $standard): void
    {
        foreach ([...$standard->itemsOf('criteria'), ...$standard->itemsOf('faults')] as $item) {
            $item->attempt(function (Node $item): void {
                $component = $item->at('component')->text();
                if (isset($this->measured[$component])) {
                    throw $item->at('component')->fail(MessageCode::NotJudged, ['component' => $component]);
                }
            });
        }
    }

    /** @return array<string, mixed> a component of a policy, as JSON Schema */
    public function schema(): array
    {
        $schemas = [];
        foreach ($this->measured as $id => $component) {
            $schemas[] = self::schemaOf(['const' => $id], $component::settings());
        }

        return ['oneOf' => [...$schemas, self::schemaOf(['$ref' => '#/$defs/judgedComponent'], CriteriaComponent::settings())]];
    }

    /** @return array<string, mixed> the id of a component that criteria and faults may belong to, as JSON Schema */
    public function judgedSchema(): array
    {
        return ['allOf' => [['$ref' => '#/$defs/identifier'], ['not' => ['enum' => array_keys($this->measured)]]]];
    }

    /**
     * @param array<string, mixed> $id
     * @param list<Setting>        $settings
     *
     * @return array<string, mixed>
     */
    private static function schemaOf(array $id, array $settings): array
    {
        $own = [];
        foreach ($settings as $setting) {
            $own[$setting->key] = $setting->schema();
        }

        return [
            'type' => 'object',
            'required' => ['id', 'weight', ...array_keys($own)],
            'properties' => ['id' => $id, 'weight' => ['type' => 'number', 'minimum' => 0, 'maximum' => ComponentHead::MOST_WEIGHT]] + $own + ['title' => ['type' => 'string']],
            'additionalProperties' => false,
        ];
    }
}
