import type { BuildStage, Lead, LeftOut, StageSchool } from '@/core/build';
import type { MustKey } from '@/core/brief';
import type { WayKind } from '@/store/queries';
import type { RuleFault, WhatItTakes } from '@/core/planning';
import { listWords } from './verdict-words';
import { formatNumber, type Reader } from './format';
import { MUST_SHORT } from './brief-words';

const LIMITS: Readonly<Record<string, string>> = {
  spend: 'the money',
  pinned: 'the parts that must be in it',
  watts: 'the alternator',
  load: 'the permitted load',
  'axle-front': 'the front axle’s limit',
  'axle-rear': 'the rear axle’s limit',
  'tyre-front': 'what the front tyre carries',
  'tyre-rear': 'what the rear tyre carries',
  rack: 'what the rack bears',
  carriers: 'what side carriers bear',
  // What the full assessment refuses, by its cautions.
  'over-axle-limit': 'the axles’ limits',
  'over-tyre-load': 'what the tyres carry',
  'over-rack-limit': 'what the rack bears',
  'over-carrier-limit': 'what side carriers bear',
  'watts-short': 'the alternator',
};

/** Limits of a plan by name: the musts, the money, what is pinned. */
export function limitNames(limits: readonly string[]): string {
  const names = limits.map((l) => LIMITS[l] ?? MUST_SHORT[l as MustKey] ?? l);
  return names.length < 2
    ? (names[0] ?? '')
    : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/**
 * The musts that a build leaves open because nobody has given the figures, as a sentence; empty where there are none. What is enough may
 * leave others open than the build itself.
 */
export function leftOpenWords(
  open: readonly string[] = [],
  enough: readonly string[] = [],
): string {
  const all = [...new Set([...open, ...enough])];
  if (all.length === 0) return '';
  const [are, they, hang] = all.length === 1 ? ['is', 'it', 'hangs'] : ['are', 'they', 'hang'];
  return `${limitNames(all).replace(/^./u, (c) => c.toUpperCase())} ${are} open: nobody has given the figures ${they} ${hang} on. Find them out before you buy parts.`;
}

/** A contradiction in the rules of the catalogue, and what follows from it. */
export function ruleFaultWords(fault: RuleFault, name: (id: string) => string): string {
  const either = (ids: readonly string[]) => ids.map(name).join(' or ');
  switch (fault.code) {
    case 'ring':
      return `${fault.ids.map(name).join(' needs ')} needs ${name(fault.ids[0] ?? '')}: all of them or none.`;
    case 'needs-what-it-shuts-out':
      return `${name(fault.id)} needs ${either(fault.anyOf)}, which cannot stand beside it: it can never be fitted.`;
    case 'need-nowhere':
      return `${name(fault.id)} needs ${either(fault.anyOf)}, which is made for other machines or not in the catalogue: it cannot be fitted here.`;
  }
}

const WHY: Readonly<Record<LeftOut['why'], string>> = {
  banned: 'not wanted',
  'no-rate': 'no exchange rate',
  'not-legal': 'may end road approval',
  'too-late': 'would come after the trip',
  licence: 'breaks the licence',
  'clashes-aboard': 'clashes with what is aboard',
};

/** Parts that were not considered, by reason. */
export const leftOutWords = (leftOut: readonly LeftOut[], name: (id: string) => string): string =>
  [...new Set(leftOut.map((l) => l.why))]
    .map((why) => {
      const ids = leftOut.filter((l) => l.why === why).map((l) => name(l.id));
      return `${WHY[why]}: ${ids.slice(0, 4).join(', ')}${ids.length > 4 ? ` and ${ids.length - 4} more` : ''}`;
    })
    .join('; ');

/** What a rejected part would have to cost or give. */
export function whatItTakesWords(
  name: string,
  takes: WhatItTakes | undefined,
  reader: Reader,
): string {
  if (!takes) return '';
  switch (takes.kind) {
    case 'chosen':
      return `${name} is in it.`;
    case 'shut-out':
      return `${name} cannot be in any build here: a rule, a must or the money keeps it out at any price.`;
    case 'rejected': {
      const price =
        takes.price === undefined
          ? 'Not even for nothing.'
          : `At ${formatNumber(takes.price)} ${reader.currency}, fitted, it would be chosen.`;
      return `${price} At its own price it would have to give ${formatNumber(takes.lacks, 1)} points more.`;
    }
  }
}

export const STAGE_WORDS: Readonly<Record<BuildStage, string>> = {
  first: 'Before the first ride',
  season: 'In the first season',
  trip: 'Before the trip',
  someday: 'Someday',
};
export const WAY_WORDS: Readonly<Record<WayKind, string>> = {
  stock: 'Stock and go',
  staged: 'Stage it',
  once: 'Build it at once',
  'ready-built': 'Buy one already built',
  dearer: 'The dearer machine',
  keep: 'Keep the money for the trip',
};
export const WAY_NONE_WORDS: Readonly<
  Record<'no-parts' | 'no-listing' | 'no-dearer' | 'nobody-passes' | 'this-one', string>
> = {
  'no-parts': 'No part is chosen for it.',
  'no-listing': 'No other machine for sale with parts aboard stands on the shortlist.',
  'no-dearer': 'Nothing dearer stands on the shortlist.',
  'nobody-passes': 'Every candidate breaks a must as it stands.',
  'this-one': 'This one is the cheapest that the musts leave: stock and go keeps the money.',
};

export const STAGE_SCHOOL_WORDS: Readonly<Record<StageSchool, string>> = {
  'suspension-first': 'suspension first',
  'protect-first': 'protect first',
  'ride-first': 'ride it first',
};

/** Where the lead passes on, in a sentence. */
export function leadWords(
  { from, id, build, over }: Lead,
  name: (id: string) => string,
  reader: Reader,
): string {
  const state = (parts: number) =>
    parts === 0 ? 'as it stands' : `with ${parts} ${parts === 1 ? 'part' : 'parts'}`;
  const ahead = `${name(id)} ${state(build.partIds.length)}`;
  const money = `${formatNumber(from)} ${reader.currency}`;
  return over
    ? `From ${money} on, ${ahead} (${formatNumber(build.points, 1)}) is ahead of ${name(over.id)} ${state(over.build.partIds.length)} (${formatNumber(over.build.points, 1)}).`
    : build.open && build.open.length > 0
      ? `From ${money} on, the first to be had is ${ahead}: ${formatNumber(build.points, 1)}, and nobody has given what ${limitNames(build.open)} hangs on.`
      : `From ${money} on, the first that passes is ${ahead}: ${formatNumber(build.points, 1)}.`;
}

/** What must be said before anything is called best: parts without an exchange rate were not weighed. */
export const unpricedWords = (count: number, currency: string): string =>
  `Not settled: ${formatNumber(count)} ${count === 1 ? 'part that fits has' : 'parts that fit have'} no exchange rate to ${currency} and ${count === 1 ? 'is' : 'are'} not weighed. What is called best below is the best of the rest.`;

/** That shipped prices are only roughly known in the brief's currency. */
export function nominalWords(
  count: number,
  rates: readonly { readonly from: string; readonly rate: number }[],
  to: string,
  spread: number,
  day: string,
): string {
  const by = rates.map(({ from, rate }) => `1 ${from} = ${formatNumber(rate, 2)} ${to}`);
  const said = listWords(rates.map((r) => r.from));
  const subject =
    count === 1
      ? `One shipped part that fits has its typical price in ${said}. It is`
      : `Shipped parts have typical prices in ${said}. They are`;
  return `${subject} shown in ${to} by a nominal rate of ${listWords(by)} (${day}, an estimate, give or take ${formatNumber(spread * 100)} %), until you set a better one.`;
}
