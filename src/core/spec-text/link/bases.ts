import { spelt } from '../vocabulary/letters';
import { figureDefinition, type Basis, type FigureKey } from '../../readings';
import type { Mention } from '../vocabulary/lexicon';
import { fuelBasis } from './fuel-aboard';
import { isOffered } from './offered';
import { gapOf } from './relation';

/** A figure that wants its basis. */
export interface WantsBasis {
  readonly key: FigureKey;
  readonly from: number;
  readonly to: number;
}

/** How dry and ready to ride are said in the head of two masses. */
const DRY_SAID =
  '(?:dry|trocken|leer|à sec|à vide|vide|a secco|secco|a vuoto|vuoto|en seco|seco|em seco|a seco|en vac[ií]o|vac[ií]o|droog|leeg|torr|tørr|tør|sucha|na sucho|suchá|kuiva|empty)';
const READY_SAID =
  '(?:wet|kerb|curb|ready|fuell?ed|fahrfertig|fahrbereit|vollgetankt|nass|en ordre de marche|(?:avec )?(?:tous )?(?:les )?pleins(?: faits)?|t\\.?p\\.?f\\.?|in ordine di marcia|o\\.?d\\.?m\\.?|col pieno|lleno|en orden de marcha|em ordem de marcha|cheio|rijklaar|körklar|kjøreklar|køreklar|gotow[ay] do jazdy|zatankowan[ay]|pohotovostní|provozní|ajokunnossa|voll|full|plein|pieno|llena|vol)';
/** What may stand behind the first word, and before or behind the second: "Dry weight / wet weight", "Poids à sec / poids TPF". */
const MASS_WORD = '(?:gewicht|masse| weight| mass)?';
const AGAIN = '(?:poids |peso |gewicht |weight |vikt |vekt |vægt |masa |hmotnost )?';
/** Heads of two masses, dry first and ready first. */
export const DRY_THEN_READY = `${DRY_SAID}${MASS_WORD} ?/ ?${AGAIN}${READY_SAID}${MASS_WORD}`;
export const READY_THEN_DRY = `${READY_SAID}${MASS_WORD} ?/ ?${AGAIN}${DRY_SAID}${MASS_WORD}`;
const HEAD_OF_TWO = spelt(
  new RegExp(`(?<!\\p{L})(?:(${DRY_THEN_READY})|${READY_THEN_DRY})\\)?\\s?[:|]?\\s*$`, 'iu'),
);

/** In running order: with 90 % of the fuel (Regulation (EU) 168/2013, from memory). */
const RUNNING_ORDER =
  /(?:en ordre de marche|in ordine di marcia|en orden de marcha|em ordem de marcha|running order)(?![^.]{0,40}\d)/iu;

/** "Weight (dry/wet): 172/187 kg": in the order of the head. */
function inOrder(
  text: string,
  figures: readonly WantsBasis[],
  found: readonly (Basis | undefined)[],
): readonly (Basis | undefined)[] {
  const i = figures.findIndex((f, n) => {
    const next = figures[n + 1];
    return (
      f.key === 'mass' &&
      next?.key === 'mass' &&
      /^ ?\/ ?$/u.test(text.slice(f.to, next.from)) &&
      HEAD_OF_TWO.test(text.slice(0, f.from))
    );
  });
  if (i < 0) return found;
  const dryFirst = HEAD_OF_TWO.exec(text.slice(0, figures[i]?.from))?.[1] !== undefined;
  const ready = RUNNING_ORDER.test(text.slice(0, figures[i]?.from)) ? 'ready-90' : 'ready';
  return found.map((basis, n) =>
    n === i ? (dryFirst ? 'dry' : ready) : n === i + 1 ? (dryFirst ? ready : 'dry') : basis,
  );
}

/** "Seat height (low): 840 mm", "(low/high): 840/860 mm": the number right behind. */
const LOW_IN_HEAD = spelt(
  /\((?:low|lowered|lowest|niedrig|tief|basse|baja|bassa|laag|lav|låg)(?: ?\/ ?\p{L}+)?\)\s?[:=|]?\s*$/iu,
);

/** "Sitzhöhe tief 820 mm", "seat height low: 820". */
const LOW_BEFORE = spelt(
  /(?<!\p{L})(?:sitz(?:bank)?höhe|seat(?: height)?|hauteur de selle|altura (?:del |de )?(?:asiento|sillín)|altezza sella|zithoogte|zadelhoogte|sitthöjd|setehøyde|sædehøjde|altura do banco) (?:tief|niedrig|low|lowered|basse|baj[ao]|bassa|baixo|laag|låg|lav):? $/iu,
);

/** "With the low seat the seat height is 840", "mit der niedrigen Sitzbank: Sitzhöhe 840". */
const LOW_WITH_BEFORE = spelt(
  /(?<!\p{L})(?:with|mit|avec|con|com|met|med) (?:\p{L}{2,4} )?(?:optional\p{L}* )?(?:low(?:er|ered)? (?:seat|saddle|suspension)|(?:niedrige|tiefe|flache)[nr]? (?:sitzbank|bank|sitz)|(?:la )?selle basse|sella bassa|asiento bajo|banco baixo|lage (?:zit|zadel|buddy)|lågt? (?:sadel|sits)|lavt? (?:sadel|sete))(?: option| kit| fitted)?[:,]? (?:the |die |der |la |l['’])?(?:seat height|seat|it|sitzhöhe|sitz|hauteur(?: de selle)?|selle|altezza(?: (?:della )?sella)?|sella|altura(?: (?:del|de) asiento)?|zithoogte|sitthöjd(?:en)?|setehøyde(?:n)?)?(?: (?:is|drops? to|goes (?:down )?to|ist|sinkt auf|est (?:à|de)|passe à|descend à|scende a|è (?:a|di)|baja a|es de|queda en|is|zakt naar|blir|bliver))?:? ?$/iu,
);

/** "33.5 in. (lowest)", "830/850 mm (low/high)", "(niedrig/hoch)": said of the number before its bracket, or of the first of two. */
const LOW_BEHIND = spelt(
  /^(?: ?(?:mm|cm|in\.?))? (?:with|mit|avec|con|met|med) (?:the |an? |der |la |el |il |de )?(?:optional(?:er|e)? |optionaler? )?(?:low(?:er|ered)? (?:seat|saddle)|niedrige[nr]? sitzbank|selle basse|sella bassa|asiento bajo|lage? (?:zadel|zit))(?=\s*(?:[.;)]|$))|^(?: ?(?:mm|cm|in\.?|inch(?:es)?|"|″))? ?(?:\((?:low|lowered|lowest|niedrig|tief|basse|baja|bassa|laag|lav|låg)(?: (?:position|setting|seat))?(?: ?[/-] ?\p{L}+(?: \p{L}+)?)?\)|[/-] ?\d[\d.,]*(?: ?(?:mm|cm|in\.?|inch(?:es)?|"|″))? ?\((?:low|lowered|lowest|niedrig|tief|basse|baja|bassa|laag|lav|låg)(?: (?:position|setting|seat))? ?[/-] ?\p{L}+(?: \p{L}+)?\))/iu,
);

/** "845 mm lowered, standard 875": said of the number right behind it. */
const STANDARD_BEFORE = spelt(
  /(?<!\p{L})(?:standard|stock|std|original[ei]?|d['’]origine|de série|di serie|de serie|serie(?:nmäßig)?|normal(?:e|en)?)(?: (?:seat|one|height|is|was|selle|sella|zadel))? ?[:=]? ?$/iu,
);

/** "33.1 in, there's a low option at 32": said of the number behind it. */
const isSaidOfNext = (text: string, m: Mention, basis: Basis, { from }: WantsBasis): boolean =>
  basis === 'low-seat' &&
  from < m.from &&
  /^ (?:at|is|for|bei|à|a|de|op|på) ?(?:about |around |only )?\d/iu.test(text.slice(m.to));

/** "870 mm (low seat available)": no word on the seat that is told of, unless that one comes with it. */
const isOnlyOffered = (text: string, m: Mention, basis: Basis, { from, to }: WantsBasis): boolean =>
  basis === 'low-seat' &&
  from < m.from &&
  !/^ ?(?:mm|cm|in\.?|")? ?(?:with|mit|avec|con|met|med)(?!\p{L})/iu.test(text.slice(to)) &&
  isOffered(text, m.from, m.to);

/** "(34.1 standard)": said of the number right before it. */
export const STANDARD_BEHIND =
  /^ ?(?:mm|cm|in\.?|inch(?:es)?|"|″)? ?\(?(?:standard|stock|std|serie)\.?(?= ?[),;.]|$)/iu;

/** Farthest that a basis word may stand, in points of {@link cost}. */
const FARTHEST = 4.2;

/** A bracket opened right behind a number and its unit; "per 100 km (" is a label's. */
const BRACKETED = spelt(
  /\d(?<!(?:per|pro|je|auf|aux|por|pr\.?|på|na|op(?: de)?|\/) ?100)(?: ?[\p{L}/"″]{1,8}(?:\/?\d{3} ?km)?)?\s?\([^()\d]*$/u,
);

/** A bracket opened before a basis word, which a number of its own follows. */
const OPENED = /\([^()\d]{0,16}$/u;
const NUMBER_WITHIN =
  /^(?: (?:weight|mass|is|at|of|mit|von|à|a|di|de)|(?: (?:low(?:er(?:ed|ing)?)?|suspension|seat|kit|links?|option|saddle|position|chassis|setting|bank|sitzbank|fahrwerk|selle|sella|asiento|zadel))+(?: (?:is|at|of|to|gives|makes it))?)?:? ?(?!(?:19|20)\d\d(?!\d))\d[^()]*\)/iu;

/** "870 mm (850 avec la selle basse)": a number of its own opens the bracket, no conversion of the one before. */
const OWN_WITHIN = spelt(
  /(?<unit>mm|cm|in\.?|inch(?:es)?|["″]|kg|lbs?|kw|hp|bhp|ps|cv|ch)?\s?\((?:only |but |ca\.? |nur |solo |soit )?\d[\d.,]* ?(?<own>mm|cm|in\.?|inch(?:es)?|["″]|kg|lbs?|kw|hp|bhp|ps|cv|ch)?(?!\p{L})[^()]*$/iu,
);
const hasOwnWithin = (upToCue: string): boolean => {
  const { unit, own } = OWN_WITHIN.exec(upToCue)?.groups ?? { unit: '', own: '-' };
  return own === undefined || own.toLowerCase() === unit?.toLowerCase();
};

/** "68 hp, my mate's dyno read 60.5": a number of its own follows what it was run on; revs are none. */
const ROLLERS_READ = spelt(
  /(?<!\p{L})(?:dyno|rollers|rolling road|(?:leistungs)?prüfstand|banc|banco)(?:['’]?e?d)?:? ?(?:(?:run )?(?:reads?|said|says|showed|shows|gave|gives|saw|made|got|found|has it|put (?:it|mine) at|(?:and )?(?:it |we |I )?(?:got|saw|made)|came (?:in|out) at|at|=|sagte?|zeigte?|ergab|gab|indique|donne|dice|segna|da|marca|dio)) ?(?:only |just |about |nur |seulement |solo )?(?:\d{1,3}(?:[.,]\d)?|(?:a hundred|(?:twen|thir|for|fif|six|seven|eigh|nine)ty)(?: (?:and )?|-)?(?:one|two|three|four|five|six|seven|eight|nine)?)(?![\d.,]*\d)(?! ?(?:rpm|revs|\/min))/iu,
);
/** Whether what a machine was run on is said to have read a number of its own, anywhere or from a place on. */
export const rollersRead = (text: string, from?: number): boolean =>
  from === undefined
    ? ROLLERS_READ.test(text)
    : ROLLERS_READ.exec(text.slice(from, from + 60))?.index === 0;

/** A dash or slash with blanks around it parts what it stands between. */
const STROKE = /\s[-–—/]\s/gu;

const APART = /[,;–—]/u;
const NUMBER_FOLLOWS =
  /^:? ?(?:(?:about|around|more like|it['’]s|is|auch mal|eher|etwa|ca\.?|rund|ok\.?|około|jopa|plutôt|plus|environ|circa|unos|mais|ongeveer|runt|omkring) ){0,2}\d/iu;

const DIRECTLY = /^ ?(?:of|at|is|von|mit|de|da|di|a|à|:|=)? ?$/iu;

/** What lies between a basis word and a figure, in points; another figure between costs most. */
function cost(text: string, m: Mention, f: WantsBasis, all: readonly WantsBasis[]): number {
  const first = m.to <= f.from;
  const [a, b] = first ? [m.to, f.from] : [f.to, m.from];
  if (b < a) return 0;
  const gapText = text.slice(a, b);
  // "Combined 4.1 l/100 km (WMTC), I get 4.8": said of the number before its bracket.
  if (first && /^[^()]*\)/u.test(gapText) && BRACKETED.test(text.slice(0, m.from)))
    return FARTHEST + 1;
  // "4.2 l/100 (homologado 3,6)": said of the number within.
  if (!first && OPENED.test(gapText) && NUMBER_WITHIN.test(text.slice(m.to))) return FARTHEST + 1;
  if (!first && f.to <= text.lastIndexOf('(', m.from) && hasOwnWithin(text.slice(f.from, m.from)))
    return FARTHEST + 1;
  if (!first && rollersRead(text, m.from)) return FARTHEST + 1;
  // "4.5 l/100 km, on the motorway 5.5": said of the number that follows at once.
  if (!first && APART.test(gapText) && NUMBER_FOLLOWS.test(text.slice(m.to))) return FARTHEST + 1;
  // "With a low seat of 840 mm": nothing stands nearer.
  if (first && DIRECTLY.test(gapText)) return 0;
  const gap = gapOf(gapText);
  const figures = all.filter((o) => o !== f && o.from >= a && o.to <= b).length;
  // "4.6, worst 6.1 on the motorway": a word behind another number is said of that one.
  const digits = /\d/.test(gapText.replace(/\b(?:90|100)\b/g, '')) ? (first ? 1.2 : 2.8) : 0;
  // "Dry weight 187 kg – in running order 204 kg".
  const strokes = [...gapText.matchAll(STROKE)].length;
  return (
    gap.words * 0.45 +
    gap.plain * 0.12 +
    (gap.commas + strokes) * (first ? 1.6 : 1.1) +
    gap.joiners * 1.2 +
    figures * 2.5 +
    digits +
    (first ? 0.25 : 0) +
    // "Paid 6800 new": how it was sold says less than who says the sum.
    (/^new$/iu.test(text.slice(m.from, m.to)) ? 0.6 : 0)
  );
}

/** "38 hp and 27 lb-ft at the wheel": two figures of the engine joined by no more than "and" were taken alike. */
function shared(
  text: string,
  figures: readonly WantsBasis[],
  found: readonly (Basis | undefined)[],
): readonly (Basis | undefined)[] {
  return found.map((basis, i) => {
    const [own, next] = [figures[i], figures[i + 1]];
    return basis === undefined &&
      own?.key === 'power' &&
      next?.key === 'torque' &&
      /^\s*(?:and|&|\/|,)\s*$/iu.test(text.slice(own.to, next.from))
      ? found[i + 1]
      : basis;
  });
}

/** "Bollo pagato", "tax paid till March": what was paid is no price of the machine. */
const isTaxPaid = (text: string, { from }: Mention): boolean =>
  /(?<!\p{L})(?:bollo|superbollo|tassa|assicurazione|tax(?:es)?|rego|registration|insurance|finance|steuern?|versicherung|impuestos?|seguro|vignette|assurance|belasting) (?:è |già |is |all |fully |ist |sind |ya )?$/iu.test(
    text.slice(Math.max(0, from - 30), from),
  );

/** "They're asking $14,490", "dealers are asking": what shops take is no seller's asking. */
const isShopsAsking = (text: string, { from, to }: Mention): boolean =>
  /^ask(?:s|ed|ing)?$/iu.test(text.slice(from, to)) &&
  /(?<!\p{L})(?:they|dealers?|shops?|stores?|importers?|people|sellers)(?:['’]re| (?:are|is))?(?: (?:now|currently|all|still))? $/iu.test(
    text.slice(Math.max(0, from - 36), from),
  );

/** "14,200 km since new", "one owner from new", "as good as new": no price when new. */
const isSinceNew = (text: string, { from, to }: Mention): boolean =>
  /^new$/iu.test(text.slice(from, to)) &&
  /(?<!\p{L})(?:since|from|like|as(?: good as)?) $/iu.test(
    text.slice(Math.max(0, from - 14), from),
  );

/** "Averaged 4.1 l/100 over 3200 km": what was filled over a distance, whatever it is called. */
const isOverDistance = (text: string, { key, to }: WantsBasis): boolean =>
  key === 'consumption' &&
  /^[^.;,]{0,10}\bover (?:the |my |about )?(?:last |first )?(?:\d[\d .,]*(?:k|km|mi|miles|kilomet(?:re|er)s|(?:tank)?fills?|fill-ups?|tanks?|tankfuls?)|(?:two|three|four|five|six|seven|eight|ten|several|many) (?:(?:tank)?fills?|fill-ups|tanks|tankfuls))\b/iu.test(
    text.slice(to, to + 60),
  );

/**
 * How each figure of a sentence was taken, by the words around; each word serves one figure, the nearest, and a sentence with one
 * figure of a kind may find its word anywhere. `undefined`: the words do not tell.
 */
export function basesOf(
  text: string,
  figures: readonly WantsBasis[],
  mentions: readonly Mention[],
): readonly (Basis | undefined)[] {
  const found: (Basis | undefined)[] = figures.map(() => undefined);
  const pairs = mentions.flatMap((m) =>
    m.meanings.flatMap((meaning) =>
      meaning.kind === 'basis' &&
      !(meaning.basis === 'paid' && isTaxPaid(text, m)) &&
      !(meaning.basis === 'asked' && isShopsAsking(text, m)) &&
      !(meaning.basis === 'list' && isSinceNew(text, m))
        ? figures.flatMap((f, i) =>
            figureDefinition(f.key).bases.includes(meaning.basis) &&
            !isSaidOfNext(text, m, meaning.basis, f) &&
            !isOnlyOffered(text, m, meaning.basis, f)
              ? [{ m, i, basis: meaning.basis, cost: cost(text, m, f, figures) }]
              : [],
          )
        : [],
    ),
  );
  const spent = new Set<Mention>();
  for (const pair of pairs.sort((a, b) => a.cost - b.cost)) {
    if (pair.cost > FARTHEST || found[pair.i] !== undefined || spent.has(pair.m)) continue;
    found[pair.i] = pair.basis;
    spent.add(pair.m);
  }
  return inOrder(text, figures, shared(text, figures, found)).map((basis, i) => {
    const own = figures[i];
    if (own && isOverDistance(text, own)) return 'own-fills';
    if (
      own?.key === 'seatHeight' &&
      (LOW_IN_HEAD.test(text.slice(0, own.from)) ||
        LOW_BEFORE.test(text.slice(0, own.from)) ||
        LOW_WITH_BEFORE.test(text.slice(Math.max(0, own.from - 80), own.from)) ||
        LOW_BEHIND.test(text.slice(own.to)))
    )
      return 'low-seat';
    if (
      own?.key === 'seatHeight' &&
      (STANDARD_BEHIND.test(text.slice(own.to)) || STANDARD_BEFORE.test(text.slice(0, own.from)))
    )
      return 'standard-seat';
    return fuelBasis(text, figures, i, basis);
  });
}
