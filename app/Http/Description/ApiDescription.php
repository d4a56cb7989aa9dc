<?php

declare(strict_types=1);

namespace App\Http\Description;

use App\Http\Problem;
use OpenApi\Annotations\OpenApi;
use OpenApi\Attributes as OA;
use OpenApi\Generator;

/** The OpenAPI document: what the attributes on the code say, with the published formats of the core as schemas. */
#[OA\Info(version: '1', title: 'Deft Blade')]
#[OA\Server(url: '/api/v1')]
#[OA\Response(response: 'Problem', description: 'What went wrong (RFC 9457)', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: Problem::class)))]
final readonly class ApiDescription
{
    private const SENT = 'Sent';

    public function __construct(private string $root) {}

    public function toJson(): string
    {
        $openApi = (new Generator())->setVersion(OpenApi::VERSION_3_1_0)->generate(["{$this->root}/app"], validate: false);
        if ($openApi === null) {
            throw new \LogicException('the code describes no API');
        }
        /** @var array{paths: array<string, array<string, mixed>>, components: array{schemas: array<string, array<string, mixed>>}} $document */
        $document = json_decode($openApi->toJson(), true, 512, JSON_THROW_ON_ERROR);
        foreach ($document['components']['schemas'] as $name => $schema) {
            $document['components']['schemas'][$name] = str_ends_with($name, self::SENT) ? $schema : self::whole($schema);
        }
        $document['components']['schemas'] = $document['components']['schemas']
            + (new FormatSchemas("{$this->root}/docs/formats"))->all();

        $document['paths'] = array_map(self::withRequiredPathParameters(...), $document['paths']);

        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /**
     * Views are whole: every property is always there, if only as null. What is sent says by itself what it needs.
     *
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function whole(array $schema): array
    {
        return is_array($schema['properties'] ?? null) ? $schema + ['required' => array_keys($schema['properties'])] : $schema;
    }

    /**
     * A parameter in the path is always there, and OpenAPI wants that said.
     *
     * @param array<string, mixed> $path
     *
     * @return array<string, mixed>
     */
    private static function withRequiredPathParameters(array $path): array
    {
        foreach ($path as $method => $operation) {
            foreach (is_array($operation) && is_array($operation['parameters'] ?? null) ? $operation['parameters'] : [] as $index => $parameter) {
                if (is_array($operation) && is_array($operation['parameters'] ?? null) && is_array($parameter) && ($parameter['in'] ?? '') === 'path') {
                    $operation['parameters'][$index] = $parameter + ['required' => true];
                }
            }
            $path[$method] = $operation;
        }

        return $path;
    }
}
