<?php

declare(strict_types=1);

namespace App\Actions;

/** A request that is well formed but does not fit what is already there. */
final class Conflict extends \DomainException
{
    public static function captureIdTaken(string $id): self
    {
        return new self("Another capture already has the id $id; the earlier one stays as it is.");
    }

    public static function checkIdTaken(string $id): self
    {
        return new self("Another check of the scale already has the id $id; the earlier one stays as it is.");
    }

    public static function entryIdTaken(string $id): self
    {
        return new self("Another entry of the ledger already has the id $id; the earlier one stays as it is.");
    }

    /** @param int $trays of this answer */
    public static function blind(int $trays): self
    {
        return new self($trays === 1
            ? 'You mark this tray a second time; what was judged of it is shown to you when you have finished.'
            : "You mark $trays trays here a second time; this is shown to you when you have finished.");
    }

    public static function notOneClass(): self
    {
        return new self('A set is made of released trays of one practical.');
    }

    public static function setNotOpen(): self
    {
        return new self('This set is not open yet: everybody judges alone first.');
    }

    public static function setIsOpen(): self
    {
        return new self('This set is open: nobody judges in it any more.');
    }

    public static function setFinished(): self
    {
        return new self('You have finished this set; what you gave stands.');
    }

    public static function setNotJudged(): self
    {
        return new self('Judge at least one criterion, then finish.');
    }

    public static function notReleased(): self
    {
        return new self('This result was not released.');
    }

    public static function notYourTray(): self
    {
        return new self('This practice tray was begun by somebody else, or by another standard; begin one of your own.');
    }

    public static function homeworkIdTaken(string $id): self
    {
        return new self("Other homework already has the id $id; the earlier one stays as it is.");
    }

    public static function dayNoteIdTaken(string $id): self
    {
        return new self("Another note already has the id $id; the earlier one stays as it is.");
    }

    public static function noLongerCalled(): self
    {
        return new self('This method card is not called any more.');
    }

    public static function appealedBefore(): self
    {
        return new self('This version was appealed against already; what was said then stands.');
    }

    public static function laterVersion(int $version): self
    {
        return new self("Version $version of this result was issued meanwhile; look at it first.");
    }

    public static function appealsOver(): self
    {
        return new self('The days in which this result may be appealed against are over. Ask the coordinator.');
    }

    public static function markedIt(string $name): self
    {
        return new self("$name marked this tray, or does not work here; somebody who marked in neither round decides.");
    }

    public static function notTheirAppeal(): self
    {
        return new self('This appeal was given to somebody else to decide.');
    }

    public static function handInOver(): self
    {
        return new self('The clock of this practical has started, or it is cancelled: nothing more is handed in here. Give what you wrote to your instructor.');
    }

    public static function notSet(): self
    {
        return new self('This practical is not set yet; change its brief.');
    }

    public static function cancelled(): self
    {
        return new self('This practical is cancelled; copy it to another day.');
    }

    public static function hasBegun(): self
    {
        return new self('Something was taken down at this practical already; it cannot be put off. Copy it to another day.');
    }

    public static function released(): self
    {
        return new self('A result of this practical was released already; it cannot be cancelled.');
    }

    public static function countsForNothing(): self
    {
        return new self('A rehearsal counts for nothing: nothing of it is released.');
    }

    public static function stationTaken(int $station, string $student): self
    {
        return new self("Station $station is $student's; move them first.");
    }

    public static function addressTaken(string $email): self
    {
        return new self("Somebody here has the address $email already.");
    }

    public static function hasLeft(string $name): self
    {
        return new self("$name has left; let them come back first.");
    }

    public static function lastCoordinator(string $name): self
    {
        return new self("$name is the last coordinator; make somebody else one first.");
    }

    public static function alreadyFounded(): self
    {
        return new self('This school has its first coordinator already. Sign in, or ask them for a code.');
    }

    public static function numberTaken(string $number, string $name): self
    {
        return new self("The number $number is that of $name.");
    }

    public static function groupThere(string $name): self
    {
        return new self("There is a group $name already.");
    }

    public static function nothingProposed(int $atLeast): self
    {
        return new self("Nothing is proposed: no piece was weighed on $atLeast trays that add up.");
    }

    public static function otherCarcass(string $standard): self
    {
        return new self("The standard $standard cuts another carcass.");
    }

    public static function fileIdTaken(string $id): self
    {
        return new self("Another file already has the id $id; the earlier one stays as it is.");
    }
}
