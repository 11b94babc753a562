import { WEIGHTS } from './weights';

/** Words between a label and its figure that say nothing of their own. */
const PLAIN: ReadonlySet<string> = new Set(
  (
    'is are was were be s of at the a an about around approx approximately claimed quoted only ' +
    'just to which it its comes in by that has have got stands sits measures roughly from new ' +
    'currently with circa ca measured stock standard liegt bei ist betragt beträgt hat von etwa ' +
    'rund der die das mit auf alle est de du la le les un une des environ à sur es del el los las ' +
    'y di della dei con è da il lo op van het een elke en przy do no na each both per max min ' +
    'total same still now really actually well um uh maybe say says reads mir mich moi said been ' +
    'this guy thing canada australia europe britain germany america here better worse way much ' +
    'far check every ogni cada tous tutti rated held good for as listed official nominal out up ' +
    'down on leg nearly almost lot like under over below above unladen laden takes one sobre font ' +
    'they quote claim claims call goes drops went dropped rises need needs checking incl ' +
    'including wise stayed stays stay remains unchanged there meant supposed according him her ' +
    'them dealer owner seller über alles adjusts adjustable between entre zwischen tra alta alto ' +
    'hoch haute haut test finora realistisch real ehrlich gemessen'
  ).split(' '),
);
const JOINERS: ReadonlySet<string> = new Set(
  'and but und et y e oder or plus while sowie ed pero mais aber though so'.split(' '),
);

/** "the seat, well, 875": a word of thinking aloud between commas is none. */
const FILLER = /,\s*(?:well|uh|um|er|erm|hm+|you know|what|let's say|say|like|i think)\s*,/giu;

/** What stands between two places of a sentence. */
export interface Gap {
  readonly words: number;
  readonly plain: number;
  readonly commas: number;
  readonly joiners: number;
}

export function gapOf(whole: string): Gap {
  const text = whole.replace(FILLER, ' ');
  let [words, plain, commas, joiners] = [0, 0, 0, 0];
  for (const [word] of text.matchAll(/[\p{L}\p{M}]+/gu)) {
    const lower = word.toLowerCase();
    if (JOINERS.has(lower)) joiners += 1;
    else if (PLAIN.has(lower)) plain += 1;
    else words += 1;
  }
  for (const [mark] of text.matchAll(/[,;|\t](?!\d)|\. (?=\p{L})|\.{2,}|[()[\]]/gu))
    commas += mark === ',' || mark === ';' || mark === '|' ? 1 : mark.startsWith('. ') ? 2 : 0.25;
  return { words, plain, commas, joiners };
}

/** How near a label stands to a figure, in points. `figures` and `labels`: how many others stand between. */
export function nearness(
  gapText: string,
  labelFirst: boolean,
  weak: boolean,
  figures: number,
  labels: number,
): number {
  const gap = gapOf(labelFirst ? gapText.replace(/^\s*[|:=\t]\s*/u, '') : gapText);
  const word =
    (labelFirst ? WEIGHTS.wordBefore : WEIGHTS.wordBehind) + (weak ? WEIGHTS.weakWord : 0);
  const points =
    (labelFirst ? WEIGHTS.before : WEIGHTS.behind) -
    gap.words * word -
    gap.plain * WEIGHTS.plainWord -
    gap.commas * (labelFirst ? WEIGHTS.commaBefore : WEIGHTS.commaBehind) -
    gap.joiners * WEIGHTS.joiner -
    figures * (labelFirst ? WEIGHTS.figureBefore : WEIGHTS.figureBehind) -
    labels * WEIGHTS.labelBetween -
    (!labelFirst && /^\s*\(/.test(gapText) ? 1.6 : 0) -
    (weak ? WEIGHTS.weak : 0);
  return labelFirst && /^\s*(?:\([^)]{0,24}\))?\s*(?:[:=\t|]|\.{2,}|-\s)/u.test(gapText)
    ? points + WEIGHTS.colon
    : points;
}

/** Between a label and a bare number nothing may stand but a few plain words. */
export const isBareLink = (gapText: string): boolean => {
  if (/[;\d]/.test(gapText) || gapText.length > 44) return false;
  // "Consumption on our loop: 4.7".
  if (/^[\p{L}' ]{1,28}:\s*$/u.test(gapText) && gapOf(gapText).words <= 3) return true;
  const gap = gapOf(gapText.replace(/^\s*(?:\([^)]{0,24}\)|[)\]])/u, ' '));
  return gap.words === 0 && gap.commas <= 1 && gap.joiners === 0;
};
