import { spelt } from '../vocabulary/letters';
/** Number words of French, Spanish, Portuguese and Italian that add up, by their language's spelling. */
const MARKED: Readonly<Record<string, number>> = {
  ...{ un: 1, une: 1, deux: 2, trois: 3, quatre: 4, cinq: 5, six: 6, sept: 7, huit: 8, neuf: 9 },
  ...{ dix: 10, onze: 11, douze: 12, treize: 13, quatorze: 14, quinze: 15, seize: 16 },
  ...{ vingt: 20, vingts: 20, trente: 30, quarante: 40, cinquante: 50, soixante: 60 },
  ...{ septante: 70, huitante: 80, octante: 80, nonante: 90 },
  ...{ 'quatre vingt': 80, 'quatre vingts': 80 },
  ...{ uno: 1, dos: 2, tres: 3, cuatro: 4, cinco: 5, seis: 6, siete: 7, ocho: 8, nueve: 9 },
  ...{
    diez: 10,
    once: 11,
    doce: 12,
    trece: 13,
    catorce: 14,
    quince: 15,
    dieciséis: 16,
    diecisiete: 17,
  },
  ...{
    dieciocho: 18,
    diecinueve: 19,
    veinte: 20,
    veintiuno: 21,
    veintiuna: 21,
    veintidós: 22,
    veintitrés: 23,
  },
  ...{ veinticuatro: 24, veinticinco: 25, veintiséis: 26, veintisiete: 27, veintiocho: 28 },
  ...{ veintinueve: 29, treinta: 30, cuarenta: 40, cincuenta: 50, sesenta: 60, setenta: 70 },
  ...{ ochenta: 80, noventa: 90, cien: 100, ciento: 100, doscientos: 200, trescientos: 300 },
  ...{ cuatrocientos: 400, quinientos: 500, seiscientos: 600, setecientos: 700 },
  ...{ ochocientos: 800, novecientos: 900 },
  ...{ um: 1, uma: 1, dois: 2, duas: 2, três: 3, quatro: 4, sete: 7, oito: 8, nove: 9, dez: 10 },
  ...{
    doze: 12,
    treze: 13,
    dezasseis: 16,
    dezesseis: 16,
    dezassete: 17,
    dezessete: 17,
    dezoito: 18,
  },
  ...{
    dezanove: 19,
    dezenove: 19,
    vinte: 20,
    trinta: 30,
    quarenta: 40,
    cinquenta: 50,
    setenta: 70,
  },
  ...{ oitenta: 80, cem: 100, cento: 100, duzentos: 200, trezentos: 300, quatrocentos: 400 },
  ...{ quinhentos: 500, seiscentos: 600, setecentos: 700, oitocentos: 800, novecentos: 900 },
};
/** With their marks, and typed without them. */
const ADDS: Readonly<Record<string, number>> = {
  ...Object.fromEntries(
    Object.entries(MARKED).map(([word, n]) => [word.normalize('NFD').replace(/\p{M}/gu, ''), n]),
  ),
  ...MARKED,
};
const HUNDRED = new Set(['cent', 'cents']);
const THOUSAND = new Set(['mille', 'mil']);

const ITALIAN_ONES = 'uno|due|tre|tré|quattro|cinque|sei|sette|otto|nove'.split('|');
const ITALIAN_TEENS =
  'dieci|undici|dodici|tredici|quattordici|quindici|sedici|diciassette|diciotto|diciannove'.split(
    '|',
  );
const ITALIAN_TENS = 'vent|trent|quarant|cinquant|sessant|settant|ottant|novant'.split('|');
const italianOne = (word: string): number =>
  [1, 2, 3, 3, 4, 5, 6, 7, 8, 9][ITALIAN_ONES.indexOf(word)] ?? 0;
const ONES = `(?:${ITALIAN_ONES.join('|')})`;
const BELOW = `(?:(${ONES.slice(3, -1)})?cent(?:o|(?=ott)))?(?:(${ITALIAN_TEENS.join('|')})|(?:(${ITALIAN_TENS.join('|')})[aio]?)?(${ONES.slice(3, -1)})?)`;
const ITALIAN = new RegExp(`^(?:(?:${BELOW})(mila)|(mille))?(?:${BELOW})$`, 'iu');

const LARGE =
  /cento?|mil(?:a|le)|(?:vent|trent|quarant|cinquant|sessant|settant|ottant|novant)(?:[aio]|uno|otto)|dici|diciass|dician/iu;

/** "duecentoquattro", "novemila": an Italian number in one word; `undefined` for none. */
function italian(word: string): number | undefined {
  if (!LARGE.test(word) || /^(?:mille|cento)$/iu.test(word)) return undefined;
  const match = ITALIAN.exec(word);
  if (!match) return undefined;
  const below = (i: number): number => {
    const [hundreds, teen, ten, one] = [match[i], match[i + 1], match[i + 2], match[i + 3]].map(
      (w) => w?.toLowerCase(),
    );
    const whole = match[0].toLowerCase();
    const part = i === 1 ? whole.split(/mila/)[0] : (whole.split(/mil(?:a|le)/).at(-1) ?? '');
    return (
      (/cent/.test(part ?? '') ? (hundreds ? italianOne(hundreds) : 1) * 100 : 0) +
      (teen ? 10 + ITALIAN_TEENS.indexOf(teen) : 0) +
      (ten ? 20 + 10 * ITALIAN_TENS.indexOf(ten) : 0) +
      (one ? italianOne(one) : 0)
    );
  };
  const thousands = match[5] ? below(1) * 1000 : match[6] ? 1000 : 0;
  const amount = thousands + below(7);
  return amount > 0 ? amount : undefined;
}

const WORDS = [...Object.keys(ADDS), ...HUNDRED, ...THOUSAND]
  .sort((a, b) => b.length - a.length)
  .map((w) => w.replace(' ', '[ -]'))
  .join('|');
const RUN = spelt(
  new RegExp(
    `(?<![\\p{L}\\d])(?:${WORDS})(?:(?:[ -]|[ -]et[ -]| y | e )(?:${WORDS}))*(?:(?: (?:virgule|coma|vírgula) )(?:${WORDS})(?:[ -](?:${WORDS}))*)?(?![\\p{L}\\d])`,
    'giu',
  ),
);
const ITALIAN_RUN = spelt(
  /(?<![\p{L}\d])((?:\p{L}+)?(?:cent|mil|vent|trent|quarant|cinquant|sessant|settant|ottant|novant|dici|dician|diciass)\p{L}*|due|tre|quattro|cinque|sei|sette|otto|nove)(?: virgola (uno|due|tre|quattro|cinque|sei|sette|otto|nove))?(?![\p{L}\d])/giu,
);

/** Words that are English or French as well, or say nothing by themselves. */
const ALONE =
  /^(?:six|dix|un|une|uno|dos|tres|once|seis|sept|mil|mille|cent|cents|cien|deux|trois|quatre|cinq|huit|neuf|siete|ocho|nueve|cuatro|cinco|diez|quince|ciento|um|uma|dois|duas|três|quatro|sete|oito|nove|dez|doze|treze|cem|cento)$/iu;

/** "Six mille deux" is 6200, as "six two" would be; "deux mille trois" is a year. */
const isShort = (words: readonly string[]): boolean =>
  words.at(-2) === 'mille' &&
  (ADDS[words.at(-1) ?? ''] ?? 10) < 10 &&
  (ADDS[words.at(-3) ?? ''] ?? 0) > 2;

function sumOf(words: readonly string[]): number {
  let total = 0;
  let group = 0;
  for (const word of words) {
    if (HUNDRED.has(word)) group = (group || 1) * 100;
    else if (THOUSAND.has(word)) [total, group] = [total + (group || 1) * 1000, 0];
    else group += ADDS[word] ?? 0;
  }
  return total + (isShort(words) ? group * 100 : group);
}

const tokens = (text: string): readonly string[] =>
  [...text.toLowerCase().matchAll(/quatre[ -]vingts?|\p{L}+/giu)]
    .map(([w]) => w.replace('-', ' '))
    .filter((w) => w !== 'et' && w !== 'y' && w !== 'e');

const UNIT = spelt(
  /^ (?:lit(?:re|ro)s?|litri|kilos?|quilos?|kg|chili|ch(?:evaux)?|cv|caballos|cavalos|cavalli|mm|mil[ií]m\p{L}*|cent[ií]m\p{L}*|mill\p{L}*|euros?|tours|km|[kq]u?ilóm\p{L}+|[kq]u?il[ôo]m\p{L}+|chilom\p{L}+|pouces|pulgadas|pollici|ans|años|anni|mois|meses|mesi)(?!\p{L})/iu,
);

function inDigits(run: string, behind: string): string {
  const [whole = '', decimals] = run.split(/ (?:virgule|coma|vírgula) /iu);
  if (
    decimals === undefined &&
    ALONE.test(run) &&
    !(UNIT.test(behind) && !/^(?:une?|uma?)$/iu.test(run))
  )
    return run;
  const digits = `${String(sumOf(tokens(whole)))}${decimals === undefined ? '' : `.${String(sumOf(tokens(decimals)))}`}`;
  return digits.length <= run.length ? digits.padStart(run.length) : run;
}

/** "Doce litros y medio", "dix-neuf litres et demi". Place for place. */
const HALF = spelt(
  new RegExp(
    `(?<![\\p{L}\\d])(\\d{1,2}|(?:${WORDS})(?:-(?:${WORDS}))?)( (?:lit(?:re|ro)s?|litri)) (?:y medio|et demie?|e mezzo|e meio)(?!\\p{L})`,
    'giu',
  ),
);

const HALF_IN_DIGITS = spelt(
  /(?<![\d.,])(\d{1,2})( (?:lit(?:re|ro)s?|litri)) (?:y medio|et demie?|e mezzo|e meio)(?!\p{L})/giu,
);

/** "Quattro e mezzo", "cuatro y medio", of anything but years and hours. Place for place. */
const AND_A_HALF = spelt(
  /(?<![\p{L}\d])(tre|quattro|cinque|sei|tres|três|quatro|cuatro|cinco|seis|trois|quatre|cinq|six) (?:e mezzo|y medio|et demi|e meio)(?!\p{L})(?! (?:or[ae]|ann[oi]|mes\p{L}*|hora|años?|ans?|mois|heures?))/giu,
);

/** "Cuatro con dos", "quattro e tre ogni cento": a whole and tenths. Place for place. */
const TENTHS = spelt(
  /(?<![\p{L}\d])(?:(dos|tres|cuatro|cinco|seis|siete) con (uno|dos|tres|cuatro|cinco|seis|siete|ocho|nueve)|(due|tre|quattro|cinque|sei|sette) e (uno|due|tre|quattro|cinque|sei|sette|otto|nove)(?= (?:ogni|ai|per|a) cent| litri| l ))(?!\p{L})/giu,
);

/** Little words that tell these languages from others, and stems of their numbers: without both there is nothing to do. */
const SPOKEN_SO = spelt(
  /(?<![\p{L}'])(?:les?|une?|est|à|elle|el|los|una|della?|è|il|con|du|des|es|ha|fait|pesa|al|com|uma|não|tem|da|dos|aos?|faz|gasta|leva|fica|mille|custa|custou|prix|precio|prezzo|preço)(?!\p{L})/iu,
);
const STEMS = spelt(
  /(?<!\p{L})(?:deux|trois|quatre|quator|dix|onze|once|diez|doce|trece|catorce|undici|dodici|tredic|quattord|sedici|quinze|seize|treize|douze|vingt|trente|quarante|cinquante|soixante|cent|dos|dies|vein|treinta|cuar|cinc|ses|set|och|nov|quin|quat|oit|vint|trint|dez|duz|três|due|dieci|quattro|cinque|sei|sette|otto|nove|vent|quarant|ottant|sessant|sett|diciass|dician|diciotto|litres? )/iu,
);

/** A French whole number of litres, perhaps of two words. */
const LITRES = `\\d{1,2}|(?:vingt|dix)(?:[ -](?:et[ -])?(?:une?|deux|trois|quatre|cinq|six|sept|huit|neuf))?|deux|trois|quatre|cinq|six|sept|huit|neuf|onze|douze|treize|quatorze|quinze|seize|trente`;
/** "Quatre litres cinq aux cent", "le réservoir fait seize litres huit". Place for place. */
const LITRES_AND = spelt(
  new RegExp(
    String.raw`(?<![\p{L}\d-])(${LITRES}) litres? (un|deux|trois|quatre|cinq|six|sept|huit|neuf|\d)(?= aux? cent| (?:en|sur|à|et|mais|donc|pour|avec|je|elle|on|ça|ce|qui|chez|quand|alors|puis) | de moyenne|[.,;!)]|$)`,
    'giu',
  ),
);

/** "12 litros seis de depósito", "4 litri otto ai cento", once the whole is in digits. Place for place. */
const LITROS_AND = spelt(
  /(?<![\p{L}\d.,-])(\d{1,2}) (litros|litri) +(un[oa]?|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|due|tre|quattro|cinque|sei|sette|otto|nove|dois|três|quatro|sete|oito|[1-9])(?= (?:a los|al|ai|ogni|aos|por) (?:cien|cen)\p{L}*| de (?:depósito|tanque|media)| di (?:serbatoio|media)| (?:en|in|y|e|pero|ma|mas|con|com|de) |[.,;!)]|$)/giu,
);

/**
 * Numbers said in French, Spanish or Italian words ("deux cent quatre", "ochocientos cincuenta", "settantatré") as digits. Place for place.
 *
 * @param spokenSo the text is in one of them; without it the line's own little words tell
 */
export function romanceNumbers(text: string, spokenSo = SPOKEN_SO.test(text)): string {
  if (!spokenSo || !STEMS.test(text)) return text;
  const valued = (w: string) => (/\d/.test(w) ? Number(w) : sumOf(tokens(w)));
  const said = text.replace(LITRES_AND, (words: string, one: string, part: string) =>
    `${String(valued(one))}.${String(valued(part))} litres`.padStart(words.length),
  );
  const halves = (words: string, one: string) =>
    `${String(ADDS[one.toLowerCase()] ?? italianOne(one.toLowerCase()))}.5`.padStart(words.length);
  const french = said
    .replace(AND_A_HALF, halves)
    .replace(TENTHS, (words: string, ...[one, tenths, uno, decimi]: (string | undefined)[]) => {
      const of = (w = '') => String(ADDS[w.toLowerCase()] ?? italianOne(w.toLowerCase()));
      return `${of(one ?? uno)}.${of(tenths ?? decimi)}`.padStart(words.length);
    })
    .replace(HALF, (words: string, one: string, unit: string) =>
      `${inDigits(one, unit).trim()}.5${unit}`.padStart(words.length),
    )
    .replace(RUN, (run: string, at: number) =>
      inDigits(run, said.slice(at + run.length, at + run.length + 14)),
    );
  const italianToo = french.replace(
    ITALIAN_RUN,
    (words: string, whole: string, decimal: string | undefined, at: number) => {
      const small = italianOne(whole.toLowerCase());
      const unit = UNIT.test(french.slice(at + words.length, at + words.length + 14));
      const amount = small ? (decimal || unit ? small : undefined) : italian(whole);
      if (amount === undefined) return words;
      const digits = `${String(amount)}${decimal === undefined ? '' : `.${String(italianOne(decimal.toLowerCase()))}`}`;
      return digits.length <= words.length ? digits.padStart(words.length) : words;
    },
  );
  // "Quindici litri e mezzo", once its number is in digits.
  return italianToo
    .replace(HALF_IN_DIGITS, (words: string, whole: string, unit: string) =>
      `${whole}.5${unit}`.padStart(words.length),
    )
    .replace(LITROS_AND, (words: string, whole: string, unit: string, tenth: string) => {
      const part = Number(tenth) || (ADDS[tenth.toLowerCase()] ?? italianOne(tenth.toLowerCase()));
      return part ? `${whole}.${String(part)} ${unit}`.padStart(words.length) : words;
    });
}
