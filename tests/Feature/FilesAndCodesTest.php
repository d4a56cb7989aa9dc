<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\CodeText;
use App\Roster\CsvText;
use App\Roster\RosterColumn;
use App\Roster\Table;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Text that is read and written: CSV, headers, one-time codes. */
final class FilesAndCodesTest extends TestCase
{
    /** RFC 4180: lines end in CRLF, cells with a comma, a quotation mark or a line end stand in quotation marks, which are doubled within. */
    public function testWritesCsvAsTheRfcHasIt(): void
    {
        self::assertSame("a,\"b,c\",\"d\"\"e\",\"f\ng\",\r\n1,2.5,,0,x\r\n", CsvText::of([['a', 'b,c', 'd"e', "f\ng", ''], [1, 2.5, null, 0, 'x']]));
        self::assertSame('', CsvText::of([]));
    }

    /** OWASP, "CSV Injection": a cell that begins with =, +, -, @, tab or carriage return is run by a spreadsheet; so are their full-width forms. */
    #[TestWith(['=1+1'])]
    #[TestWith(['+49 170'])]
    #[TestWith(['-2'])]
    #[TestWith(['@SUM(A1)'])]
    #[TestWith(["\tx"])]
    #[TestWith(["\rx"])]
    #[TestWith(['＝1+1'])]
    public function testWhatASpreadsheetWouldRunIsMadePlain(string $text): void
    {
        self::assertStringStartsWith("'", ltrim(CsvText::of([[$text]]), '"'));
    }

    #[TestWith([-2])]
    #[TestWith([-0.5])]
    #[TestWith(["O'Neil"])]
    #[TestWith(['a=b'])]
    #[TestWith(['1-2'])]
    public function testNumbersAndNamesStayAsTheyAre(string|int|float $cell): void
    {
        self::assertSame("$cell\r\n", str_replace('"', '', CsvText::of([[$cell]])));
    }

    public function testWhatIsWrittenIsReadAgain(): void
    {
        $rows = [['Name', 'Note'], ['=cmd()', 'a "b", c'], ["O'Neil", 'Łódź'], ['Zoë', '–'], ["'quoted'", '1']];
        self::assertSame($rows, array_values(Table::read(CsvText::BYTE_ORDER_MARK.CsvText::of($rows))->rows));
    }

    public function testRowsKnowTheLineTheyBeginOn(): void
    {
        self::assertSame([1, 2, 5, 8], array_keys(Table::read("a,b\n1,\"x\ny\"\n\n2,z\n\n,\n3,w")->rows));
    }

    #[TestWith(["a;b\n1;2,5", ['a', 'b']])]
    #[TestWith(["a\tb;c\td\n", ['a', 'b;c', 'd']])]
    #[TestWith(["\"a;b\",c\n", ['a;b', 'c']])]
    #[TestWith(["one\n", ['one']])]
    public function testFindsTheSeparatorInTheFirstLine(string $text, array $first): void
    {
        self::assertSame($first, Table::read($text)->rows[1]);
    }

    #[TestWith(['Student No.', RosterColumn::Number])]
    #[TestWith(['  SURNAME ', RosterColumn::Family])]
    #[TestWith(['First name', RosterColumn::Given])]
    #[TestWith(['e-Mail address', RosterColumn::Email])]
    #[TestWith(['Programme', RosterColumn::Course])]
    #[TestWith(['class', RosterColumn::Group])]
    #[TestWith(['Semester', RosterColumn::Term])]
    #[TestWith(['Full Name', RosterColumn::Name])]
    #[TestWith(['Shoe size', null])]
    #[TestWith(['', null])]
    public function testAHeaderNamesItsColumn(string $header, ?RosterColumn $column): void
    {
        self::assertSame($column, RosterColumn::named($header));
    }

    public function testWhatAnExportHeadsIsFoundAgain(): void
    {
        foreach (RosterColumn::cases() as $column) {
            self::assertSame($column, RosterColumn::named($column->heading()));
        }
    }

    public function testACodeIsReadAsItIsTypedAndKeptAsADigest(): void
    {
        $code = CodeText::drawn();
        self::assertMatchesRegularExpression('/^[0-9A-HJKMNP-TV-Z]{4}(-[0-9A-HJKMNP-TV-Z]{4}){2}$/', $code->grouped());
        foreach ([$code->grouped(), strtolower($code->grouped()), str_replace('-', '', $code->grouped()), str_replace('-', ' ', " {$code->grouped()} "), strtr($code->grouped(), ['0' => 'o', '1' => 'I'])] as $typed) {
            self::assertSame($code->digest(), CodeText::typed($typed)?->digest(), $typed);
        }
        self::assertStringNotContainsString(str_replace('-', '', $code->grouped()), $code->digest());
    }

    #[TestWith([''])]
    #[TestWith(['7K2M-9QXT'])]
    #[TestWith(['7K2M-9QXT-04HB-1'])]
    #[TestWith(['7K2M-9QXT-04HU'])]
    #[TestWith(['7K2M-9QXT-04Hé'])]
    public function testWhatIsNoCodeIsNone(string $typed): void
    {
        self::assertNull(CodeText::typed($typed));
    }

    public function testCodesAreDrawnFromAllLettersAndNeverTheSame(): void
    {
        $drawn = array_map(static fn(): string => CodeText::drawn()->grouped(), range(1, 2_000));
        self::assertCount(2_000, array_unique($drawn));
        self::assertCount(33, array_unique(str_split(implode('', $drawn))));
    }
}
