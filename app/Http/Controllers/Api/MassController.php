<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use DeftBlade\Core\Weighing\InvalidMass;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\MassUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class MassController
{
    #[OA\Get(path: '/mass', operationId: 'readMass', description: 'Reads a weight as a person types it: 1820, 1.82 kg, 4 lb 3 oz.', tags: ['scale'])]
    #[OA\QueryParameter(name: 'text', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The mass', content: new OA\JsonContent(required: ['mass_mg', 'shown'], properties: [
        new OA\Property(property: 'mass_mg', type: 'integer'),
        new OA\Property(property: 'shown', type: 'string'),
    ]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request): JsonResponse
    {
        $request->validate(['text' => ['required', 'string', 'max:40'], 'unit' => [Rule::enum(MassUnit::class)]]);
        try {
            $mass = Mass::parse($request->string('text')->toString(), $request->enum('unit', MassUnit::class) ?? MassUnit::Gram);
        } catch (InvalidMass $problem) {
            throw ValidationException::withMessages(['text' => ucfirst($problem->getMessage()).'.']);
        }

        return new JsonResponse(['mass_mg' => $mass->mg, 'shown' => $mass->inGrams()]);
    }
}
