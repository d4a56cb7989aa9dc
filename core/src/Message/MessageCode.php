<?php

declare(strict_types=1);

namespace DeftBlade\Core\Message;

/**
 * Everything the core has to say, as codes; each with the figures that belong to it. A sentence is made of them at the edge, by the catalogue of a language.
 * What a figure is, its name says: `_mg` a mass, `_ms` a time, `_share` a fraction, `piece`, `bin`, `place`, `criterion`, `fault`, … the id of one.
 */
enum MessageCode: string
{
    case PieceMissing = 'piece.missing';
    case PieceAllowed = 'piece.allowed';
    case PieceUnder = 'piece.under';
    case PieceOver = 'piece.over';
    case PortionsUnweighed = 'portions.unweighed';
    case PortionsRange = 'portions.range';
    case PortionsCv = 'portions.cv';
    case PairMissing = 'pair.missing';
    case GroupMissing = 'group.missing';
    case PairApart = 'pair.apart';
    case YieldLow = 'yield.low';
    case FrameScraped = 'frame.scraped';
    case TimeOver = 'time.over';
    case LevelReached = 'level.reached';
    case FaultMarked = 'fault.marked';
    case Capped = 'remark.capped';
    case BorderlineRule = 'remark.borderline_rule';
    case BorderlineStep = 'remark.borderline_step';
    case BalanceShort = 'balance.short';
    case BalanceOver = 'balance.over';
    case BalanceShortLook = 'balance.short_look';
    case BalanceOverLook = 'balance.over_look';
    case WeighAgainMore = 'balance.weigh_again_more';
    case WeighAgainLess = 'balance.weigh_again_less';
    case MixUpSwap = 'mix_up.swap';
    case MixUpHere = 'mix_up.here';
    case MixUpThere = 'mix_up.there';
    case DiffMoved = 'diff.moved';
    case DiffWindow = 'diff.window';
    case DiffAdded = 'diff.added';
    case DiffGone = 'diff.gone';
    case DiffOrder = 'diff.order';
    case DiffNowAsked = 'diff.now_asked';
    case DiffNoLongerAsked = 'diff.no_longer_asked';
    case DiffText = 'diff.text';
    case DiffNumber = 'diff.number';
    case DiffShare = 'diff.share';
    case DiffMass = 'diff.mass';
    case DiffTime = 'diff.time';
    case EffectNoScrape = 'effect.no_scrape';
    case EffectFaultAdded = 'effect.fault_added';
    case EffectFaultGone = 'effect.fault_gone';
    case EffectCriterionGone = 'effect.criterion_gone';
    case EffectCriterionJudgedAs = 'effect.criterion_judged_as';
    case EffectCriterionSwapped = 'effect.criterion_swapped';
    case EffectStep = 'effect.step';
    case EffectStepFirst = 'effect.step_first';
    case EffectStepGone = 'effect.step_gone';
    case EffectHand = 'effect.hand';
    case EffectUse = 'effect.use';
    case EffectUsable = 'effect.usable';
    case EffectWaste = 'effect.waste';

    /** @return list<string> the names of its figures, all of which it always has */
    public function figures(): array
    {
        return match ($this) {
            self::PieceMissing => ['piece'],
            self::PieceAllowed => ['piece', 'mass_mg', 'basis', 'quantity_share', 'low_mg', 'high_mg', 'low_share', 'high_share'],
            self::PieceUnder, self::PieceOver => ['piece', 'mass_mg', 'basis', 'quantity_share', 'low_mg', 'high_mg', 'low_share', 'high_share', 'beyond_mg'],
            self::PortionsUnweighed => ['piece', 'weighed', 'count'],
            self::PortionsRange, self::PortionsCv => ['piece', 'figure_share', 'count', 'limit_share'],
            self::PairMissing, self::GroupMissing => ['pieces'],
            self::PairApart => ['pieces', 'heavy_mg', 'light_mg', 'apart_share', 'tolerance_share'],
            self::YieldLow => ['yield_share', 'target_share', 'floor_share'],
            self::FrameScraped => ['scraped_mg', 'clean_mg', 'limit_mg'],
            self::TimeOver => ['running_ms', 'standard_ms', 'limit_ms'],
            self::LevelReached => ['criterion', 'step', 'steps'],
            self::FaultMarked => ['fault', 'count', 'deduct', 'max', 'critical'],
            self::Capped => ['max', 'cause'],
            self::BorderlineRule => ['rule', 'band'],
            self::BorderlineStep => ['direction', 'count', 'criteria', 'band'],
            self::BalanceShort, self::BalanceOver => ['unaccounted_mg', 'tolerance_mg'],
            self::BalanceShortLook, self::BalanceOverLook => [],
            self::WeighAgainMore, self::WeighAgainLess => ['place', 'off_mg', 'expected_mg'],
            self::MixUpSwap => ['piece', 'station', 'student', 'left_mg'],
            self::MixUpHere, self::MixUpThere => ['station', 'student', 'left_mg'],
            self::DiffMoved => ['title', 'before', 'after'],
            self::DiffWindow => ['title', 'before_basis', 'before_low_share', 'before_high_share', 'before_low_mg', 'before_high_mg', 'after_basis', 'after_low_share', 'after_high_share', 'after_low_mg', 'after_high_mg'],
            self::DiffAdded, self::DiffGone => ['where', 'title'],
            self::DiffOrder, self::DiffNowAsked, self::DiffNoLongerAsked => ['where'],
            self::DiffText, self::DiffNumber => ['where', 'before', 'after'],
            self::DiffShare => ['where', 'before_share', 'after_share'],
            self::DiffMass => ['where', 'before_mg', 'after_mg'],
            self::DiffTime => ['where', 'before_ms', 'after_ms'],
            self::EffectNoScrape => [],
            self::EffectFaultAdded, self::EffectFaultGone, self::EffectCriterionGone, self::EffectCriterionJudgedAs, self::EffectStep, self::EffectStepFirst, self::EffectStepGone, self::EffectHand => ['title'],
            self::EffectCriterionSwapped => ['before', 'title'],
            self::EffectUse => ['place', 'title'],
            self::EffectUsable, self::EffectWaste => ['place'],
        };
    }
}
