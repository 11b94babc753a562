import { spelt } from '../vocabulary/letters';
import { worded } from '../vocabulary/vocabulary';

/** Whether ABS can be switched off and at which end, by the options of the fact `abs`. `from`, `to`: places in the line. */
export interface AntilockTold {
  readonly value: 'fixed' | 'rear-off' | 'both-off';
  readonly from: number;
  readonly to: number;
}

/* Words of sheets, tests and posts in thirteen languages; common usage, no source. */
const ABS = '(?:\\p{L}+-?)?abs(?:-\\p{L}+)?|anti-?lock(?: brakes| braking)?|antiblockiersystem';
const OFF =
  '(?:switch|turn|shut)(?:ed|s|ing|ting)?(?: (?:the )?(?:rear|back|it|them|that)(?: one| wheel)?)? off|goes? off|coup(?:er|é)|si (?:disinserisce|disattiva|esclude)|se (?:puede )?quitar?|switchable|off (?:mode|switch|setting)|defeat(?:able|ed)|disengag(?:eable|ed|es)|deactivat(?:able|ed|es?)|cancell?(?:able|ed)|disabl(?:ed|es?)|(?:ab|aus)schaltbar\\p{L}*|(?:ab|aus)(?:zu)?schalten|(?:ab|aus)geschaltet|deaktivier\\p{L}+|abstellbar\\p{L}*|abstellen|(?:dé(?:sactiv|connect)|débray)(?:ables?|er|é)|(?:desconect|desactiv)(?:ables?|ar|a|ado)|(?:disinser|disattiv|esclud)(?:ibile|abile|ibili|ire|are|ere|ito|ato)|uitschakelbaar|uit te (?:schakelen|zetten)|uitgeschakeld|(?:deslig|desativ|desconect)(?:áve(?:l|is)|ar|ado)|(?:odłącz|wyłącz)(?:an|yć|en|ał|a)\\p{L}*|(?:avstäng|urkoppl|frånkoppl|avkoppl)\\p{L}*bar\\p{L}*|stänga(?:s)? av|kan (?:slås|kobles|skrus) (?:av|fra|ut)|(?:fra|ut|av)kob\\p{L}+|pois (?:päältä|kytkettävissä)|kytkettävissä pois|pois(?:kytkettävä|tettava)\\p{L}*|(?:vypína|odpoji)teln\\p{L}+|vypnout|kytkeä (?:se )?pois|(?<=abs |rear )off(?![- ]road)';
const REAR =
  'rear(?: wheel| end| only)?|at the back|back(?: wheel| end| only)?|hinten|(?:am )?hinterrad\\p{L}*|arrière|derrière|trasera?s?|traseros?|detrás|atrás|posteriore|(?:al |di )?dietro|achter(?:aan|wiel)?|traseir[ao]|tyln\\p{L}+|tyłu|tył|bak(?:hjul\\p{L}*|til)?|bag(?:hjul\\p{L}*|til)?|taka(?:na|pyör\\p{L}+)?|zadní\\p{L}*|vzadu';
const FRONT =
  'front(?: wheel| end)?|vorn(?:e)?|vorderrad\\p{L}*|avant|delanter[ao]|delante|anteriore|davanti|voor(?:aan|wiel)?|dianteir[ao]|przedni\\p{L}*|przodu|fram|foran|edessä|přední\\p{L}*|vpředu';
const NOT =
  "not?|can(?:not|[’']t)|nicht|kein\\p{L}*|non|pas|niet|não|nie|ej|inte|icke|ikke|ei|ne|nelze|nigdy|never|non-";
/** Something else that can be switched off. */
const OTHER =
  'traction(?: control)?|tc|traktionskontrolle|antipatinage|contrôle de traction|control de tracción|controllo (?:di )?trazione|tractiecontrole|kontrol\\p{L}+ trakcji|antispinn?|controlo de tração|quick-?shifter|cruise(?: control)?|tempomat|lights?|heated grips|schlupfregelung|asc|dtc';

interface Word {
  readonly kind: 'abs' | 'off' | 'not' | 'other';
  readonly from: number;
  readonly to: number;
}
const WORDS: readonly (readonly [Word['kind'], RegExp])[] = (
  [
    ['off', OFF],
    ['abs', ABS],
    ['other', OTHER],
    ['not', NOT],
  ] as const
).map(([kind, words]) => [kind, new RegExp(worded(words).source, 'giu')]);
const AT_REAR = worded(REAR);
const AT_FRONT = worded(FRONT);
const alone = (side: string): RegExp =>
  new RegExp(
    `^[,;) ]*(?:but |only |just |nur |seulement |solo |soltanto |on |at |for |the |am |à |l['’]|en |la |al |på |op het ){0,3}${worded(side).source}(?: only| wheel| end| one)?(?=\\s*(?:[.,;)]|$))`,
    'iu',
  );
const REAR_ALONE = alone(REAR);
const FRONT_ALONE = alone(FRONT);
const CANNOT = spelt(
  /(?:can['’]?t|cannot|can not|non|nicht|no se|ne peut pas|non si)(?: be| puede| può)? (?:\p{L}+ )?(?:the |das |l['’]|el )?$/iu,
);
const ENTIRELY = worded(
  'fully|completely|entirely|both|ganz|komplett|vollständig|complètement|totalement|entièrement|completamente|del todo|del tutto|helemaal|całkowicie|helt',
);
const NON = spelt(/(?<!\p{L})(?:non|not|nicht|niet|no|não|nie|ej|ikke|ei)[- ]?$/iu);
const MAY_TELL = /abs|anti-?lock|antiblock/iu;

/** Farthest that it may stand from what is said of it, and that from its side, in characters. */
const FAR = 56;
const SIDE_BEFORE = 12;
const SIDE_BEHIND = 30;
const IN_FRONT = 24;

function wordsIn(sentence: string): readonly Word[] {
  const words: Word[] = [];
  for (const [kind, pattern] of WORDS)
    for (const { index, 0: said } of sentence.matchAll(pattern)) {
      const to = index + said.length;
      if (!words.some((w) => w.from < to && w.to > index)) words.push({ kind, from: index, to });
    }
  return words;
}

/** What switches it off: "switchable ABS", "ABS that can be turned off". */
function offOf(abs: Word, words: readonly Word[], sentence: string): Word | undefined {
  const offs = words.filter((w) => w.kind === 'off');
  const before = offs.findLast((w) => w.to <= abs.from && abs.from - w.to <= IN_FRONT);
  const isIts =
    before !== undefined &&
    !/[,;:(]/u.test(sentence.slice(before.to, abs.from)) &&
    !words.some((w) => w.kind === 'other' && w.from >= before.to && w.to <= abs.from);
  if (isIts) return before;
  const behind = offs.find((w) => w.from >= abs.to && w.from - abs.to <= FAR);
  return behind && !isOfAnother(sentence, abs, behind, words) ? behind : undefined;
}

/** Which ends are named with it; what stands behind a mark only as far as it is an end alone: "switchable, rear only". */
function endsAt(sentence: string, from: number, to: number) {
  const before = /[^,;:(]*$/u.exec(sentence.slice(Math.max(0, from - SIDE_BEFORE), from))?.[0];
  const behind = sentence.slice(to, to + SIDE_BEHIND);
  const own = /^[^,;)]*/u.exec(behind)?.[0] ?? '';
  const around = `${before ?? ''}${sentence.slice(from, to)}${own}`;
  const near = { rear: AT_REAR.test(around), front: AT_FRONT.test(around) };
  if (near.rear || near.front) return near;
  const next = behind.slice(own.length);
  return { rear: REAR_ALONE.test(next), front: FRONT_ALONE.test(next) };
}

function toldBy(sentence: string, offset: number): AntilockTold | undefined {
  if (!MAY_TELL.test(sentence)) return undefined;
  const words = wordsIn(sentence);
  for (const abs of words.filter((w) => w.kind === 'abs')) {
    const off = offOf(abs, words, sentence);
    if (!off) continue;
    const [from, to] = [Math.min(abs.from, off.from), Math.max(abs.to, off.to)];
    const made = (value: AntilockTold['value']): AntilockTold => ({
      value,
      from: offset + from,
      to: offset + to,
    });
    // "It cannot be switched off", "you can't turn the ABS off".
    const denied =
      words.some((w) => w.kind === 'not' && w.from >= abs.to && w.to <= off.from) ||
      CANNOT.test(sentence.slice(0, from)) ||
      NON.test(sentence.slice(0, off.from));
    const { rear, front } = endsAt(sentence, from, to);
    // "It can't be turned off completely, just the rear".
    if (denied && rear && !front && ENTIRELY.test(sentence.slice(abs.from, off.to + 12)))
      return made('rear-off');
    // "The front one stays on": only the phrases of a language can tell.
    if (denied ? rear || front : front && !rear) continue;
    return made(denied ? 'fixed' : rear && !front ? 'rear-off' : 'both-off');
  }
  return undefined;
}

/** "ABS, switchable traction control": what can be switched off is the next thing. */
function isOfAnother(sentence: string, abs: Word, off: Word, words: readonly Word[]): boolean {
  const behind = words.find((w) => w.kind === 'other' && w.from >= off.to && w.from - off.to <= 3);
  if (behind) return true;
  const other = words.find((w) => w.kind === 'other' && w.from >= abs.to && w.to <= off.from);
  return (
    other !== undefined &&
    !/^\s*(?:\/|and|&|\+|und|et|y|e|en|og|och|i|ja|a)\s*$/iu.test(
      sentence.slice(abs.to, other.from),
    )
  );
}

/** What is asked tells nothing, unless it is answered with yes. */
const ANSWERED_YES = spelt(
  /^[^.?!]{0,12}(?<!\p{L})(?:yes|yep|yeah|yup|ja|jawohl|oui|s[íì])(?!\p{L})/iu,
);

/** What a line tells of ABS that can be switched off: the first that is told, or what is asked and answered with yes. */
export function readAntilock(line: string): AntilockTold | undefined {
  if (!MAY_TELL.test(line)) return undefined;
  let offset = 0;
  let affirmed: AntilockTold | undefined;
  for (const sentence of line.split(/(?<=[;\n]|[.!?](?=\s))/u)) {
    const told = toldBy(sentence, offset);
    offset += sentence.length;
    if (!told) continue;
    if (!/\?\s*$/u.test(sentence)) return told;
    if (ANSWERED_YES.test(line.slice(offset))) affirmed ??= told;
  }
  return affirmed;
}
