<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Student;
use App\Models\StudentGroup;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Students come in by file or by hand, move between groups, leave and come back. */
final class RosterTest extends TestCase
{
    private const HEADER = "Number,Name,E-mail,Course,Group,Term\n";

    private const TWO = self::HEADER."1,Ada Nyberg,ada@tollgate-quay.example,Larder 1,Heron,spring\n2,Björn Åkesson,,Larder 1,Heron,spring\n";

    public function testAFileIsPlannedThenBroughtInAndASecondTimeChangesNothing(): void
    {
        $students = Student::query()->count();
        $this->plan(self::TWO)->assertOk()->assertJson(['is_mapped' => true, 'has_header' => true, 'new' => 2, 'changed' => 0, 'same' => 0, 'problems' => [], 'groups' => ['Larder 1, Heron, spring']]);
        self::assertSame($students, Student::query()->count());
        $this->import(self::TWO)->assertOk()->assertJsonPath('new', 2);
        $ada = Student::query()->with('group')->where('number', '1')->firstOrFail();
        self::assertSame(['Ada Nyberg', 'ada@tollgate-quay.example', 'Larder 1, Heron, spring'], [$ada->name, $ada->email, $ada->group->fullName()]);
        $kept = AuditEntry::query()->count();
        $this->import(self::TWO)->assertOk()->assertJson(['new' => 0, 'changed' => 0, 'same' => 2]);
        self::assertSame([$students + 2, $kept], [Student::query()->count(), AuditEntry::query()->count()]);
    }

    public function testAChangedFileSaysWhatItChanges(): void
    {
        $this->import(self::TWO)->assertOk();
        Student::query()->where('number', '2')->update(['left_at' => now()]);
        $changed = self::HEADER."1,Ada Nyberg-Ruiz,ada@tollgate-quay.example,Larder 2,Sandpiper,\n2,Björn Åkesson,,Larder 1,Heron,spring\n";
        $lines = $this->plan($changed)->assertOk()->assertJson(['new' => 0, 'changed' => 2])->json('lines');
        self::assertSame([['name Ada Nyberg → Ada Nyberg-Ruiz', 'from Larder 1, Heron, spring to Larder 2, Sandpiper'], ['comes back']], array_column((array) $lines, 'changes'));
        $this->import($changed)->assertOk();
        self::assertSame('Sandpiper', Student::query()->where('number', '1')->firstOrFail()->group->name);
        self::assertNull(Student::query()->where('number', '2')->firstOrFail()->left_at);
        self::assertSame(1, StudentGroup::query()->where('name', 'Sandpiper')->count());
    }

    public function testRowsWithoutANumberAreFoundByAddressOrByNameInTheirGroup(): void
    {
        $this->import(self::TWO)->assertOk();
        $this->plan("Name,Group,Course,E-mail\nAda Nyberg,Heron,Larder 1,ADA@tollgate-quay.example\nbjörn åkesson,heron,Larder 1,\n")->assertOk()->assertJsonPath('new', 0);
        Student::query()->create(['name' => 'Björn Åkesson', 'number' => '3', 'student_group_id' => Student::query()->where('number', '2')->firstOrFail()->student_group_id]);
        $this->plan("Name,Group,Course\nBjörn Åkesson,Heron,Larder 1\n")->assertOk()->assertJsonPath('problems', [['line' => 2, 'text' => 'more than one student is called Björn Åkesson: a number is needed']]);
        // Somebody of the same name with another number is somebody else.
        $this->plan(self::HEADER."77,Björn Åkesson,,Larder 1,Heron,spring\n")->assertOk()->assertJsonPath('new', 1);
    }

    /**
     * @param array<string, string>    $with     what is sent beside the file
     * @param array<string, mixed>     $says     of the plan
     * @param list<array{int, string}> $problems
     */
    #[DataProvider('files')]
    public function testAFileOfAnyMakeIsReadOrRefusedByRow(string $file, array $with, array $says, array $problems = []): void
    {
        $plan = $this->plan($file, $with)->assertOk()->assertJson($says);
        self::assertSame($problems, array_map(static fn(array $it): array => [$it['line'], $it['text']], (array) $plan->json('problems')));
        $before = Student::query()->count();
        $answer = $this->import($file, $with);
        self::assertSame($plan->json('is_mapped') ? 200 : 422, $answer->getStatusCode());
        self::assertSame($before + ($plan->json('is_mapped') ? $plan->json('new') : 0), Student::query()->count());
        if ($plan->json('is_mapped')) {
            $this->plan($file, $with)->assertJsonPath('new', 0)->assertJsonPath('changed', 0);
        }
    }

    /** @return iterable<string, array{0: string, 1: array<string, string>, 2: array<string, mixed>, 3?: list<array{int, string}>}> */
    public static function files(): iterable
    {
        $in = ['course' => 'Larder 1', 'group' => 'Heron'];
        yield 'semicolons' => ["Number;Name;Group\n1;Ada;Heron\n2;Bo;Heron\n", [], ['new' => 2]];
        yield 'tabs, pasted' => ["Number\tName\n1\tAda\n2\tBo", $in, ['new' => 2]];
        yield 'a byte order mark' => ["\xEF\xBB\xBFNumber,Name,Group\n1,Ada,Heron\n", [], ['new' => 1, 'columns' => ['number', 'name', 'group']]];
        yield 'Windows-1252' => [mb_convert_encoding("Number;Name;Group\n1;Zoë Müller – Søndergård;Heron\n", 'Windows-1252', 'UTF-8'), [], ['new' => 1, 'lines' => [['name' => 'Zoë Müller – Søndergård']]]];
        yield 'UTF-16 as a spreadsheet saves it' => ["\xFF\xFE".mb_convert_encoding("Number\tName\tGroup\n1\tŁucja Wójcik\tHeron\n", 'UTF-16LE', 'UTF-8'), [], ['new' => 1, 'lines' => [['name' => 'Łucja Wójcik']]]];
        yield 'UTF-16, big end first' => ["\xFE\xFF".mb_convert_encoding("Name,Group\nÁgnes,Heron\n", 'UTF-16BE', 'UTF-8'), [], ['new' => 1, 'lines' => [['name' => 'Ágnes']]]];
        yield 'line ends of Windows' => ["Name,Group\r\nAda,Heron\r\nBo,Heron\r\n", [], ['new' => 2]];
        yield 'line ends of old machines' => ["Name,Group\rAda,Heron\rBo,Heron\r", [], ['new' => 2]];
        yield 'no line end at the end' => ["Name,Group\nAda,Heron", [], ['new' => 1]];
        yield 'quotation marks' => ["Name,Group\n\"Nyberg, Ada \"\"Addie\"\"\",Heron\n", [], ['lines' => [['name' => 'Nyberg, Ada "Addie"']]]];
        yield 'a line break within a cell' => ["Name,Group\n\"Ada\nNyberg\",Heron\nBo,Heron\n,Heron\n", [], ['new' => 2, 'lines' => [['line' => 2, 'name' => 'Ada Nyberg'], ['line' => 4]]], [[5, 'no name']]];
        yield 'empty lines' => ["Name,Group\n\nAda,Heron\n,,\n\nBo,Heron\n\n", [], ['new' => 2, 'lines' => [['line' => 3], ['line' => 6]]]];
        yield 'given and family names' => ["Surname,First name,Class\nNyberg,Ada,Heron\n", [], ['lines' => [['name' => 'Ada Nyberg']], 'columns' => ['family', 'given', 'group']]];
        yield 'headers of other words' => ["Student No.,FULL NAME,e-mail address,Programme,Cohort,Semester\n7,Ada,a@b.example,Larder 1,Heron,1\n", [], ['columns' => ['number', 'name', 'email', 'course', 'group', 'term']]];
        yield 'columns nobody needs' => ["Locker,Name,Shoe size,Group\n12,Ada,39,Heron\n", [], ['new' => 1, 'columns' => [null, 'name', null, 'group']]];
        yield 'one header twice' => ["Name,Name,Group\nAda,Bo,Heron\n", [], ['columns' => ['name', null, 'group'], 'lines' => [['name' => 'Ada']]]];
        yield 'no header, mapped by hand' => ["1,Ada\n2,Bo\n", $in + ['columns' => '["number","name"]'], ['has_header' => false, 'new' => 2, 'headings' => ['Column 1', 'Column 2']]];
        yield 'no header, not mapped' => ["1,Ada\n2,Bo\n", $in, ['has_header' => false, 'is_mapped' => false, 'columns' => [null, null]], [[1, 'no name'], [2, 'no name']]];
        yield 'a header that is mapped by hand' => ["Nr,Wer\n1,Ada\n", $in + ['columns' => '["number","name"]', 'has_header' => 'yes'], ['new' => 1]];
        yield 'a header that is called a row' => ["Name,Group\nAda,Heron\n", ['columns' => '["name","group"]', 'has_header' => 'no'], ['new' => 2, 'lines' => [['name' => 'Name']]]];
        yield 'no name' => ["Number,Name,Group\n1,,Heron\n2,Bo,Heron\n", [], ['new' => 1], [[2, 'no name']]];
        yield 'no group' => ["Name,Group\nAda,\nBo,Heron\n", [], ['new' => 1], [[2, 'no group']]];
        yield 'no address' => ["Name,E-mail,Group\nAda,ada at school,Heron\nBo,,Heron\n", [], ['new' => 1], [[2, '“ada at school” is no e-mail address']]];
        yield 'a number twice' => ["Number,Name,Group\n1,Ada,Heron\n2,Bo,Heron\n1,Cleo,Heron\n", [], ['new' => 2], [[4, 'number 1 stands in line 2 too']]];
        yield 'an address twice' => ["Name,E-mail,Group\nAda,a@b.example,Heron\nBo,A@B.example,Heron\n", [], ['new' => 1], [[3, 'e-mail a@b.example stands in line 2 too']]];
        yield 'a name twice in a group' => ["Name,Group\nAda,Heron\nada,Heron\nAda,Curlew\n", [], ['new' => 2], [[3, 'name ada in Heron stands in line 2 too']]];
        yield 'too many cells' => ["Name,Group\nAda,Heron,spare\nBo,Heron\n", [], ['new' => 1], [[2, '3 cells where the header has 2']]];
        yield 'too few cells' => ["Number,Name,Group\n1,Ada\n2,Bo,Heron\n", [], ['new' => 1], [[2, 'no group']]];
        yield 'a name that is too long' => ['Name,Group'."\n".str_repeat('Ada ', 60).",Heron\nBo,Heron\n", [], ['new' => 1], [[2, 'name is longer than 200 characters']]];
        yield 'two things wrong in one row' => ["Name,E-mail,Group\n,nobody,Heron\n", [], ['new' => 0], [[2, 'no name'], [2, '“nobody” is no e-mail address']]];
        yield 'formulas are names' => ["Number,Name,Group\n1,=cmd|' /C calc'!A0,Heron\n2,+49 Ada,Heron\n3,@Bo,Heron\n", [], ['new' => 3, 'lines' => [['name' => "=cmd|' /C calc'!A0"], ['name' => '+49 Ada'], ['name' => '@Bo']]]];
        yield 'control characters and odd blanks' => ["Name,Group\n\u{200B}Ada\u{00A0}\u{00A0}Nyberg\x07,  Heron \n", [], ['lines' => [['name' => 'Ada Nyberg', 'group' => 'Heron']]]];
        yield 'marks of our own documents' => ["Name,Group\nAnn {frame} Shank,Heron\n", [], ['lines' => [['name' => 'Ann {frame} Shank']]]];
        yield 'names of many scripts' => ["Name,Group\n山田 花子,Heron\nОльга,Heron\nفاطمة,Heron\n", [], ['new' => 3]];
        yield 'one column' => ["Name\nAda\nBo\n", $in, ['new' => 2]];
        yield 'a group chosen for rows that name none' => ["Name,Group\nAda,\nBo,Curlew\n", $in, ['new' => 2, 'groups' => ['Larder 1, Heron', 'Larder 1, Curlew']]];
        yield 'only one group of the file' => ["Name,Group\nAda,Heron\nBo,Curlew\n", ['only' => ['Curlew']], ['new' => 1, 'groups' => ['Heron', 'Curlew'], 'lines' => [['name' => 'Bo']]]];
        yield 'an open quotation mark' => ["Name,Group\n\"Ada,Heron\nBo,Heron\n", [], ['new' => 0], [[2, 'no group']]];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoRosterIsRefusedWhole(string $file, string $why): void
    {
        $this->plan($file)->assertUnprocessable()->assertJsonPath('errors.0.path', 'file')->assertJsonPath('errors.0.detail', $why);
        $this->import($file)->assertUnprocessable();
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing but blanks' => ["  \n\n", 'holds no row'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0", 'is no text: send CSV, or a OneRoster zip'];
        yield 'a broken zip' => ["PK\x03\x04broken", 'is no zip that can be opened'];
        yield 'too many rows' => ["Name,Group\n".str_repeat("Ada,Heron\n", 10_001), 'holds more than 10 000 rows'];
        yield 'a zip without users' => [self::zip(['classes.csv' => "sourcedId,title\n1,A"]), 'the zip has no users.csv'];
        yield 'a zip of something else' => [self::zip(['xl/workbook.xml' => '<workbook/>']), 'the zip has no users.csv'];
    }

    public function testTenThousandRowsComeInWhole(): void
    {
        $rows = implode('', array_map(static fn(int $it): string => "N$it,Student $it,,Larder 1,Group ".intdiv($it, 20).",spring\n", range(1, 10_000)));
        $before = Student::query()->count();
        $this->import(self::HEADER.$rows)->assertOk()->assertJsonPath('new', 10_000)->assertJsonCount(500, 'lines');
        self::assertSame($before + 10_000, Student::query()->count());
        self::assertSame(501, StudentGroup::query()->where('course', 'Larder 1')->count());
    }

    public function testWhatFailsInTheMiddleLeavesNothingBehind(): void
    {
        $before = [Student::query()->count(), StudentGroup::query()->count()];
        // The database refuses the second row while the first is written already.
        DB::statement("ALTER TABLE students ADD CONSTRAINT no_bjorn CHECK (name NOT LIKE 'Björn%')");
        $this->import(self::TWO)->assertServerError();
        DB::statement('ALTER TABLE students DROP CONSTRAINT no_bjorn');
        self::assertSame($before, [Student::query()->count(), StudentGroup::query()->count()]);
    }

    /** Columns as "OneRoster 1.2: CSV Binding" (1EdTech) names them. */
    public function testAOneRosterZipIsReadAndWhatIsToBeDeletedIsNot(): void
    {
        $zip = self::zip([
            'manifest.csv' => "propertyName,value\nmanifest.version,1.0\noneroster.version,1.2\n",
            'users.csv' => "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,middleName,identifier,email\nu1,active,,true,ada,,Ada,Nyberg,,S-1,ada@b.example\nu2,active,,true,bo,,Bo,Lindqvist,,,\nu3,tobedeleted,,true,cleo,,Cleo,Gone,,S-3,\nu4,active,,true,tea,,Tea,Cher,,T-1,\n",
            'courses.csv' => "sourcedId,status,dateLastModified,title\nc1,active,,Larder 1\n",
            'academicSessions.csv' => "sourcedId,status,dateLastModified,title,type,startDate,endDate\nt1,active,,spring,term,2026-02-01,2026-06-30\n",
            'folder/classes.csv' => "sourcedId,status,dateLastModified,title,courseSourcedId,classType,termSourcedIds\nk1,active,,Heron,c1,scheduled,t1\n",
            'enrollments.csv' => "sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role\ne1,active,,k1,,u1,student\ne2,active,,k1,,u2,student\ne3,active,,k1,,u3,student\ne4,active,,k1,,u4,teacher\ne5,tobedeleted,,k1,,u1,student\n",
        ]);
        $lines = (array) $this->plan($zip)->assertOk()->assertJson(['new' => 2, 'problems' => []])->json('lines');
        self::assertSame([['Ada Nyberg', 'S-1', 'Larder 1, Heron, spring'], ['Bo Lindqvist', 'u2', 'Larder 1, Heron, spring']], array_map(static fn(array $it): array => [$it['name'], $it['number'], $it['group']], $lines));
        $this->import($zip)->assertOk();
        $this->plan($zip)->assertJson(['new' => 0, 'changed' => 0, 'same' => 2]);
    }

    public function testAOneRosterZipNeedsNeitherCoursesNorSessionsAndCallsPeopleAsTheyAreCalled(): void
    {
        $files = [
            'users.csv' => "sourcedId,status,givenName,familyName,preferredGivenName\nu1,active,Adelaide,Nyberg,Ada\nu2,active,Bo,Lindqvist,\n",
            'classes.csv' => "sourcedId,status,title,courseSourcedId,termSourcedIds\nk1,active,Heron,c1,\"t1,t2\"\n",
            'enrollments.csv' => "sourcedId,status,classSourcedId,userSourcedId,role\ne1,active,k1,u1,Student\ne2,active,k1,u2,student\ne3,active,k1,u9,student\ne4,active,k9,u1,student\n",
        ];
        $said = fn(array $files): array => array_map(static fn(array $it): array => [$it['name'], $it['group']], (array) $this->plan(self::zip($files))->assertOk()->assertJson(['new' => 2, 'problems' => []])->json('lines'));
        self::assertSame([['Ada Nyberg', 'Heron'], ['Bo Lindqvist', 'Heron']], $said($files));
        // Of several terms the first is taken.
        $files['academicSessions.csv'] = "sourcedId,status,title\nt1,active,spring\nt2,active,summer\n";
        self::assertSame([['Ada Nyberg', 'Heron, spring'], ['Bo Lindqvist', 'Heron, spring']], $said($files));
    }

    public function testWhatIsExportedComesInAgainAsItWas(): void
    {
        $this->import(self::HEADER."9,=cmd() Ada,ada@b.example,Larder 1,Heron,spring\n10,\"Åke, den yngre\",,Larder 1,Heron,spring\n")->assertOk();
        $csv = (string) $this->as('marit')->get('/api/v1/roster.csv')->assertOk()->getContent();
        self::assertStringContainsString("9,\"'=cmd() Ada\"", $csv);
        self::assertStringStartsWith("\u{FEFF}Number,Name,", $csv);
        $this->plan($csv)->assertOk()->assertJson(['new' => 0, 'changed' => 0, 'same' => Student::query()->count(), 'problems' => []]);

        $zip = (string) $this->get('/api/v1/roster.zip')->assertOk()->getContent();
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $zip);
        // Read with a reader of its own: cells by the header, every enrolment of a user and a class that are there.
        $records = static function (string $name) use ($path): array {
            $rows = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim((string) file_get_contents("zip://$path#$name.csv"))));
            $header = array_shift($rows);

            return array_map(static fn(array $cells): array => array_combine((array) $header, $cells), $rows);
        };
        $users = array_column($records('users'), null, 'sourcedId');
        $classes = array_column($records('classes'), null, 'sourcedId');
        self::assertCount(Student::query()->count(), $users);
        foreach ($records('enrollments') as $enrollment) {
            self::assertArrayHasKey($enrollment['userSourcedId'], $users);
            self::assertArrayHasKey($enrollment['classSourcedId'], $classes);
        }
        self::assertContains('oneroster.version', array_column($records('manifest'), 'propertyName'));
        unlink($path);
        $this->plan($zip)->assertOk()->assertJson(['new' => 0, 'problems' => []]);
    }

    public function testAStudentMovesLeavesAndComesBack(): void
    {
        $amina = Student::query()->where('name', 'Amina Berhane')->firstOrFail();
        $group = $this->as('ilse')->postJson('/api/v1/groups', ['course' => 'Larder 2', 'name' => 'Curlew', 'term' => 'autumn', 'starts_on' => '2026-09-01', 'ends_on' => '2026-12-18'])->assertCreated()->json('id');
        $this->postJson('/api/v1/groups', ['course' => 'Larder 2', 'name' => 'Curlew', 'term' => 'autumn'])->assertConflict();
        $this->postJson('/api/v1/groups', ['course' => 'Larder 2', 'name' => 'Late', 'starts_on' => '2026-12-01', 'ends_on' => '2026-11-01'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'ends_on');
        $this->patchJson("/api/v1/students/{$amina->id}", ['group' => $group])->assertOk()->assertJsonPath('group_name', 'Larder 2, Curlew, autumn');
        $this->patchJson("/api/v1/students/{$amina->id}", ['left' => true])->assertOk();
        $this->getJson('/api/v1/students?search=amina')->assertOk()->assertJsonPath('count', 0);
        $this->getJson('/api/v1/students?search=amina&left=yes')->assertOk()->assertJsonPath('students.0.name', 'Amina Berhane');
        $this->flushSession();
        $this->postJson('/api/v1/session', ['email' => 'amina@tollgate-quay.example', 'password' => 'larder-week'])->assertUnprocessable();
        $this->as('ilse')->getJson("/api/v1/attempts/{$this->station(1)->id}")->assertOk()->assertJsonPath('student', 'Amina Berhane');
        $this->patchJson("/api/v1/students/{$amina->id}", ['left' => false])->assertOk()->assertJsonPath('left_at', null);
        self::assertSame(['Amina Berhane came back', 'Amina Berhane left', 'Amina Berhane moved from Larder 2, Sandpiper to Larder 2, Curlew, autumn'], array_slice(array_column((array) $this->getJson('/api/v1/changes')->json('changes'), 'text'), 0, 3));
    }

    public function testMoreTimeHoldsFromADayToADayAndOnlyTheRosterSaysWhy(): void
    {
        $this->travelTo('2026-03-04T10:00:00Z');
        $kenji = Student::query()->where('name', 'Kenji Moriwaki')->firstOrFail();
        $allow = fn(array $of) => $this->as('ilse')->postJson("/api/v1/students/{$kenji->id}/accommodations", $of + ['kind' => 'more_time', 'time_factor' => 1.25, 'from' => '2026-03-02', 'until' => '2026-03-06', 'reason' => 'Wrist in plaster']);
        $allow([])->assertCreated()->assertJsonPath('time_factor', 1.25);
        $allow([])->assertCreated()->assertJsonCount(1, 'accommodations');
        $allow(['time_factor' => 1.5, 'from' => '2026-04-01', 'until' => null])->assertCreated()->assertJsonPath('time_factor', 1.25)->assertJsonCount(2, 'accommodations');
        $student = $allow(['kind' => 'stool', 'time_factor' => null])->assertCreated()->json('accommodations');
        foreach ([['time_factor' => null], ['time_factor' => 0.5], ['until' => '2026-03-01'], ['reason' => ''], ['kind' => 'helper'], ['from' => 'soon']] as $wrong) {
            $allow($wrong)->assertUnprocessable();
        }
        $kenji->load('accommodations');
        $on = static fn(string $day): float => $kenji->timeFactorOn(\Carbon\CarbonImmutable::parse($day));
        self::assertSame([1.0, 1.25, 1.25, 1.0, 1.5], array_map($on, ['2026-03-01', '2026-03-02', '2026-03-06', '2026-03-07', '2026-04-01']));
        $later = array_column((array) $student, 'id', 'from')['2026-04-01'];
        $this->deleteJson("/api/v1/students/{$kenji->id}/accommodations/$later")->assertOk()->assertJsonCount(2, 'accommodations');
        $this->deleteJson("/api/v1/students/{$kenji->id}/accommodations/{$student[0]['id']}")->assertOk()->assertJsonPath('accommodations.0.until', '2026-03-04');
        $this->deleteJson('/api/v1/students/'.$this->station(1)->student_id."/accommodations/{$student[0]['id']}")->assertNotFound();
        foreach (['teodor', 'amina'] as $account) {
            $this->as($account)->getJson('/api/v1/students')->assertForbidden();
        }
        self::assertStringNotContainsString('plaster', (string) $this->as('teodor')->getJson("/api/v1/assessments/{$this->practical()->id}/floor")->getContent());
    }

    public function testAWholeGroupGetsCodesOnceForThoseWhoDoNotSignInYet(): void
    {
        $this->import(self::TWO.",Çelik Öz,,Larder 1,Heron,spring\n")->assertOk();
        $heron = StudentGroup::query()->where('name', 'Heron')->firstOrFail()->id;
        $codes = (array) $this->as('ilse')->postJson("/api/v1/groups/$heron/codes")->assertCreated()->assertJsonCount(3)->json();
        self::assertSame(['ada@tollgate-quay.example', '2', 'celik.oz'], array_column($codes, 'email'));
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        $this->postJson('/api/v1/code', ['code' => $codes[1]['code'], 'password' => 'four spoons under a quiet lamp'])->assertOk()->assertJsonPath('role', 'student');
        $this->getJson('/api/v1/results')->assertOk()->assertExactJson([]);
        $again = (array) $this->as('ilse')->postJson("/api/v1/groups/$heron/codes")->assertCreated()->json();
        self::assertSame(['Ada Nyberg', 'Çelik Öz'], array_column($again, 'name'));
        $this->as('teodor')->postJson("/api/v1/groups/$heron/codes")->assertForbidden();
    }

    public function testStudentsAreFoundAndPaged(): void
    {
        $rows = implode('', array_map(static fn(int $it): string => sprintf("N%03d,Student %03d,,Larder 1,Heron,spring\n", $it, $it), range(1, 120)));
        $this->import(self::HEADER.$rows)->assertOk();
        $heron = StudentGroup::query()->where('name', 'Heron')->firstOrFail()->id;
        $page = fn(int $number): array => array_column((array) $this->as('marit')->getJson("/api/v1/students?group=$heron&page=$number")->assertOk()->assertJsonPath('count', 120)->json('students'), 'name');
        self::assertSame([50, 50, 20], array_map(static fn(int $it): int => count($page($it)), [1, 2, 3]));
        self::assertSame('Student 051', $page(2)[0]);
        $this->getJson('/api/v1/students?search=n007')->assertOk()->assertJsonPath('students.0.number', 'N007')->assertJsonPath('count', 1);
        $this->getJson('/api/v1/students?search=%25')->assertOk()->assertJsonPath('count', 0);
        self::assertSame(120, array_column((array) $this->getJson('/api/v1/roster')->assertOk()->json('groups'), 'students', 'id')[$heron]);
    }

    public function testANumberIsOneStudents(): void
    {
        $this->import(self::TWO)->assertOk();
        $ada = Student::query()->where('number', '1')->firstOrFail();
        $this->as('marit')->patchJson("/api/v1/students/{$ada->id}", ['number' => '2'])->assertConflict()->assertJsonPath('detail', 'The number 2 is that of Björn Åkesson.');
        $add = fn(array $says): TestResponse => $this->postJson('/api/v1/students', $says + ['id' => (string) Str::uuid7(), 'name' => 'New', 'group' => $ada->student_group_id]);
        $add(['number' => '1'])->assertConflict();
        $add(['barred' => ['fish']])->assertCreated()->assertJsonPath('barred', ['fish']);
        $add(['barred' => ['noise']])->assertUnprocessable();
        $add(['id' => null])->assertUnprocessable();
        $this->patchJson("/api/v1/students/{$ada->id}", ['name' => ''])->assertUnprocessable();
    }

    public function testAGroupIsGivenAnotherNameAndItsStudentsStay(): void
    {
        $this->import(self::TWO)->assertOk();
        $heron = StudentGroup::query()->where('name', 'Heron')->firstOrFail();
        $says = ['course' => 'Larder 1', 'name' => ' Avocet ', 'term' => 'spring', 'starts_on' => '2026-01-12', 'ends_on' => '2026-03-27'];
        $this->as('ilse')->putJson("/api/v1/groups/{$heron->id}", $says)->assertOk()->assertJson(['id' => $heron->id, 'name' => 'Avocet', 'starts_on' => '2026-01-12', 'ends_on' => '2026-03-27', 'students' => 2]);
        self::assertSame('Larder 1, Avocet, spring', Student::query()->where('number', '2')->firstOrFail()->group->fullName());
        $changes = fn(): array => array_column((array) $this->getJson('/api/v1/changes')->json('changes'), 'text');
        self::assertSame('group Larder 1, Heron, spring is now Larder 1, Avocet, spring', $changes()[0]);
        $kept = AuditEntry::query()->count();
        $this->putJson("/api/v1/groups/{$heron->id}", $says)->assertOk();
        self::assertSame($kept, AuditEntry::query()->count(), 'what is as it was is no change');
        // Without its days it has none.
        $this->putJson("/api/v1/groups/{$heron->id}", ['starts_on' => '', 'ends_on' => null] + $says)->assertOk()->assertJson(['starts_on' => null, 'ends_on' => null]);
    }

    public function testAGroupDoesNotTakeTheNameOfAnotherNorEndBeforeItBegins(): void
    {
        $this->import(self::TWO.'3,Chidi Okoro,,Larder 1,Avocet,spring')->assertOk();
        $heron = StudentGroup::query()->where('name', 'Heron')->firstOrFail();
        $says = ['course' => 'Larder 1', 'name' => 'Heron', 'term' => 'spring'];
        $this->as('marit')->putJson("/api/v1/groups/{$heron->id}", ['name' => 'Avocet'] + $says)->assertConflict()->assertJsonPath('detail', 'There is a group Larder 1, Avocet, spring already.');
        $this->putJson("/api/v1/groups/{$heron->id}", ['starts_on' => '2026-03-01', 'ends_on' => '2026-02-28'] + $says)->assertUnprocessable()->assertJsonPath('errors.0.path', 'ends_on');
        $this->putJson("/api/v1/groups/{$heron->id}", ['name' => ' '] + $says)->assertUnprocessable()->assertJsonPath('errors.0.path', 'name');
        $this->as('teodor')->putJson("/api/v1/groups/{$heron->id}", $says)->assertForbidden();
        self::assertSame('Larder 1, Heron, spring', $heron->refresh()->fullName());
        $this->as('marit')->putJson("/api/v1/groups/{$heron->id}", ['term' => 'summer'] + $says)->assertOk()->assertJsonPath('term', 'summer');
    }

    public function testWhatIsSaidOfAStudentIsChangedOnceAndKept(): void
    {
        $this->import(self::TWO)->assertOk();
        $ada = Student::query()->where('number', '1')->firstOrFail();
        $kept = AuditEntry::query()->count();
        $says = ['name' => ' Ada Nyberg-Ruiz ', 'family_name' => 'Nyberg-Ruiz', 'number' => ' 11 ', 'email' => 'ADA.NR@tollgate-quay.example', 'barred' => ['fish']];
        foreach ([1, 2] as $time) {
            $this->as('marit')->patchJson("/api/v1/students/{$ada->id}", $says)->assertOk()->assertJson(['name' => 'Ada Nyberg-Ruiz', 'number' => '11', 'email' => 'ada.nr@tollgate-quay.example', 'barred' => ['fish']]);
            self::assertSame($kept + 1, AuditEntry::query()->count(), "sent $time times");
        }
        $this->patchJson("/api/v1/students/{$ada->id}", ['number' => '', 'email' => null, 'barred' => []])->assertOk()->assertJson(['name' => 'Ada Nyberg-Ruiz', 'number' => null, 'email' => null, 'barred' => []]);
        self::assertSame('Heron', $ada->refresh()->group->name, 'what is not said stays');
    }

    public function testWhoIsAddedTwiceUnderOneIdIsOneStudent(): void
    {
        $this->import(self::TWO)->assertOk();
        $heron = Student::query()->where('number', '1')->firstOrFail()->student_group_id;
        $says = ['id' => (string) Str::uuid7(), 'name' => 'Ingrid Vale', 'group' => $heron];
        $first = $this->as('marit')->postJson('/api/v1/students', $says)->assertCreated()->json('id');
        self::assertSame($says['id'], $first);
        $this->postJson('/api/v1/students', ['id' => mb_strtoupper($says['id'])] + $says)->assertCreated()->assertJsonPath('id', $first);
        self::assertSame(1, Student::query()->where('name', 'Ingrid Vale')->count());
        $this->postJson('/api/v1/students', ['name' => 'Somebody else'] + $says)->assertConflict();
        self::assertSame(0, Student::query()->where('name', 'Somebody else')->count());
    }

    public function testWhatIsOverIsNotEndedAgain(): void
    {
        $this->travelTo('2026-03-04T10:00:00Z');
        $kenji = Student::query()->where('name', 'Kenji Moriwaki')->firstOrFail();
        $address = "/api/v1/students/{$kenji->id}/accommodations";
        $over = ['kind' => 'stool', 'from' => '2026-02-02', 'until' => '2026-02-06', 'reason' => 'Sprained ankle'];
        $id = $this->as('ilse')->postJson($address, $over)->assertCreated()->json('accommodations.0.id');
        $this->deleteJson("$address/$id")->assertOk()->assertJsonPath('accommodations.0.until', '2026-02-06');
    }

    /** @param array<string, mixed> $with */
    private function plan(string $file, array $with = []): TestResponse
    {
        return $this->send('plan', $file, $with);
    }

    /** @param array<string, mixed> $with */
    private function import(string $file, array $with = []): TestResponse
    {
        return $this->send('import', $file, $with);
    }

    /** @param array<string, mixed> $with */
    private function send(string $what, string $file, array $with): TestResponse
    {
        return $this->as('ilse')->post("/api/v1/roster/$what", ['file' => UploadedFile::fake()->createWithContent('roster.csv', $file)] + $with, ['Accept' => 'application/json']);
    }

    /** @param array<string, string> $files */
    private static function zip(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
