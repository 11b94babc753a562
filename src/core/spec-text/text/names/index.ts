import { spelt } from '../../vocabulary/letters';
import { isOfOthers } from '../../layout/sections';
import { fieldsOf } from './fields';
import { headOf, inFull } from './lead';
import { inSmallLetters } from './in-small-letters';
import { isCommon } from './no-names';
import { hasNumber, isTelling, runsOf } from './runs';
import { MACHINE_VERB } from '../whose/turns';
import { titled } from './titled';
import { besideLookedAt, isHadOnce, isMeanwhiles, pointsOf, textOf, type Candidate } from './told';
import { yearInLine, yearInText } from './years';

/** Who made it and what it is called, as far as the words say. */
export interface NamesRead {
  readonly maker: string;
  readonly model: string;
  readonly year: number | undefined;
  /** Where the name stands in the text, for telling machines apart. */
  readonly from: number;
  /** Somebody had it, and has it no more. */
  readonly former?: boolean;
  /** It is told of beside the machine that somebody has, whose year may stand there. */
  readonly beside?: boolean;
}

interface LineOfText {
  readonly line: string;
  readonly offset: number;
}

/** So many lines may say in fields of their own what it is called; a name in running words stands in the first few. */
const FIELD_LINES = 60;
const NAME_LINES = 6;

/** Lines of a text that may open with a name, and the years it says. */
export function namesIn(text: string, lines: readonly LineOfText[]): NamesRead | undefined {
  const fields = fieldsOf(lines.slice(0, FIELD_LINES));
  const started = nameIn(text, lines);
  const year = fields.year ?? started?.year ?? (started?.beside ? undefined : yearInText(text));
  const { maker, makerAt = 0, model } = fields;
  if (model) return { maker: maker ?? '', model, year, from: lines[0]?.offset ?? 0 };
  if (maker) return ofMaker(maker, makerAt, started, year);
  if (started) return { ...started, year };
  return year === undefined ? undefined : { maker: '', model: '', year, from: 0 };
}

/** Where a line of its own says who made it: what stands above that line, or begins with the maker, is the model. */
function ofMaker(
  maker: string,
  makerAt: number,
  started: NamesRead | undefined,
  year: number | undefined,
): NamesRead {
  const isMaker = started?.maker.toLowerCase() === maker.toLowerCase();
  if (!started || (!isMaker && started.from > makerAt))
    return { maker, model: '', year, from: makerAt };
  const model = isMaker ? started.model : `${started.maker} ${started.model}`.trim();
  return { ...started, maker, model, year };
}

function candidatesOf({ line }: LineOfText, lineIndex: number): readonly Candidate[] {
  if (isOfOthers(line)) return [];
  const head = headOf(line);
  return runsOf(line.slice(head.to)).map((run, i): Candidate => {
    const heads = i === 0 && run.from <= 1;
    return {
      ...run,
      from: run.from + head.to,
      to: run.to + head.to,
      line,
      lineIndex,
      heads,
      year: heads ? head.year : undefined,
    };
  });
}

/** A word or three without a number, as chapters and headings are; or nothing. */
function isBrief({ line }: LineOfText): boolean {
  const words = line.replace(TIME, '').trim();
  const most = words === line.trim() ? 3 : WORDS_OF_CHAPTER;
  return words.length <= BRIEF && !/\d/.test(words) && words.split(/\s+/).length <= most;
}
/** "3:10 Seat height & ergonomics": where a chapter of a video begins. */
const TIME = /^\s*[([]?(?:\d{1,2}:)?\d{1,2}:\d{2}[)\]]?\s/u;
const WORDS_OF_CHAPTER = 5;
const BRIEF = 28;
const CHAPTERS = 3;
const AT_MOST = 20;

/** The first few lines; chapters and headings above them count for nothing. */
function firstOf(lines: readonly LineOfText[]): readonly LineOfText[] {
  const brief = lines.slice(0, AT_MOST).findIndex((l) => !isBrief(l));
  return lines.slice(0, NAME_LINES + (brief > CHAPTERS ? brief : 0));
}

/** The name for which most speaks among those of the first lines. */
function nameIn(text: string, lines: readonly LineOfText[]): NamesRead | undefined {
  const first = firstOf(lines);
  const candidates = first.flatMap(candidatesOf);
  const whole = textOf(text === '' ? first.map((l) => l.line).join('\n') : text, text !== '');
  const told = besideLookedAt(
    candidates.flatMap((candidate) => {
      const points = pointsOf(candidate, whole);
      return points === undefined ? [] : [{ candidate, points }];
    }),
    whole,
  );
  const most = Math.max(...told.map((t) => t.points));
  const best = stillThere(told) ?? told.find((t) => t.points === most)?.candidate;
  if (!best || isOneOfTwo(best, told))
    return byNumber(first) ?? small(first) ?? (text === '' ? undefined : belowAll(lines));
  const named = inFullBy(best, lines);
  const beside = told.some(({ candidate: c }) => c !== best && isMeanwhiles(c));
  return {
    ...named,
    year: beside ? yearAt(best) : yearBeside(best),
    ...(beside ? { beside } : {}),
    from: (first[best.lineIndex]?.offset ?? 0) + best.from,
    ...(isHadOnce(best) ? { former: true } : {}),
  };
}

interface Told {
  readonly candidate: Candidate;
  readonly points: number;
}

/** "I sold my Brunda 650 last week. The Harven holds 19 litres": where the name for which most speaks is gone, the one that does something. */
function stillThere(told: readonly Told[]): Candidate | undefined {
  const most = told.reduce<Told | undefined>(
    (a, b) => (!a || b.points > a.points ? b : a),
    undefined,
  );
  if (!most || !isHadOnce(most.candidate)) return undefined;
  return told.find(({ candidate: c }) => !isHadOnce(c) && MACHINE_VERB.test(c.line.slice(c.to)))
    ?.candidate;
}

/** A name under all that is told of it, alone in the last line, with its price or with what the text is. */
function belowAll(lines: readonly LineOfText[]): NamesRead | undefined {
  const last = lines.findLast((l) => l.line.trim() !== '');
  const [name] = last ? candidatesOf(last, 0) : [];
  if (!last || !name || !name.heads || !hasNumber(name)) return undefined;
  if (!BELOW.test(last.line.slice(name.to))) return undefined;
  return {
    ...inFullBy(name, lines),
    year: yearBeside(name),
    from: last.offset + name.from,
  };
}
const BELOW = spelt(
  /^\s*(?:$|[-–—:|(]\s?[£$€]?\d[\d.,' ]*(?:[£$€]|[\p{L}]{2,4})?\)?\s*$|(?:long[- ]term|road|first ride|dauer|langzeit)?[- ]?(?:test|review|specs?|specifications)(?!\p{L}))/iu,
);

/** "The Vantage has 11.8 litres, the Ridge has 15.5": by one word each, and nothing tells which of them the text is about. */
const isOneOfTwo = (best: Candidate, all: readonly { readonly candidate: Candidate }[]): boolean =>
  best.words.length === 1 &&
  !hasNumber(best) &&
  all.some(({ candidate: c }) => c.words.length === 1 && c.words[0] !== best.words[0]);

const SHORT_YEAR_BEFORE = /['’](\d{2}) $/u;
const SHORT_YEAR_BEHIND = spelt(/^(?:,? -|,? ['’])(\d{2})(?![\p{L}\d]|[.,]\d)/u);

/** The model year at a name: before it, behind it, or elsewhere in its line. */
const yearBeside = (c: Candidate): number | undefined => yearAt(c) ?? yearInLine(c.line);

/** Right before the name, or right behind it. */
function yearAt({ line, from, to, year }: Candidate): number | undefined {
  if (year !== undefined) return year;
  const long = /(?<!\d)((?:19[5-9]|20[0-3])\d) $/u.exec(line.slice(0, from));
  if (long) return Number(long[1]);
  const short =
    SHORT_YEAR_BEFORE.exec(line.slice(0, from)) ?? SHORT_YEAR_BEHIND.exec(line.slice(to));
  return short ? inFull(Number(short[1])) : undefined;
}

/** "Vorführ-Falkenau": a shop's, and no maker. */
const OF_THE_SHOP = /^(?:vorführ(?:er)?|leih|miet|ex|demo)-(?=.)/iu;
/** Maker and model of a run: the maker's word is the first of several, unless a number follows it. */
function split(words: readonly string[], maker: string | undefined) {
  const told = words.map((w) => titled(w.replace(OF_THE_SHOP, '')));
  const [first = '', ...others] = told;
  return maker !== undefined
    ? { maker: titled(maker), model: told.join(' ') }
    : told.length === 1 ||
        isTelling(words[0] ?? '') ||
        (told.length === 2 && /^\d/.test(others[0] ?? ''))
      ? { maker: '', model: told.join(' ') }
      : { maker: first, model: others.join(' ') };
}

/** "Ostrava Motors announces the ML 350": who made it, before the verb. */
const ANNOUNCED = spelt(
  /^(?:.*[.:–—] )?\W*(\p{Lu}[\p{L}-]+)(?: (?:Motors|Motorcycles|Moto|Bikes))? (?:has |have |today |now |finally )*(?:announce[sd]?|launche[sd]|launch|unveil(?:s|ed)?|reveal(?:s|ed)?|present(?:s|ed)?|introduce[sd]?|pulled the covers off)(?: \p{L}+){0,2} (?:the|a|its|their) (?:all-?)?(?:new )?$/u,
);
/** "… is a motorcycle made by Marrow", "KX-470 Nomad by Penrith": of two words it is who wrote it. */
const MADE_BY = spelt(
  /^(?: by|[^.;]{0,40}?(?<!\p{L})(?:(?:made|built|produced|manufactured) by|from (?=\p{Lu}\p{L}+ Motor))) (\p{Lu}[\p{L}-]+)(?![\p{L}-]| (?!Motor)\p{Lu})/u,
);

/** The name with its maker, where another place of the text or the words beside it tell that. */
function inFullBy(best: Candidate, lines: readonly LineOfText[]) {
  const named = split(best.words, best.maker);
  if (named.maker !== '') return named;
  const told = best.words.join(' ');
  for (const line of lines.slice(0, FIELD_LINES)) {
    if (!line.line.includes(` ${told}`)) continue;
    const fuller = candidatesOf(line, 0).find((r) => r.words.slice(1).join(' ') === told);
    if (fuller && !/\d/.test(fuller.words[0] ?? '')) return split(fuller.words, fuller.maker);
  }
  const maker =
    ANNOUNCED.exec(best.line.slice(0, best.from))?.[1] ??
    MADE_BY.exec(best.line.slice(best.to))?.[1];
  return maker !== undefined && !isCommon(maker) && hasNumber(best)
    ? { maker: titled(maker), model: named.model }
    : named;
}

const NUMBER_ALONE = spelt(
  /^\s*(?:the|an?|la|le|il|el|die|der|das|de|een) (\d{3,4}(?: \p{Lu}[\p{L}\d]{0,9})?) \(/iu,
);
/** "La 380 (37 ch, 166 kg)": a machine that is known by its number. */
function byNumber(lines: readonly LineOfText[]): NamesRead | undefined {
  for (const { line, offset } of lines) {
    const model = NUMBER_ALONE.exec(line)?.[1];
    if (model !== undefined)
      return { maker: '', model, year: undefined, from: offset + line.indexOf(model) };
  }
  return undefined;
}

function small(lines: readonly LineOfText[]): NamesRead | undefined {
  for (const { line, offset } of lines) {
    const found = inSmallLetters(line);
    if (found) return { ...found, year: yearInLine(line), from: offset + found.from };
  }
  return undefined;
}
