<?php

declare(strict_types=1);

namespace App\Http;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Http\Request;

/** Facts as a device sends them: what it is called, what its clock was put right by, and the facts. */
final readonly class SentFacts
{
    private const MOST_AT_ONCE = 500;

    private const MOST_OFFSET_MS = 1_000_000_000_000;

    /** @param list<Node> $nodes */
    private function __construct(public string $device, public int $offsetMs, public array $nodes) {}

    /**
     * @param string $key that the facts stand under
     *
     * @throws InvalidPackage
     */
    public static function read(Request $request, string $key): self
    {
        $body = Node::decode($request->getContent())->keys(['device', $key], ['offset_ms']);
        $nodes = $body->at($key)->items();
        if (count($nodes) > self::MOST_AT_ONCE) {
            throw $body->at($key)->fail(MessageCode::TooManyCaptures, ['most' => self::MOST_AT_ONCE]);
        }

        return new self(
            $body->at('device')->identifier(),
            $body->has('offset_ms') ? $body->at('offset_ms')->integer(-self::MOST_OFFSET_MS, self::MOST_OFFSET_MS) : 0,
            $nodes,
        );
    }

    /** @return list<\stdClass> */
    public function documents(): array
    {
        return array_map(static fn(Node $it): \stdClass => $it->document(), $this->nodes);
    }
}
