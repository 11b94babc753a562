import type { FigureKey } from '../../readings';
import { isStockByName, speaksOfStock } from '../link/changed';
import type { FigureProposal, Proposal } from '../proposal';
import { spelt } from '../vocabulary/letters';

// "It has been lowered. The seat is at 820 mm.": what one sentence tells of a machine holds for the figures of the others.

interface Change {
  /** Figures that it alters. */
  readonly of: readonly FigureKey[];
  readonly said: RegExp;
}

const words = (...alternatives: readonly string[]): RegExp =>
  spelt(new RegExp(`(?<!\\p{L})(?:${alternatives.join('|')})(?!\\p{L})`, 'giu'));

const CHANGES: readonly Change[] = [
  {
    of: ['seatHeight', 'clearance', 'travelFront', 'travelRear'],
    said: words(
      'lowered|lowering (?:link|kit)s?|(?:raising|longer|taller|jack[- ]?up) links?|jacked up',
      'tiefergelegt|tieferlegung|höhergelegt|rabaissée?s?|kit de rabaissement|rehaussée?s?|surbaissée?s?',
      'ribassat[oaie]|abbassat[oaie]|rialzat[oaie]|kit ribassamento|rebajad[oa]s?|kit de rebaje|bajada de suspensi[óo]n|realzada',
      'verlaagd|verlagingsset|sänkt|sänkningssats|sænket|sænkningskit|senket|senkesett',
      'obniżon\\p{L}*|zestaw obniżający|snížen\\p{L}*|zvýšen\\p{L}*|rebaixad[oa]|madallettu|madalluss?arja',
    ),
  },
  {
    of: ['seatHeight'],
    said: words(
      '(?:cut[- ]down|shaved|scooped|reshaped|carved|re-?foamed|rebuilt|custom(?:[- ]made)?|aftermarket) (?:seat|saddle)',
      '(?:seat|saddle) (?:has been |was |is |being )?(?:cut(?: down)?|shaved|scooped|reshaped|carved|re-?foamed|rebuilt|modified)',
      '(?:ab|auf)gepolstert\\p{L}*|sitzbank (?:umgebaut|umgearbeitet)|selle (?:creusée|refaite|retravaillée|rabotée)|sella (?:scavata|rifatta|modificata)',
      'asiento (?:rebajado|mullido|modificado|retapizado)|zadel (?:verlaagd|opnieuw)|(?:sadeln?|sitsen?) (?:ombyggd|omklädd|nedskuren)',
    ),
  },
  {
    of: ['tank', 'statedRange'],
    said: words(
      '(?:big|bigger|larger|long[- ]range|aftermarket|safari|desert|auxiliary|extra) (?:fuel )?tank',
      '(?:größere[rn]?|großer|zusatz)[- ]?tank|(?:plus gr(?:os|and)|grand|gros) réservoir|réservoir (?:plus grand|grande capacité|additionnel)',
      'depósito (?:mayor|más grande|grande|adicional|extra|auxiliar)|serbatoio (?:maggiorato|più grande|aggiuntivo|supplementare)|tanque (?:maior|extra)',
      '(?:grotere|extra) tank|större tank|större bensintank|større tank|większ[yae] zbiornik|větší nádrž|isompi (?:tankki|säiliö)',
    ),
  },
  {
    of: ['forkRate', 'shockRate', 'springRiderMass'],
    said: words(
      're-?sprung|(?:stiffer|heavier|softer|progressive|aftermarket|uprated) (?:springs?|shock|fork springs?)|spring swap',
      '(?:härtere|stärkere|progressive|andere) (?:gabel)?federn|umgefedert|ressorts? (?:plus durs?|progressifs?|changés?)|muelles (?:más duros|progresivos)|molle (?:più dure|progressive)',
    ),
  },
  {
    of: ['sprocketFront', 'sprocketRear'],
    said: words(
      're-?geared|geared (?:up|down|lower|taller|higher)|(?:bigger|larger|smaller|shorter|taller) (?:front |rear |back )?(?:sprocket|gearing)',
      'kürzer übersetzt|länger übersetzt|andere übersetzung|démultiplication (?:raccourcie|changée)|desarrollo (?:cambiado|más corto)|rapporti accorciati',
    ),
  },
];

/** A clause that only says what could be, what is not so, what it costs, or tells of pegs, bars, what is used and what the engine gives. */
const OF_NOTHING = spelt(
  /(?<!\p{L})(?:not|never|no|isn['’]t|wasn['’]t|hasn['’]t|without|nicht|nie|keine?r?n?|ohne|pas|jamais|sans|non|mai|senza|nunca|sin|não|sem|niet|nooit|geen|zonder|ikke|inte|aldrig|ej|uden|utan|uten|bez|není|nebyl\p{L}*|ei|can|could|may|might|would|if|want\p{L}*|available|optional|option|opzion\p{L}*|opcion\p{L}*|opção|optie|tillval|tilvalg|volitelně|opcjonaln\p{L}*|valinnai\p{L}*|possib\p{L}*|adjustable|accessory|accessories|kann|könnte|lässt|möglich|optional|zubehör|peut|possible|disponible|puede|posible|può|possibile|pode|kan|kunne|möjlig\p{L}*|mulig\p{L}*|można|lze|price|preis|prix|prezzo|precio|prijs|pris\p{L}*|cen[aęyuě]|preço|hinta|pegs?|footpegs?|bars?|handlebars?|screen|windscreen|headlight|fußrasten|lenker|scheibe|repose-pieds|guidon|bulle|pedane|manubrio|estriberas|manillar|reposapiés|voetsteunen|stuur|pressures?|consumption|weight|emissions?|power|torque|speed|verbrauch|gewicht|leistung|consommation|poids|puissance|consumo|peso|potencia|potenza|potência|verbruik|vermogen|förbrukning\p{L}*|forbruk\p{L}*|vikt\p{L}*|vægt\p{L}*|vekt\p{L}*|effekt\p{L}*|spotřeb\p{L}*|výkon\p{L}*|hmotnost\p{L}*|emis\p{L}*|spalani\p{L}*|mas[aęy]|kulutus|paino|teho|version|versions|model|suspension option|edition|modellen?)(?!\p{L})|[£$€]/iu,
);
const CLAUSE_END = /[.;!?\n,()](?!\d)/u;

/** The clause around a place, at most so many characters either way. */
const REACH = 60;
function clauseAt(text: string, from: number, to: number): string {
  const before =
    text
      .slice(Math.max(0, from - REACH), from)
      .split(CLAUSE_END)
      .at(-1) ?? '';
  const behind = text.slice(to, to + REACH).split(CLAUSE_END)[0] ?? '';
  return before + text.slice(from, to) + behind;
}

/** The words of a change that was made, outside a clause that speaks of nothing. */
function madeIn(text: string, { said }: Change): string | undefined {
  for (const match of text.matchAll(said))
    if (!OF_NOTHING.test(clauseAt(text, match.index, match.index + match[0].length)))
      return match[0];
  return undefined;
}

/** What is altered along with a figure that is not as it came: a tank's range, the heights over a longer travel. */
const ALONG: Readonly<Partial<Record<FigureKey, readonly FigureKey[]>>> = {
  tank: ['statedRange'],
  travelFront: ['seatHeight', 'clearance'],
  travelRear: ['seatHeight', 'clearance'],
};

const saidToBeChanged = (p: Proposal): string | undefined =>
  p.doubts.flatMap((d) => (d.code === 'may-be-changed' ? [d.words] : []))[0];

/**
 * Figures of one machine, those unticked that the text elsewhere says to be altered: by words of a change that was made, or along with a
 * figure that is told as altered. A figure named as the stock one stays, and so does a low seat of the maker's.
 *
 * @param text what is told of that machine
 * @param whole the text in which the proposals have their places
 */
export function changedElsewhere(
  proposals: readonly Proposal[],
  text: string,
  whole: string,
): readonly Proposal[] {
  const altered = new Map<FigureKey, string>();
  for (const p of proposals) {
    const said = p.kind === 'figure' ? saidToBeChanged(p) : undefined;
    if (p.kind === 'figure' && said !== undefined)
      for (const key of ALONG[p.key] ?? []) altered.set(key, said);
  }
  for (const change of CHANGES) {
    if (!proposals.some((p) => p.ticked && change.of.some((key) => key === p.key))) continue;
    const said = madeIn(text, change);
    if (said !== undefined) for (const key of change.of) altered.set(key, said);
  }
  if (altered.size === 0) return proposals;
  const waits = (p: Proposal): p is FigureProposal =>
    p.kind === 'figure' &&
    p.ticked &&
    altered.has(p.key) &&
    p.basis !== 'low-seat' &&
    !isStockByName(whole, p) &&
    !speaksOfStock(p.words);
  return proposals.map((p) =>
    waits(p)
      ? {
          ...p,
          ticked: false,
          doubts: [...p.doubts, { code: 'may-be-changed', words: altered.get(p.key) ?? '' }],
        }
      : p,
  );
}
