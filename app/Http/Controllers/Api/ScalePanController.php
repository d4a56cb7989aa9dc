<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Demo\CoolingProbe;
use App\Demo\DrawPiece;
use App\Models\Attempt;
use App\Models\LotRow;
use App\Scale\PanAction;
use App\Scale\ScalePan;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Weighing\InvalidMass;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** The hand at the simulated scale: there only where the scale is simulated. */
final class ScalePanController
{
    #[OA\Post(path: '/attempts/{attempt}/pan', operationId: 'pan', description: 'Puts something on the simulated scale: a place of this tray, or a mass as typed; or presses one of its buttons.', tags: ['scale'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'place', description: 'received, a piece, a bin or scrape', type: 'string'),
        new OA\Property(property: 'mass', type: 'string'),
        new OA\Property(property: 'action', type: 'string', enum: ['clear', 'tare', 'zero']),
    ]))]
    #[OA\Response(response: 204, description: 'Done')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 503, ref: '#/components/responses/Problem')]
    public function store(Request $request, Attempt $attempt, ScalePan $pan, DrawPiece $drawing, School $school): Response
    {
        Gate::authorize('capture', $attempt);
        $request->validate([
            'place' => ['required_without_all:mass,action', 'string', 'max:128'],
            'mass' => ['string', 'max:40'],
            'action' => [Rule::enum(PanAction::class)],
        ]);
        $action = $request->enum('action', PanAction::class);
        match (true) {
            $action !== null => $pan->press($action),
            $request->has('mass') => $pan->put(self::typed($request->string('mass')->toString(), $school->sentences())),
            default => $pan->put($drawing->draw($attempt, $request->string('place')->toString())),
        };

        return new Response(status: 204);
    }

    #[OA\Get(path: '/attempts/{attempt}/probe', operationId: 'probe', description: 'What the simulated probe reads in the carcass of this station.', tags: ['scale'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'In °C', content: new OA\JsonContent(required: ['core_c'], properties: [new OA\Property(property: 'core_c', type: 'number')]))]
    #[OA\Response(response: 503, ref: '#/components/responses/Problem')]
    public function probe(Attempt $attempt, ScalePan $pan): JsonResponse
    {
        Gate::authorize('capture', $attempt);

        return new JsonResponse(['core_c' => $pan->probe()]);
    }

    #[OA\Get(path: '/ledger/lots/{lot}/probe', operationId: 'coolingProbe', description: 'What the simulated probe reads in a container that cools.', tags: ['scale'])]
    #[OA\PathParameter(name: 'lot', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'In °C', content: new OA\JsonContent(required: ['core_c'], properties: [new OA\Property(property: 'core_c', type: 'number')]))]
    public function coolingProbe(LotRow $lot, CoolingProbe $probe): JsonResponse
    {
        Gate::authorize('record', LotRow::class);

        return new JsonResponse(['core_c' => $probe->read($lot, CarbonImmutable::now())]);
    }

    private static function typed(string $text, Sentences $sentences): Mass
    {
        try {
            return Mass::parse($text);
        } catch (InvalidMass $problem) {
            throw ValidationException::withMessages(['mass' => $sentences->say($problem->problem)]);
        }
    }
}
