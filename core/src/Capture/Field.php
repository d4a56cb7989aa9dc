<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Carcass\Portions;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** A key of a fact and what may stand under it: the one definition that the reader and the JSON Schema follow. */
final readonly class Field
{
    public const LONGEST_TEXT = 2000;

    private const MOST_FACTOR = 10;

    private const COLDEST_C = -40;

    private const HOTTEST_C = 100;

    private const MOST_STATION = 999;

    private const MOST_COUNT = 10_000;

    private const MOST_ML = 1_000_000;

    private const MOST_VERSION = 1_000_000;

    /** @param class-string<\BackedEnum>|null $choices */
    private function __construct(
        public string $key,
        private FieldType $type,
        private ?KnownIn $list = null,
        private ?string $choices = null,
        public bool $isOptional = false,
        /** The version of the format this key came with. */
        public int $since = 1,
    ) {}

    public static function of(string $key, FieldType $type): self
    {
        return new self($key, $type);
    }

    /** The id of something the standard has; the key is called as the thing is. */
    public static function known(KnownIn $list): self
    {
        return new self($list->value, FieldType::Known, $list);
    }

    public static function listOf(string $key, KnownIn $list): self
    {
        return new self($key, FieldType::KnownList, $list);
    }

    /** @param class-string<\BackedEnum> $choices */
    public static function oneOf(string $key, string $choices): self
    {
        return new self($key, FieldType::Choice, choices: $choices);
    }

    public function optional(int $since = 1): self
    {
        return new self($this->key, $this->type, $this->list, $this->choices, true, $since);
    }

    /**
     * @param Node          $fact     the whole fact, for fields that depend on one beside them
     * @param Standard|null $standard null for a fact that names nothing of one
     *
     * @throws InvalidPackage
     */
    public function read(Node $fact, ?Standard $standard): mixed
    {
        $node = $fact->at($this->key);

        return match ($this->type) {
            FieldType::Mass => Mass::ofMilligrams($node->integer(0, Mass::MOST_MG)),
            FieldType::CarcassMass => Mass::ofMilligrams($node->integer(1, Mass::MOST_MG)),
            FieldType::Known => $this->knownTo(self::needed($standard), $node),
            FieldType::KnownList => array_map(fn(Node $item): string => $this->knownTo(self::needed($standard), $item), $node->items()),
            FieldType::Level => $node->integer(0, count(self::needed($standard)->criteria[$fact->at('criterion')->text()]->levels) - 1),
            FieldType::Portion => $node->integer(1, self::portionsOf($fact->at('piece'), self::needed($standard))->count),
            FieldType::Text => $node->text(self::LONGEST_TEXT),
            FieldType::Identifier => $node->identifier(),
            FieldType::IdentifierList => array_map(static fn(Node $item): string => $item->identifier(), $node->items()),
            FieldType::Choice => $this->choices === null ? throw new \LogicException('a choice has an enum') : $node->oneOf($this->choices),
            FieldType::Sha256 => $node->matching('/^[0-9a-f]{64}$/D', MessageCode::NotSha256),
            FieldType::Factor => $node->positive(self::MOST_FACTOR),
            FieldType::Station => $node->integer(1, self::MOST_STATION),
            FieldType::Celsius => $node->number(self::COLDEST_C, self::HOTTEST_C),
            FieldType::Flag => $node->boolean(),
            FieldType::Version => $node->integer(1, self::MOST_VERSION),
            FieldType::Volume => $node->integer(1, self::MOST_ML),
            FieldType::Count => $node->integer(1, self::MOST_COUNT),
            FieldType::Day => Day::read($node),
        };
    }

    /** @return array<string, mixed> as JSON Schema */
    public function schema(): array
    {
        $identifier = ['$ref' => '#/$defs/identifier'];

        return match ($this->type) {
            FieldType::Mass => ['type' => 'integer', 'minimum' => 0, 'maximum' => Mass::MOST_MG],
            FieldType::CarcassMass => ['type' => 'integer', 'minimum' => 1, 'maximum' => Mass::MOST_MG],
            FieldType::Known, FieldType::Identifier => $identifier,
            FieldType::KnownList, FieldType::IdentifierList => ['type' => 'array', 'items' => $identifier],
            FieldType::Level => ['type' => 'integer', 'minimum' => 0],
            FieldType::Portion => ['type' => 'integer', 'minimum' => 1, 'maximum' => Portions::MOST],
            FieldType::Text => ['type' => 'string', 'maxLength' => self::LONGEST_TEXT],
            FieldType::Choice => ['enum' => array_map(static fn(\BackedEnum $it): int|string => $it->value, $this->choices === null ? [] : $this->choices::cases())],
            FieldType::Sha256 => ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$'],
            FieldType::Factor => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => self::MOST_FACTOR],
            FieldType::Station => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_STATION],
            FieldType::Celsius => ['type' => 'number', 'minimum' => self::COLDEST_C, 'maximum' => self::HOTTEST_C],
            FieldType::Flag => ['type' => 'boolean'],
            FieldType::Version => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_VERSION],
            FieldType::Volume => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_ML],
            FieldType::Count => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_COUNT],
            FieldType::Day => ['type' => 'string', 'pattern' => '^\\d{4}-\\d{2}-\\d{2}$'],
        };
    }

    private static function needed(?Standard $standard): Standard
    {
        return $standard ?? throw new \LogicException('a fact that names something of a standard is read against one');
    }

    private function knownTo(Standard $standard, Node $node): string
    {
        $id = $node->identifier();

        return $this->list?->has($standard, $id) === true ? $id : throw $node->fail(MessageCode::NotInStandard, ['list' => $this->list->value ?? '', 'id' => InvalidPackage::quote($id)]);
    }

    private static function portionsOf(Node $piece, Standard $standard): Portions
    {
        return $standard->cuts->pieces[$piece->text()]->portions ?? throw $piece->fail(MessageCode::NotASet);
    }
}
