import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';
import { INSTEAD_OF } from './altered';
import { isStock } from './changed';

interface Saying {
  readonly of: readonly FigureKey[];
  /** What stands before the number, as far as `within` characters. */
  readonly before: RegExp;
  readonly within: number;
  /** Words of the sentence before the number with which it is the model's all the same. */
  readonly unless?: RegExp;
}

/** Words before a number that tell of one machine somebody rode, geared or held back, and not of the model as it is sold. */
const SAYINGS: readonly Saying[] = [
  // "Price as tested: $14,250": the price of the machine that was ridden, its extras with it.
  {
    of: ['price'],
    before: spelt(
      /(?<!\p{L})(?:as[- ]tested|(?:of )?(?:the |our )?test (?:bike|machine)|testmaschine|testmotorrad|testfahrzeug|modèle (?:essayé|testé)|(?:versione |moto )?in prova|(?:modelo |moto )?probad[oa]|testmotor)\)?[^\d\n;]{0,12}$/iu,
    ),
    within: 48,
  },
  // "Put a 14 tooth on the front": riders change them, and say so.
  {
    of: ['sprocketFront', 'sprocketRear'],
    before: spelt(
      /(?<!\p{L})(?:put|fit(?:ted)?|swap(?:ped)?|replac(?:ed|ing)|exchang(?:ed|ing)|chang(?:ed|ing)|run(?:ning)?|ran|went|gone|going|dropped|geared|bolted|installed|mounted|tried|stuck|moved|mine has|has had|montiert|verbaut|umgerüstet|gewechselt|fahre|monté|mis|passé|mont(?:ato|ata|ado|é)|messo|cambiat[oa]|puesto|puse|cambi(?:é|ado|ada)|gemonteerd|gewisseld|monterat|bytt|byttet|skiftet)(?!\p{L})[^.;]{0,40}$/iu,
    ),
    within: 60,
    unless: spelt(
      /(?<!\p{L})(?:stock|oem|standard|std|factory|serie|origin\p{L}*|di serie|de serie|de série)(?!\p{L})[^\d]*(?:\d{1,2} ?[/:] ?)?$/iu,
    ),
  },
  // "Re-sprung for 210 lb": for one rider, after it was sold.
  {
    of: ['springRiderMass'],
    before: spelt(
      /(?<!\p{L})(?:re-?sprung|re-?valved|(?:new|stiffer|harder|upgraded|aftermarket|other|softer) springs?|(?:neue|andere|härtere|stärkere) federn|umgefedert|ressorts? (?:neufs?|plus durs?|changés?)|muelles (?:nuevos|cambiados|más duros)|molle (?:nuove|cambiate|più rigide)|nieuwe veren)(?!\p{L})[^.;]{0,30}$/iu,
    ),
    within: 60,
  },
  // "Limited to 35 kW": for a licence; the model as it is built may have more, unless that is told before it: "61 hp restricted to 35 kW".
  {
    of: ['power'],
    before: spelt(
      /(?<!\p{L})(?:(?:limit|restrict|reduc|throttl|derat)ed (?:down )?(?:to|at)|(?:gedrosselt|drosselung|begrenzt|reduziert)(?: auf)?|(?:brid|limit)ée? à|limitat[oa] a|depotenziat[oa] a|limitad[oa] (?:a|para)|begrensd (?:op|tot)|strypt till|strupet til|begrænset til|ograniczon\p{L}+ do|omezen\p{L}* na)(?: \p{L}+)? ?$/iu,
    ),
    within: 36,
    unless: spelt(/\d ?(?:kW|b?hp|PS|ch|CV|pk|hk|KM|koní)(?!\p{L})/iu),
  },
];

/** A new model beside the one before it. */
const NEW_MODEL = spelt(
  /(?<!\p{L})(?:comes|new (?:model|one|bike)|model year|for 20\d\d|now has|my ?\d\d|neue[sr]? (?:modell|maschine)|modelljahr|nouveau modèle|nouvelle|nuevo modelo|nueva|nuov[oa]|nieuwe|nya|nye|predecessor|vorgänger\p{L}*|outgoing)(?!\p{L})/iu,
);
/** "Clearance dropped to 6 in", "travel is down to 8.5 in", "auf 230 mm verlängert": what it became. */
const BECAME_TO = spelt(
  /(?<!\p{L})(?:(?:dropped|down|went|gone|came|fell|sank|rose|grew|shrank|raised|reduced|increased|lowered|cut|up)(?: \p{L}+){0,2} to|(?:sank|sinkt|stieg|steigt|fiel|fällt|kam|ging|geht|schrumpft\p{L}*|wuchs|wächst|runter|rauf|hoch|abgesenkt|erhöht|verlängert|tiefergelegt|aufgepolstert)(?: \p{L}+){0,2} auf|(?:passée?|descendue?|montée?|tombée?|réduite?|abaissée?|rehaussée?|relevée?|creusée?)(?: \p{L}+){0,2} à|(?:bajad[oa]|subid[oa]|rebajad[oa]|reducid[oa]|pasad[oa])(?: \p{L}+){0,2} (?:a|hasta)|(?:sces[oa]|salit[oa]|ridott[oa]|abbassat[oa]|rialzat[oa]|passat[oa]|portat[oa])(?: \p{L}+){0,2} a|(?:verlaagd|verhoogd|gezakt|gestegen)(?: \p{L}+){0,2} (?:naar|tot)|(?:sänkt|höjd|byggd|senket|hevet|sænket|hævet|bygget)(?: \p{L}+){0,2} till?|(?:obniżon|podwyższon)\p{L}* (?:do|na)|(?:snížen|zvýšen)\p{L}* na|(?:rebaixad|reduzid|subid|levantad)[oa](?: \p{L}+){0,2} (?:para|a))(?: (?:about|around|roughly|etwa|rund|environ|unos|circa|ca\.?))? $/iu,
);
/** "… to 6 in after the bash plate": what somebody did to his. */
const BY_A_CHANGE = spelt(
  /^ ?(?:mm|cm|in\.?|kg|lbs?|l)?,? (?:after|with|since|once|thanks to|nach|mit|durch|après|avec|con|tras|dopo|na|met|efter|med|po|dzięki) (?:the|a|my|fitting|der|dem|einem|einer|la|le|un|une|el|una|il|de|het|een|en)(?!\p{L})/iu,
);
/** "… auf 230 mm verlängert": the same with the verb at the end. */
const BECAME_BEHIND = spelt(
  /^ ?(?:mm|cm|zoll|kg|l|liter)? ?(?:verlängert|verkürzt|erhöht|abgesenkt|gesenkt|tiefergelegt|umgebaut|aufgepolstert|abgepolstert|vergrößert|verlaagd|verhoogd|vergroot)(?!\p{L})/iu,
);
/** Put on by an owner, in the clause of a number. */
const FITTED =
  "(?:fitted|installed|mounted|converted|conversion|montiert|verbaut|eingebaut|nachgerüstet|umgebaut|umbau|montée?|installée?|équipée? d(?:u|e la|e|[’']une?)|transformée?|lleva(?: montado)?|montad[oa]|instalad[oa]|convertid[oa]|montat[oa]|installat[oa]|trasformat[oa]|gemonteerd|geplaatst|omgebouwd|monterade?|monterat|ombygg?d|montert|monteret|ombygget|zamontowan\\p{L}*|założon\\p{L}*|przerobion\\p{L}*|namontovan\\p{L}*|osazen\\p{L}*|předělan\\p{L}*|asennettu|vaihdettu)";
/** A tank that holds more than the one it came with. */
const LARGE =
  '(?:long[- ]range|grande capacité|gran capacidad|grande capacità|grande capacidade|große[rn]? tank|grote tank|stor(?:e|a)? tank|duż[yą] zbiornik|velk[áou]\\p{L}* nádrž|iso tankki|(?:depósito|tanque|serbatoio) grande|gran depósito|grand réservoir)';
const BY_ITS_OWNER = {
  before: spelt(new RegExp(`(?<!\\p{L})(?:${FITTED}|${LARGE})(?!\\p{L})[^.,;\\d]{0,36}$`, 'iu')),
  behind: spelt(new RegExp(`^[^.,;\\d]{0,28}(?<!\\p{L})(?:${FITTED}|${LARGE})(?!\\p{L})`, 'iu')),
};
const MAY_BE_FITTED: ReadonlySet<FigureKey> = new Set([
  'tank',
  'wheelFront',
  'wheelRear',
  'travelFront',
  'travelRear',
  'alternator',
]);
/** "It got a 24 litre tank", "kreeg van ons spaakwielen 21/18": what was put on it, unless a maker did. */
const GIVEN = spelt(
  /(?<!\p{L})((?:(?<!(?:['’](?:s|ve|d)|its|has|have|had|we|you|I|they) )got|gave (?:it|her)) (?:an?|new|some|spoked|wire|two|the)|(?:was|were|been) (?:given|treated to)|we (?:fitted|put|built)|kreeg|(?:heeft|hebben)[^.;\d]{0,24} gegeven|bekam|bekommen hat|spendiert\p{L}*|a reçu|a eu droit à|on lui a (?:mis|monté|posé|greffé)|ha ricevuto|(?:le )?(?:ho|abbiamo) (?:montato|messo)|recibió|ha recibido|le (?:puse|pusimos|monté|montamos|hemos (?:puesto|montado))|recebeu|(?:pusemos|montei|montámos)|fick|fikk|fik|dosta(?:ł[ao]?|l[ao]?)|otrzymał[ao]?|sai)(?!\p{L})(?![^.;\n]{0,8}(?:seat|saddle) height)[^.;\n]{0,56}$/iu,
);
/** "After the remap 72 hp", "portée à 72 ch". */
const TUNED_TO = spelt(
  /(?<!\p{L})(?:(?:after|with|nach|mit|après|avec|dopo|con|tras|na|efter|etter|po) (?:(?:the|a|my|der|einer|la|le|una?|il|el|en|een) )?(?:remap\p{L}*|re-?flash|tuning|tune|mapping|abstimmung|optimierung|chip\p{L}*|reprog\p{L}*|rimappatura|mappatura|reprogramación|reprogramação|tuningu)[^.,;\d]{0,20}|(?:tuned|remapped|mapped|opened up|portée?|passée?|potenziat[oa]|portat[oa]|potenciad[oa]|getunt|getuned|opgevoerd|trimmad|trimmet|podniesion[aey]) (?:to|à|a|auf|naar|til?l|do)) (?:about |around |rund |etwa |ca\.? )?$/iu,
);
/** "65 hp after the pipe". */
const WITH_A_PIPE = spelt(
  /^ ?(?:hp|bhp|horse(?:power|s)?|ps|cv|ch|kw|nm|pk|hk|ft-?lbs?)?,? (?:now )?(?:after|with|since|nach|mit|durch|après|avec|dopo|con|tras|na|med|efter|etter|met|po|dzięki) (?:(?:the|a|my|an|dem|der|einem|le|la|un|une|lo|il|el|een|de|het) )?(?:\p{L}+ ){0,2}(?:pipe|exhaust|can|silencer|system|header|remap|tune|filter|jets?|jetting|cams?|big[- ]bore|auspuff\p{L}*|krümmer|échappement|pot|ligne|scarico|marmitta|escape|uitlaat|avgassystem|eksosanlegg|udstødning|wydech\p{L}*|výfuk\p{L}*|putkisto\p{L}*)(?!\p{L})/iu,
);
/** "The seat is now at 875", "Gewicht jetzt 205 kg". */
const NOW = spelt(
  /(?<!\p{L})(?:now|these days|jetzt|nun|mittlerweile|inzwischen|maintenant|désormais|ahora|ora|adesso|nu|nå|agora|teraz|teď|nyní|nyt)(?: (?!and |und |et |y |e |en |och |og )\p{L}+){0,4} $/iu,
);
const MAY_BE_GIVEN: ReadonlySet<FigureKey> = new Set([
  ...MAY_BE_FITTED,
  'seatHeight',
  'clearance',
  'forkRate',
  'shockRate',
]);
const MADE_OTHERWISE: ReadonlySet<FigureKey> = new Set([
  'seatHeight',
  'tank',
  'sprocketFront',
  'sprocketRear',
  'travelFront',
  'travelRear',
  'clearance',
  'mass',
  'statedRange',
]);

/**
 * A number told of one machine and not of its model waits for a look, with the words that say so.
 *
 * @param own the text is of somebody's own machine, or one for sale: what it has now is not what it came with
 */
export function notAsSold(
  made: FigureProposal,
  text: string,
  q: Quantity,
  own: boolean,
): FigureProposal {
  if (!made.ticked) return made;
  const words =
    SAYINGS.filter((s) => s.of.includes(made.key) && !s.unless?.test(text.slice(0, q.from)))
      .map((s) => s.before.exec(text.slice(Math.max(0, q.from - s.within), q.from))?.[0].trim())
      .find((said) => said !== undefined) ?? becauseItBecame(made.key, text, q, own);
  return words === undefined
    ? made
    : { ...made, ticked: false, doubts: [...made.doubts, { code: 'may-be-changed', words }] };
}

/** What the words at a number say of how it became so. */
function becauseItBecame(
  key: FigureKey,
  text: string,
  q: Quantity,
  own: boolean,
): string | undefined {
  if (NEW_MODEL.test(text) || isStock(text, q)) return undefined;
  if (key === 'power' || key === 'torque')
    return (WITH_A_PIPE.exec(text.slice(q.to, q.to + WITHIN)) ??
      (own ? TUNED_TO.exec(text.slice(Math.max(0, q.from - WITHIN), q.from)) : null))?.[0].trim();
  if (own && MAY_BE_FITTED.has(key)) {
    const fitted =
      BY_ITS_OWNER.before.exec(text.slice(Math.max(0, q.from - WITHIN), q.from)) ??
      BY_ITS_OWNER.behind.exec(text.slice(q.to, q.to + WITHIN));
    if (fitted) return fitted[0].trim();
  }
  const before = text.slice(Math.max(0, q.from - WITHIN), q.from);
  const given = MAY_BE_GIVEN.has(key) ? GIVEN.exec(before) : null;
  if (given?.[1]) return given[1];
  if (/Interval$/.test(key)) return oftener(text, q);
  if (!MADE_OTHERWISE.has(key)) return undefined;
  const behind = text.slice(q.to, q.to + WITHIN);
  const said =
    INSTEAD_OF.exec(behind) ??
    (own || BY_A_CHANGE.test(behind) ? BECAME_TO.exec(before) : null) ??
    (own ? (BECAME_BEHIND.exec(behind) ?? NOW.exec(before)) : null);
  return said?.[0].trim();
}
const WITHIN = 64;

/** "Oil every 4k instead of the 8k it calls for": oftener than its maker asks. "7,000 km instead of 3,000" praises it beside others. */
function oftener(text: string, q: Quantity): string | undefined {
  const behind = text.slice(q.to, q.to + WITHIN);
  const said = INSTEAD_OF.exec(behind)?.[0];
  const [, digits = '', k] = /(\d[\d.,]*) ?(k)?/u.exec(behind.slice((said?.length ?? 1) - 1)) ?? [];
  const other = Number(digits.replace(/\D/g, '')) * (k || digits.length < 3 ? 1000 : 1);
  return said !== undefined && other > (q.amounts[0] ?? 0) ? said.trim() : undefined;
}
