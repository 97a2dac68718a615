import type { RecordOf } from '../file/recordClasses';
import type { DaySpan, Shop } from '../records/shop/shop';
import { isTimeZone } from './isTimeZone';
import { isMaskPlanUntidy, tidyMaskPlan } from './tidyMaskPlan';

/** A rule within one record that its class cannot say, and how a record that breaks it is mended. */
export interface RecordRule<Name extends keyof RecordOf = keyof RecordOf> {
  readonly table: Name;
  /** what a fault says */
  readonly message: string;
  /** where the rule is broken, such as `doneAtMs` or `hours[2]`; `''`: the record as a whole; none: it holds */
  readonly brokenAt: (record: RecordOf[Name]) => readonly string[];
  /** the record changed so that it keeps the rule; null when it has to be removed */
  readonly mend: (record: RecordOf[Name]) => RecordOf[Name] | null;
  /** what mending does, in words */
  readonly mended: string;
}

const at = (isBroken: boolean, where: string): readonly string[] => (isBroken ? [where] : []);

function rule<Name extends keyof RecordOf>(given: RecordRule<Name>): RecordRule {
  return given as unknown as RecordRule;
}

/** The lists of spans of a day that a shop keeps. */
const SPAN_LISTS = ['hours', 'quietHours', 'sprayHours'] as const;
const isBackwards = (span: DaySpan): boolean => span.endMinute <= span.startMinute;

function withoutBackwardSpans(shop: Shop): Shop {
  const kept = Object.fromEntries(SPAN_LISTS.map((list) => [list, shop[list].filter((span) => !isBackwards(span))]));
  return { ...shop, ...kept };
}

/** Every rule within one record, in the order they are mended. */
export const RECORD_RULES: readonly RecordRule[] = [
  rule({
    table: 'rungs',
    message: 'is set exactly when the rung is done',
    brokenAt: (rung) => at((rung.state === 'done') !== (rung.doneAtMs !== null), 'doneAtMs'),
    mend: (rung) => (rung.state === 'done' ? { ...rung, state: 'open' } : { ...rung, doneAtMs: null }),
    mended: 'when it was done did not go with its state: a rung without a moment is open again',
  }),
  rule({
    table: 'rungs',
    message: 'is set exactly when the rung is in hand',
    brokenAt: (rung) => at((rung.state === 'inHand') !== (rung.startedAtMs !== null), 'startedAtMs'),
    mend: (rung) => (rung.state === 'inHand' ? { ...rung, state: 'setDown' } : { ...rung, startedAtMs: null }),
    mended: 'its timer did not go with its state: a rung without a running timer is set down',
  }),
  rule({
    table: 'timers',
    message: 'is before it started',
    brokenAt: (timer) => at(timer.endsAtMs < timer.startedAtMs, 'endsAtMs'),
    mend: (timer) => ({ ...timer, endsAtMs: timer.startedAtMs }),
    mended: 'it ended before it started: it is over',
  }),
  rule({
    table: 'flaws',
    message: 'is on a picture by two numbers or on a mesh by three',
    brokenAt: ({ pin }) =>
      at(
        pin !== null && ((pin.pictureId === null) === (pin.meshId === null) || pin.place.length !== (pin.pictureId === null ? 3 : 2)),
        'pin',
      ),
    mend: (flaw) => ({ ...flaw, pin: null }),
    mended: 'its pin lay nowhere and is taken off',
  }),
  rule({
    table: 'maskPlans',
    message: 'names a region twice, or one that is not there',
    brokenAt: (plan) => at(isMaskPlanUntidy(plan), ''),
    mend: tidyMaskPlan,
    mended: 'what named a region that is not there is taken out',
  }),
  rule({
    table: 'weatherPlans',
    message: 'is of a pass that is not there',
    brokenAt: ({ passes, readings }) => {
      const known = new Set(passes.map(({ id }) => id));
      return readings.flatMap(({ passId }, i) => (known.has(passId) ? [] : [`readings[${i}].passId`]));
    },
    mend: (plan) => {
      const known = new Set(plan.passes.map(({ id }) => id));
      return { ...plan, readings: plan.readings.filter(({ passId }) => known.has(passId)) };
    },
    mended: 'readings of passes that are not there are taken out',
  }),
  rule({
    table: 'weatherPlans',
    message: 'is no direction',
    brokenAt: ({ up }) => at(!(Math.hypot(...up) > 1e-6), 'up'),
    mend: (plan) => ({ ...plan, up: [0, 0, 1] }),
    mended: 'its way up was no direction: it stands as printed',
  }),
  rule({
    table: 'products',
    message: 'holds a value of one field twice',
    brokenAt: ({ values }) => at(new Set(values.map(({ field }) => field)).size < values.length, 'values'),
    mend: (product) => ({ ...product, values: [...new Map(product.values.map((value) => [value.field, value])).values()] }),
    mended: 'of two values for one field the last is kept',
  }),
  rule({
    table: 'parts',
    message: 'has more pieces on the printer than there are',
    brokenAt: ({ count, print }) => at(print !== null && Math.max(print.piecesLeft, print.bedPieces) > count, 'print'),
    mend: (part) => ({
      ...part,
      print: part.print && {
        ...part.print,
        piecesLeft: Math.min(part.print.piecesLeft, part.count),
        bedPieces: Math.min(part.print.bedPieces, part.count),
      },
    }),
    mended: 'of it no more is on the printer than there is',
  }),
  rule({
    table: 'joins',
    message: 'a part cannot be joined to itself',
    brokenAt: (join) => at(join.hostPartId === join.guestPartId, ''),
    mend: () => null,
    mended: 'it joined a part to itself and is taken away',
  }),
  rule({
    table: 'shop',
    message: 'ends before it starts',
    brokenAt: (shop) => SPAN_LISTS.flatMap((list) => shop[list].flatMap((span, i) => (isBackwards(span) ? [`${list}[${i}]`] : []))),
    mend: withoutBackwardSpans,
    mended: 'hours that end before they start are taken out',
  }),
  rule({
    table: 'persons',
    message: 'ends before it starts',
    brokenAt: ({ hours }) => (hours ?? []).flatMap((span, i) => (isBackwards(span) ? [`hours[${i}]`] : [])),
    mend: (person) => ({ ...person, hours: person.hours?.filter((span) => !isBackwards(span)) ?? null }),
    mended: 'hours that end before they start are taken out',
  }),
  rule({
    table: 'lightPlans',
    message: 'names a group twice, or wires one that is not there',
    brokenAt: ({ groups, wires }) => {
      const known = new Set(groups.map(({ id }) => id));
      const isLoose = wires.some(({ fromId, toId }) => !known.has(toId) || (fromId !== null && !known.has(fromId)));
      return at(known.size < groups.length || isLoose, 'wires');
    },
    mend: (plan) => {
      const groups = [...new Map(plan.groups.map((group) => [group.id, group])).values()];
      const known = new Set(groups.map(({ id }) => id));
      return { ...plan, groups, wires: plan.wires.filter(({ fromId, toId }) => known.has(toId) && (fromId === null || known.has(fromId))) };
    },
    mended: 'wires to groups that are not there are taken out',
  }),
  ...(['packs', 'purchases'] as const).map((table) =>
    rule({
      table,
      message: 'is of a product or of a supply, not of both or neither',
      brokenAt: ({ productId, supplyId }) => at((productId === null) === (supplyId === null), 'productId'),
      mend: (bought) => (bought.productId === null ? null : { ...bought, supplyId: null }),
      mended: 'it was not of one product or supply: of both the product is kept, of neither nothing is',
    }),
  ),
  rule({
    table: 'measurings',
    message: 'has not the id of its picture',
    brokenAt: ({ id, pictureId }) => at(id !== pictureId, 'pictureId'),
    mend: () => null,
    mended: 'it was marked on another picture than its own and is taken away',
  }),
  rule({
    table: 'measurings',
    message: 'reads one dimension twice',
    brokenAt: ({ readings }) => at(new Set(readings.map(({ dimensionId }) => dimensionId)).size < readings.length, 'readings'),
    mend: (measuring) => ({ ...measuring, readings: [...new Map(measuring.readings.map((one) => [one.dimensionId, one])).values()] }),
    mended: 'of two readings of one dimension the last is kept',
  }),
  rule({
    table: 'shop',
    message: 'the coldest is not below the warmest',
    brokenAt: ({ sprayLimits }) => at(sprayLimits.coldestCelsius >= sprayLimits.warmestCelsius, 'sprayLimits'),
    mend: (shop) => ({ ...shop, sprayLimits: { ...shop.sprayLimits, warmestCelsius: shop.sprayLimits.coldestCelsius + 1 } }),
    mended: 'the warmest air to spray in is now a degree above the coldest',
  }),
  rule({
    table: 'shop',
    message: 'is not a time zone this machine knows',
    brokenAt: (shop) => at(!isTimeZone(shop.timeZone), 'timeZone'),
    mend: (shop) => ({ ...shop, timeZone: 'UTC' }),
    mended: 'its time zone is not known here: it counts in UTC until another is chosen',
  }),
];

/** The rules for records of a table. */
export function recordRulesOf(table: string): readonly RecordRule[] {
  return RECORD_RULES.filter((entry) => entry.table === table);
}
