<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\EndSessions;
use App\Models\User;
use App\Sessions\EndedSessions;
use App\Sessions\OpenSession;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A session that was ended stays ended, whatever is written back to it. */
final class EndedSessionsTest extends TestCase
{
    public function testARequestOnItsWayDoesNotSignInAgain(): void
    {
        [$onItsWay, $signingOut, $later] = [$this->sessions(), $this->sessions(), $this->sessions()];
        $onItsWay->write('tablet', 'signed in');
        self::assertSame('signed in', $this->sessions()->read('tablet'));
        $onItsWay->read('tablet');
        $signingOut->destroy('tablet');
        $onItsWay->write('tablet', 'signed in');
        self::assertSame('', $later->read('tablet'));
        // Nor where it is put in anew.
        $later->write('tablet', 'signed in');
        self::assertSame('', $this->sessions()->read('tablet'));
    }

    public function testWhoeverComesWithTheIdOfAnEndedOneGetsANewOne(): void
    {
        config(['session.encrypt' => true]);
        $session = app('session')->driver('database');
        self::assertInstanceOf(OpenSession::class, $session);
        [$open, $ended] = [str_repeat('a', 40), str_repeat('b', 40)];
        $this->sessions()->destroy($ended);
        $session->setId($open);
        self::assertSame($open, $session->getId());
        $session->setId($ended);
        self::assertNotSame($ended, $session->getId());
        $session->start();
        $session->save();
        self::assertTrue(DB::table('sessions')->where('id', $session->getId())->exists());
    }

    public function testASessionIsWrittenDownWhereSomethingInItChangedOrItIsOfAWhileAgo(): void
    {
        config(['session.encrypt' => true]);
        $id = str_repeat('c', 40);
        $use = function (?string $word = null) use ($id): void {
            $session = app('session')->driver('database');
            self::assertInstanceOf(OpenSession::class, $session);
            $session->flush();
            $session->setId($id);
            $session->start();
            if ($word !== null) {
                $session->put('word', $word);
            }
            $session->save();
        };
        $payload = static fn(): mixed => DB::table('sessions')->where('id', $id)->value('payload');
        $use('first');
        $use();
        $first = $payload();
        $use();
        $this->travel(2)->minutes();
        $use();
        self::assertSame($first, $payload(), 'nothing in it changed');
        $use('second');
        self::assertNotSame($first, $second = $payload());
        $this->travel(6)->minutes();
        $use();
        self::assertNotSame($second, $payload(), 'its time is written down again');
    }

    /** An answer that comes late would else give the browser the id of before somebody signed in. */
    public function testTheBrowserIsGivenTheIdWhereTheSessionIsWrittenDownOnly(): void
    {
        config(['session.encrypt' => true, 'session.driver' => 'database']);
        $given = static function (string $id, ?string $word = null): ?string {
            app('session')->forgetDrivers();
            $request = Request::create('/', cookies: [config()->string('session.cookie') => $id]);
            $answer = app(StartSession::class)->handle($request, static function (Request $request) use ($word): Response {
                if ($word !== null) {
                    $request->session()->put('word', $word);
                }

                return new Response();
            });
            self::assertInstanceOf(Response::class, $answer);

            return (array_values($answer->headers->getCookies())[0] ?? null)?->getValue();
        };
        $id = str_repeat('d', 40);
        self::assertSame([$id, null], [$given($id), $given($id)]);
        self::assertSame([$id, null], [$given($id, 'first'), $given($id, 'first')]);
        $this->travel(6)->minutes();
        self::assertSame([$id, null], [$given($id), $given($id)]);
        $this->sessions()->destroy($id);
        self::assertNotContains($given($id), [$id, null]);
    }

    public function testOtherSessionsGoOn(): void
    {
        $this->sessions()->write('tablet', 'a');
        $this->sessions()->write('computer', 'b');
        $this->sessions()->destroy('tablet');
        $this->sessions()->destroy('tablet');
        self::assertSame('b', $this->sessions()->read('computer'));
    }

    public function testWhoIsSignedOutEverywhereStaysSoToo(): void
    {
        $marit = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();
        $onItsWay = $this->sessions();
        $onItsWay->write('tablet', 'signed in');
        DB::table('sessions')->where('id', 'tablet')->update(['user_id' => $marit->id]);
        (new EndSessions())->of($marit);
        $onItsWay->write('tablet', 'signed in');
        self::assertSame('', $this->sessions()->read('tablet'));
    }

    public function testWhatWasEndedLongAgoIsForgotten(): void
    {
        $this->sessions()->destroy('old');
        $this->travel(3)->hours();
        $this->sessions()->destroy('new');
        $this->sessions()->gc(7200);
        self::assertSame(['new'], DB::table('ended_sessions')->pluck('id')->all());
    }

    private function sessions(): EndedSessions
    {
        return new EndedSessions(DB::connection(), 'sessions', 120);
    }
}
