<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\CarcassQuestion;
use App\Actions\PublishOwnCarcasses;
use App\Actions\ReadOwnCarcasses;
use App\Actions\TriedClass;
use App\Actions\TryOwnCarcasses;
use App\Http\CsvFile;
use App\Http\Resources\OtherStandardView;
use App\Http\Resources\OwnCarcassView;
use App\Http\Resources\OwnWindowView;
use App\Http\Resources\TriedClassView;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Trends\CarcassSize;
use DeftBlade\Core\Trends\CarcassSource;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** The school's own carcasses: what they say of the shares and windows of a standard, what that would have changed, and publishing it. */
final class OwnCarcassController
{
    private const LONGEST = 200;

    public function __construct(private readonly ReadOwnCarcasses $reading, private readonly School $school) {}

    #[OA\Get(path: '/standards/{standard}/own-carcasses', operationId: 'ownCarcasses', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'supplier', description: 'Only carcasses of one supplier; all where nothing is said.', schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'size', schema: new OA\Schema(type: 'string', enum: CarcassSize::class))]
    #[OA\QueryParameter(name: 'source', schema: new OA\Schema(type: 'string', enum: CarcassSource::class))]
    #[OA\QueryParameter(name: 'coverage', description: 'The share of carcasses that a window is to hold; 0.95 where nothing is said.', schema: new OA\Schema(type: 'number', minimum: 0.5, maximum: 0.999))]
    #[OA\QueryParameter(name: 'confidence', description: 'With which it is to hold them; 0.9 where nothing is said.', schema: new OA\Schema(type: 'number', minimum: 0.5, maximum: 0.999))]
    #[OA\Response(response: 200, description: 'What they propose', content: new OA\JsonContent(ref: OwnCarcassView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request, PublishedStandard $standard): JsonResponse
    {
        return new JsonResponse($this->view($request, $standard));
    }

    #[OA\Get(path: '/standards/{standard}/own-carcasses.csv', operationId: 'ownCarcassesCsv', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A row for each piece; asked as above', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Request $request, PublishedStandard $standard): Response
    {
        $view = $this->view($request, $standard);

        return CsvFile::of("$view->key-own-carcasses.csv", [
            ['Piece', 'Trays', 'Expected', 'Median', 'Low in force', 'High in force', 'Low proposed', 'High proposed'],
            ...array_map(static fn(OwnWindowView $it): array => [$it->title, $it->trays, $it->expected, $it->median, $it->low, $it->high, $it->new_low, $it->new_high], $view->pieces),
        ]);
    }

    #[OA\Get(path: '/standards/{standard}/own-carcasses/effect', operationId: 'ownCarcassesEffect', description: 'Grades every released result by the standard once more with what is proposed, and stores nothing. Asked as above.', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'supplier', schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'size', schema: new OA\Schema(type: 'string', enum: CarcassSize::class))]
    #[OA\QueryParameter(name: 'source', schema: new OA\Schema(type: 'string', enum: CarcassSource::class))]
    #[OA\QueryParameter(name: 'coverage', schema: new OA\Schema(type: 'number', minimum: 0.5, maximum: 0.999))]
    #[OA\QueryParameter(name: 'confidence', schema: new OA\Schema(type: 'number', minimum: 0.5, maximum: 0.999))]
    #[OA\Response(response: 200, description: 'Its classes, the latest first, with whose band would be another', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: TriedClassView::class)))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function effect(Request $request, PublishedStandard $standard, TryOwnCarcasses $trying, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $standard);
        $own = $this->reading->of($standard->latest(), self::asked($request));

        return new JsonResponse($own->carcass->proposes() ? array_map(static fn(TriedClass $it): TriedClassView => TriedClassView::of($it), $trying->try($standard->key, $own->carcass, $user)) : []);
    }

    #[OA\Post(path: '/standards/{standard}/own-carcasses', operationId: 'publishOwnCarcasses', description: 'Publishes what is proposed as the next version of the standard, and the shares as the next version of others that cut the same carcass. Released results stay. Sent again, nothing further is published.', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid', description: 'The version it was seen on.'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['others'], properties: [
        new OA\Property(property: 'others', type: 'array', items: new OA\Items(type: 'string', format: 'uuid'), description: 'Versions of other standards that are to cut the same carcass.'),
        new OA\Property(property: 'supplier', type: 'string', nullable: true),
        new OA\Property(property: 'size', type: 'string', enum: CarcassSize::class),
        new OA\Property(property: 'source', type: 'string', enum: CarcassSource::class),
        new OA\Property(property: 'coverage', type: 'number'),
        new OA\Property(property: 'confidence', type: 'number'),
    ]))]
    #[OA\Response(response: 200, description: 'What was published, the standard itself first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OtherStandardView::class)))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function publish(Request $request, PublishedStandard $standard, PublishOwnCarcasses $publishing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $request->validate(['others' => ['present', 'array', 'max:100'], 'others.*' => ['uuid', Rule::exists('published_standards', 'id')]]);
        $others = PublishedStandard::query()->whereIn('id', $request->array('others'))->where('key', '<>', $standard->key)->orderBy('key')->get()->all();
        $published = $publishing->publish($this->reading->of($standard, self::asked($request)), array_values($others), $user);
        $words = $this->school->vocabulary();

        return new JsonResponse(array_map(static fn(PublishedStandard $it): OtherStandardView => OtherStandardView::of($it, $words->say(is_string($it->document->title ?? null) ? $it->document->title : $it->key)), $published));
    }

    private function view(Request $request, PublishedStandard $standard): OwnCarcassView
    {
        Gate::authorize('view', $standard);

        return OwnCarcassView::of($this->reading->of($standard->latest(), self::asked($request)), $this->school);
    }

    private static function asked(Request $request): CarcassQuestion
    {
        $request->validate([
            'supplier' => ['nullable', 'string', 'max:'.self::LONGEST],
            'size' => [Rule::enum(CarcassSize::class)],
            'source' => [Rule::enum(CarcassSource::class)],
            'coverage' => ['numeric', 'between:0.5,0.999'],
            'confidence' => ['numeric', 'between:0.5,0.999'],
        ]);
        $usual = new CarcassQuestion();
        $supplier = $request->string('supplier')->toString();

        return new CarcassQuestion(
            $supplier === '' ? null : $supplier,
            $request->enum('size', CarcassSize::class) ?? $usual->size,
            $request->enum('source', CarcassSource::class) ?? $usual->source,
            $request->float('coverage', $usual->coverage),
            $request->float('confidence', $usual->confidence),
        );
    }
}
