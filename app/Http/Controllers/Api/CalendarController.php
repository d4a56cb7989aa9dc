<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Calendar\CalendarFeed;
use App\Http\Resources\CalendarLinkView;
use App\Models\Assessment;
use App\Models\CalendarLink;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Practicals in the calendar that people have anyway. */
final class CalendarController
{
    private const TOKEN_LENGTH = 40;

    private const LONGEST_ROOM = 200;

    #[OA\Get(path: '/calendars', operationId: 'calendars', tags: ['session'])]
    #[OA\Response(response: 200, description: 'One\'s links, without their addresses', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CalendarLinkView::class)))]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(array_values(CalendarLink::query()->where('user_id', $user->id)->orderByRaw('room IS NOT NULL, room')->get()->map(static fn(CalendarLink $it): CalendarLinkView => CalendarLinkView::of($it))->all()));
    }

    #[OA\Post(path: '/calendars', operationId: 'makeCalendar', description: 'Makes a link for one\'s own practicals, or those of a room. One made before for the same ends.', tags: ['session'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['room'], properties: [new OA\Property(property: 'room', type: 'string', nullable: true)]))]
    #[OA\Response(response: 200, description: 'The link, with its address', content: new OA\JsonContent(ref: CalendarLinkView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $request->validate(['room' => ['present', 'nullable', 'string', 'max:'.self::LONGEST_ROOM]]);
        $room = $request->input('room') === null ? null : $request->string('room')->toString();
        if ($room !== null) {
            Gate::authorize('viewAny', Assessment::class);
        }
        $token = Str::random(self::TOKEN_LENGTH);
        $link = DB::transaction(static function () use ($user, $room, $token): CalendarLink {
            CalendarLink::query()->where('user_id', $user->id)->where('room', $room)->delete();

            return CalendarLink::query()->create(['user_id' => $user->id, 'room' => $room, 'sha256' => hash('sha256', $token), 'made_at' => CarbonImmutable::now()]);
        });

        return new JsonResponse(CalendarLinkView::of($link, $token));
    }

    #[OA\Delete(path: '/calendars/{calendar}', operationId: 'endCalendar', tags: ['session'])]
    #[OA\PathParameter(name: 'calendar', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'It reads nothing any more')]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function destroy(CalendarLink $calendar, #[CurrentUser] User $user): Response
    {
        if ($calendar->user_id !== $user->id) {
            throw new NotFoundHttpException();
        }
        $calendar->delete();

        return new Response(status: 204);
    }

    #[OA\Get(path: '/calendar.ics', operationId: 'calendarFeed', description: 'Practicals of the last 90 days and later (RFC 5545), for whoever has the link.', security: [], tags: ['session'])]
    #[OA\QueryParameter(name: 'token', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The calendar', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function feed(Request $request, CalendarFeed $feed): Response
    {
        $token = $request->query('token');
        $link = is_string($token) ? CalendarLink::of($token) : null;
        if ($link === null) {
            throw new NotFoundHttpException();
        }

        return new Response($feed->write($link), headers: ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'no-store']);
    }
}
