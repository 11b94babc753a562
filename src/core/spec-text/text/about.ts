import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import { statesOurFact } from '../facts';
import type { Mention } from '../vocabulary/lexicon';
import { beyondAny } from './beyond-any';
import { sentencesOf } from '../link/sentences';
import type { ScannedLine } from './scanned-line';

/** Labels that only a sheet of a vehicle on two wheels has. */
const TELLING = new Set([
  'seatHeight',
  'clearance',
  'wheelbase',
  'rake',
  'rakeAndTrail',
  'travelFront',
  'travelRear',
  'sprocketFront',
  'sprocketRear',
  'displacement',
  'payload',
  'valves',
  'forkRate',
  'shockRate',
  'axleLimits',
  'primaryRatio',
]);
export const names = (lines: readonly ScannedLine[], kind: 'sale' | 'trade' | 'elsewhere') =>
  new Set(
    lines.flatMap(({ line, mentions }) =>
      mentions
        .filter((m) => m.meanings.some((x) => x.kind === kind))
        .map((m) => line.slice(m.from, m.to).toLowerCase()),
    ),
  );
export const isSum = (q: Quantity) =>
  q.unit === 'money' ||
  q.unit === 'dollar' ||
  q.unit === 'crowns' ||
  /^[A-Z]{3}$/.test(q.unit ?? '');
/** What stands in the first words of a text, before any of ours, is what it is about. */
const FIRST_WORDS = 48;
function opensElsewhere(lines: readonly ScannedLine[], strange: readonly string[]): boolean {
  const first = lines.find((l) => l.line.trim() !== '');
  const kinds = (m: Mention) => m.meanings.map((x) => x.kind);
  const opening = first?.mentions.find(
    (m) =>
      !/^(?:size|budget|excess|pair of|the pair)$/iu.test(first.line.slice(m.from, m.to)) &&
      kinds(m).some((k) => k === 'elsewhere' || k === 'label' || k === 'trade'),
  );
  return (
    opening !== undefined &&
    opening.from < FIRST_WORDS &&
    kinds(opening).includes('elsewhere') &&
    strange.includes((first?.line ?? '').slice(opening.from, opening.to).toLowerCase())
  );
}

/** A tonne, a battery in watt-hours, a lorry's torque or tank: no motorcycle that this is about. */
const NO_MOTORCYCLE = [
  /(?<![\d.,])\d[.,  ]?\d{3} ?kg\b/u,
  spelt(/\d ?(?:l|lit(?:re|er)s?|gal\p{L}*) ?(?:\/ ?h|an hour|per hour)\b/iu),
  /\d ?Wh\b/u,
  /(?<![\d.,])(?:24|36|48|60|72) ?V\b/u,
  /(?<![\d.,])[3-9]\d\d ?Nm\b/u,
  spelt(/(?<!\p{L})tank(?: is| of|:)? (?:[6-9]|1\d)\d ?l(?:it(?:re|er)s?)?\b/iu),
];

/** A jacket that an alternator heats is none that is for sale. */
const WORN = /^(?:jacket|size)$/u;
const FEEDS = spelt(/(?<!\p{L})(?:stator|alternator|lichtmaschine|alternateur)(?!\p{L})/iu);

/** "Same boat here", "by car", "like a sofa": said of something else, and none of it is there. */
const FIGURES_OF_SPEECH = spelt(
  /(?<!\p{L})(?:same boat|off the boat|by (?:car|train|van|coach)|like an? (?:sofa|armchair|chair|tractor|boat|train|sewing machine)|(?:in|from|of) (?:the|a|my|our) (?:car|van|hotel)|my (?:car|van|helmet|jacket|budget|camera|laptop)|car park|company car|train set|goggles|wie (?:ein|auf einem) (?:traktor|sofa)|comme (?:un|dans un) (?:canapé|tracteur|bateau))(?!\p{L})/giu,
);
/** "… ma Pika 360 car permis A passé": because, in French. */
const CAR_BECAUSE = spelt(
  /(?<!\p{L})car (?=(?:je|il|elle|on|nous|ils|elles|ma|mon|mes|permis|plus|pas|peu|trop|très|besoin|achat|changement|projet|manque|passage|nouve(?:l|au|lle)|raison|double|arrêt|déménagement|jamais|envie|elle)(?!\p{L})|[jncs]['’]\p{L})/giu,
);
const isFigureOfSpeech = (word: string, all: string): boolean => {
  const left = all.replace(FIGURES_OF_SPEECH, ' ').replace(CAR_BECAUSE, ' ').toLowerCase();
  return !left.includes(word);
};

/** A motorcycle, but none to build on as this is about: driven by a battery, or with a third wheel. */
const NO_DONOR = spelt(
  /\d ?kWh(?![\p{L}\d])|(?<!\p{L})(?:electric motor(?:cycle|bike)|elektromotorrad|moto électrique|moto elettrica|moto eléctrica|sidecar (?:outfit|rig|combination)|motorradgespann|trike)(?!\p{L})/iu,
);
/** "Quad with snow plough", "Type: snowmobile": a line of its own that says what kind of vehicle it is, and no motorcycle. */
const OTHER_KIND = spelt(
  /^\s*(?:[-*•] ?)?(?:(?:type|vehicle(?: type)?|category|kind|kategorie|fahrzeugart|catégorie|categoría|categoria|categorie|kategori) ?[:=|] ?)?(?:[\p{L}\d-]+ )?(?:quads?(?: ?bikes?)?|atvs?|utvs?|side[- ]by[- ]side|snow ?mobiles?|jet ?skis?|go-?karts?|motorschlitten|schneemobil|motoneige|motoslitta|moto de nieve|snöskoter|snøscooter|snescooter|fyrhjuling|czterokołowiec|skuter śnieżny|čtyřkolka|sněžný skútr|mönkijä|moottorikelkka)(?!\p{L})(?! ?lock)/iu,
);
const IN_PASSING = spelt(/(?<!\p{L})(?:my|our|sold|swap|px|trade|or|no|not|like|than)(?!\p{L})/iu);
const KIND_LINE = 60;
const saysOtherKind = ({ line }: ScannedLine): boolean =>
  line.length <= KIND_LINE && OTHER_KIND.test(line) && !IN_PASSING.test(line);

/** "Suspension shop quote: front springs 5.2 N/mm": what a workshop would do, and nothing as it came. */
const A_QUOTE = spelt(
  /^[^.:\n]{0,32}(?<!\p{L})(?:(?:workshop|shop|suspension|springs?|service|garage)(?:['’]s)? (?:quote|quotation|estimate)|invoice|kostenvoranschlag|werkstattrechnung|devis (?:atelier|garage)|preventivo officina|presupuesto (?:del )?taller)(?: [^.:\n]{0,16})?:/iu,
);

/** "Selling a set of panniers off my old 700": a part is for sale, and what is told is the part's. */
const A_PART_FOR_SALE = spelt(
  /^\W{0,3}(?:(?:for sale|fs|wts|selling|verkaufe|biete|vends|[àa] vendre|vendo|se vende|te koop|säljes|säljer|sprzedam)(?!\p{L})[:,]? ?)(?:(?:my|an?|the|some|this|old|new|used|unused|nearly new|genuine|oem|original|set of|pair of|one|two|einen?|meine?n?|mes|une?|des|mi|il|la|las|los|due)[ ,]+){0,5}(?:(?:alu(?:minium)?|aluminum|soft|hard|side|rear|front|low|tall|comfort|rally|long[- ]range|big|[\d.,]+ ?(?:l|lit(?:re|er)s?|gal(?:lon)?)) )?(?:panniers?|boxes|cases|top ?box|luggage|seat|tank|exhaust|silencer|screen|windscreen|crash ?bars?|rack|shock|fork springs|springs|wheels?|wheelset|tyres?|tires?|handlebars?|skid ?plate|bash ?plate|koffer|sitzbank|auspuff|windschild|sturzbügel|gepäckträger|federbein|valises|sacoches|selle|réservoir|pot|pare-brise|valigie|borse|sella|serbatoio|scarico|maletas|asiento|depósito|escape)(?!\p{L})(?! (?:height|bike|model|price))/iu,
);

/** "Compro trail A2, máximo 4.000 €": somebody looks for a machine, and every figure is what he asks of it. */
const WANTED = spelt(
  /^\W{0,3}(?:(?:hallo|hi|hello|hola|ciao|bonjour|hej|hei|moin|salve|dzień dobry)[\s,.!]+(?:zusammen|all|a todos|à tous|alla)?[\s,.!]*)?(?:wanted|wtb|want(?:ing)? to buy|looking (?:for|to buy) an?|(?:ich )?suche|gesucht|kaufe(?! mir)|(?:je )?(?:re)?cherche|(?:j['’])?achète|(?:se )?(?:compro|busco|busca)|cerco|cercasi|(?:ik )?zoek|gezocht|gevraagd|sökes|köpes|köper|søges|købes|kjøpes|ønskes kjøpt|kupię|szukam|poszukuję|koupím|hledám|sháním|ostetaan|procuro)(?!\p{L})/iu,
);
/** How far it may go: more than a word of looking. */
const WITHIN_LIMITS = spelt(
  /(?<!\p{L})(?:max(?:imum|imal|imo|imaal|imalt)?|máx(?:imo)?|min(?:imum|imo|stens)?|under|below|less than|up to|at least|or (?:more|less)|no more than|budget|unter|bis|weniger als|mindestens|höchstens|moins de|jusqu['’]à|au moins|menos de|hasta|al menos|o más|que no pase|meno di|fino a|almeno|sotto|minder dan|tot|minstens|onder|högst|minst|upp till|maks|op til|opp til|poniżej|co najmniej|nejvýše|alespoň|korkeintaan|vähintään|até|pelo menos)(?!\p{L})/iu,
);
/** "Looking for advice on mine": no machine is. */
const ADVICE = spelt(
  /^[^.\n]{0,48}(?<!\p{L})(?:advice|opinions?|views|experiences?|info(?:rmation)?|help|parts|rat|hilfe|meinung\p{L}*|erfahrung\p{L}*|avis|conseils?|aide|consej\p{L}*|opini\p{L}*|consigl\p{L}*|parer\p{L}*|advies|ervaring\p{L}*|råd|erfaring\p{L}*|opinii|rady|new home|neues zuhause)(?!\p{L})/iu,
);
const isWanted = (first: string, all: string): boolean =>
  WANTED.test(first) && !ADVICE.test(first) && WITHIN_LIMITS.test(all);

/** Longest first sentence that is a title, in words. */
const TITLE = 9;
/**
 * Words of something else, where they may matter: in a sentence with figures, in a title, or said more than once. "The train was late
 * again" tells of no train.
 */
function elsewhereIn(lines: readonly ScannedLine[]): ReadonlySet<string> {
  const found = new Set<string>();
  const once = new Set<string>();
  let first = true;
  for (const { line, mentions, quantities } of lines)
    for (const { text, at } of sentencesOf(line)) {
      const within = ({ from, to }: { readonly from: number; readonly to: number }) =>
        from >= at && to <= at + text.length;
      const here = mentions.filter(within);
      const of = (kind: 'elsewhere' | 'trade' | 'sale') =>
        here.filter((m) => m.meanings.some((x) => x.kind === kind));
      // "The train was late again." is a sentence, "Train set, boxed" a title.
      const title =
        first &&
        text.split(/\s+/).length <= TITLE &&
        of('trade').length === 0 &&
        (!/[.!?]\s*$/.test(text) || of('sale').length > 0);
      const counts = title || quantities.some(within);
      for (const m of of('elsewhere')) {
        const word = line.slice(m.from, m.to).toLowerCase();
        if (counts || once.has(word)) found.add(word);
        once.add(word);
      }
      first = false;
    }
  return found;
}

/** What a text is about, how much in it speaks of a motorcycle, and its words of something else. */
interface Weighed {
  readonly about: 'ours' | 'open' | 'else';
  readonly speaks: number;
  readonly strange: readonly string[];
}

export const aboutWhat = (lines: readonly ScannedLine[], sale: boolean): Weighed['about'] =>
  weighed(lines, sale).about;

/** So much has to speak of a motorcycle in what is left, points. */
const SURELY = 4;

/**
 * A text about a motorcycle without the lines that tell of something else, where its first line tells of none and what is left speaks
 * for itself: "Helmet 1.4 kg, boots size 44." below a test. All lines of any other text.
 */
export function withoutStrange(lines: readonly ScannedLine[]): readonly ScannedLine[] {
  const { about, strange } = weighed(lines, false);
  if (about === 'ours' || lines.some(saysOtherKind)) return lines;
  const isStrange = (l: ScannedLine): boolean =>
    NO_MOTORCYCLE.some((sign) => sign.test(l.line)) ||
    beyondAny([l]) > 0 ||
    [...names([l], 'elsewhere')].some((word) => strange.includes(word));
  const first = lines.find((l) => l.line.trim() !== '');
  const left = lines.filter((l) => !isStrange(l));
  if (left.length === lines.length || first === undefined || isStrange(first)) return lines;
  const then = weighed(left, false);
  return then.about === 'ours' && then.speaks >= SURELY ? left : lines;
}

function weighed(lines: readonly ScannedLine[], sale: boolean): Weighed {
  const trade = names(lines, 'trade').size;
  const signs = NO_MOTORCYCLE.filter((sign) => lines.some((l) => sign.test(l.line))).length;
  const heavy = 2 * signs + 4 * beyondAny(lines);
  const part = /\bfits (?:most|all|\d)/iu.test(lines.map((l) => l.line).join(' ')) ? 2 : 0;
  const all = lines.map((l) => l.line).join(' ');
  const strange = [...elsewhereIn(lines)].filter(
    (word) =>
      !(WORN.test(word) && lines.some((l) => FEEDS.test(l.line))) && !isFigureOfSpeech(word, all),
  );
  const others = strange.length;
  const opens = opensElsewhere(lines, strange);
  const elsewhere = others + heavy + part + (opens ? 4 : 0);
  const telling = new Set(
    lines.flatMap((l) =>
      l.mentions.flatMap((m) =>
        m.meanings.flatMap((x) => (x.kind === 'label' && TELLING.has(x.name) ? [x.name] : [])),
      ),
    ),
  ).size;
  const labels = lines.reduce(
    (sum, l) =>
      sum + l.mentions.filter((m) => m.meanings.some((x) => x.kind === 'label' && !x.weak)).length,
    0,
  );
  const tyres = lines.some((l) => l.written !== l.line && /\d\/\d{2,3}/.test(l.written)) ? 2 : 0;
  // Kilograms, litres and millimetres together: a sheet, whatever its words.
  const dims = new Set(lines.flatMap((l) => l.quantities.map((q) => q.unit)));
  const sheet = dims.has('kg') && dims.has('L') && dims.has('mm') ? 1 : 0;
  // Horsepower and kilograms of one thing are an engine's that carries somebody.
  const weighed = dims.has('kg') || dims.has('lb') || dims.has('pounds');
  const engine = weighed && (dims.has('hp') || dims.has('PS')) ? 1 : 0;
  const use = [...dims].some((u) => /^(?:L\/100km|mpg|km\/L)/.test(u ?? '')) ? 1 : 0;
  const speaks =
    sheet +
    (elsewhere === 0 ? engine : 0) +
    use +
    tyres +
    trade +
    telling * 2 +
    Math.min(4, labels);
  // One word in passing, in a text that tells what an engine gives and what it weighs, takes nothing away.
  const inPassing = elsewhere === 1 && others === 1 && engine === 1;
  if (!inPassing && elsewhere > 0 && speaks < elsewhere * 2.2)
    return { about: 'else', speaks, strange };
  const fragment = elsewhere === 0 && lines.length <= 3 && lines.every((l) => l.line.length < 90);
  const first = lines.find((l) => l.line.trim() !== '')?.line ?? '';
  if (
    lines.some((l) => NO_DONOR.test(l.line) || saysOtherKind(l)) ||
    A_QUOTE.test(first) ||
    A_PART_FOR_SALE.test(first) ||
    isWanted(first, all)
  )
    return { about: 'open', speaks, strange };
  const ours = fragment || speaks >= 1 + elsewhere * 3 || (sale && elsewhere === 0);
  const told = ours || (elsewhere === 0 && lines.some((l) => statesOurFact(l.written)));
  return { about: told ? 'ours' : 'open', speaks, strange };
}
