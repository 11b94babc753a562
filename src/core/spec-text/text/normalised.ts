import { spelt } from '../vocabulary/letters';
import { UNIT_SOURCE } from '../lattice/written-units';

const blank = (words: string): string => ' '.repeat(words.length);

/** "Moc 70 KM" are metric horsepower, written like kilometres in capitals. */
const HORSES_IN_POLISH = spelt(
  /(?<!\p{L})[Mm]oc(?: silnika| maksymalna| maks\.?)?:? \d{1,3}(?:[.,]\d)? ?KM(?!\p{L})/gu,
);

const POLISH = spelt(
  /(?<!\p{L})(?:spalani[eu]|zbiornik\p{L}*|przegląd\p{L}*|siedzeni\p{L}*|silnik\p{L}*|zasięg|masa|waży|sprzedam|przebieg)(?!\p{L})/iu,
);
/** "70 KM.": horses, where no way is so short. */
const HORSES_ALONE = /(?<=(?<![\d.,])\d{2,3}(?:[.,]\d)? ?)KM(?=[.,;)]|\s|$|\/\d)(?! ?\/ ?h)/gu;

const NORDIC = spelt(
  /(?<!\p{L})(?:tjänstevikt|akselavstand|bakkeklaring|hjulbas|markfrigång|bruker|sitth[öo]j?d|säljer|säljes|selges|gått|kördes?|varv|årsmodell|förbrukning|setehøyde|forbruk|årsmodell|bränsle\p{L}*|drivstoff\p{L}*|drar|väger|veier|kört|kjørt|tanken|sadeln|fulltank\p{L}*|mätarställning)(?!\p{L})/iu,
);

/** "Gått 1 850 mil", "0,42 l/mil": ten kilometres in Sweden and Norway, and no millimetres. Place for place. */
const withMil = (text: string): string =>
  NORDIC.test(text)
    ? text
        .replace(/(?<=\d):e(?= mil(?!\p{L}))/giu, '  ')
        .replace(/(?<=\d {0,3}|l ?\/ ?|per )mil(?!\p{L})/giu, 'smi')
    : text;

/** "Seat height 860 mm<br>": marks of a page that came along with its words. */
const TAG = /<\/?(?:br|p|b|i|em|strong)(?: [^<>\n]{0,80})? ?\/?>/giu;
/** "✅ ABS", "👉 Sitzhöhe 860 mm": a mark at the head of a line. */
const PICTOGRAM_AT_HEAD =
  /^[^\S\n]*(?:(?![\d#*©®™❌✖🚫])\p{Extended_Pictographic}(?:\ufe0f|\p{Emoji_Modifier})*[^\S\n]*)+(?=\S)(?!.*[❌✖✗✘🚫])/gmu;
/** "Pris kr. 65.900": its stop ends no sentence. */
const CROWNS_IN_FRONT = spelt(/(?<!\p{L})(kr)\. (?=\d)/giu);

/** One character for one: odd spaces, dashes and quotes become plain ones, so that places in the text stay true. */
export const normalised = (text: string): string =>
  listedBySlashes(withOneSign(withMil(text)))
    .replace(/^(?: ?>)+/gmu, blank)
    .replace(PICTOGRAM_AT_HEAD, blank)
    .replace(TAG, blank)
    .replace(/[\u00a0\u2000-\u200a\u202f\u205f\u3000]/g, ' ')
    .replace(/[\u2010-\u2012\u2212]/g, '-')
    .replace(/ℓ/g, 'l')
    .replace(/[“”]/g, '"')
    .replace(/[‘’]/g, "'")
    .replace(/[⋅∙•](?=m|ft)/g, '·')
    .replace(/\u0000/g, ' ')
    .replace(HORSES_IN_POLISH, (unit) => unit.replace('KM', 'PS'))
    .replace(POLISH.test(text) ? HORSES_ALONE : /$^/, 'PS')
    .replace(SWISS_FRANCS, 'CHF')
    .replace(SHORT_END, ' ')
    .replace(SPANISH_END, (_, front) => (front === undefined ? ' rr  ' : ' fr '))
    .replace(GERMAN_END, (end) => (/v/iu.test(end) ? 'fr ' : 'rr '))
    .replace(ENGLISH_ENDS, (ends) => ends.replace(/(?<=r)\./giu, ' '))
    .replace(/(?<=(?<!\p{L})d[ée]b)\./giu, ' ')
    .replace(CROWNS_IN_FRONT, ' $1 ')
    .replace(OVER_A_HUNDRED, blank)
    .replace(OVER_A_WAY, blank)
    .replace(WITH_RESERVE, blank)
    .replace(WITH_SHORT, '  ')
    .replace(ABOARD, blank)
    .replace(NOISE, blank)
    .replace(CZECH_HORSES, blank)
    .replace(MILES, 'mi ')
    .replace(TWO_TELL_IT, ';')
    .replace(HEAD_BEFORE_LABEL, ' ')
    .replace(UNIT_IN_ITS_CELL, ' ')
    .replace(KEY_OF_A_FILE, (key) => key.replaceAll('_', ' '))
    .replace(/^\s*[[{][\s\S]*/, withoutBrackets);

/** "24,5 kW (33 k)": the same in the horses of Czech sheets, and no thousands. Place for place. */
const CZECH_HORSES = /(?<=\d ?kW) ?\(\d{1,3}(?:[.,]\d)? ?k\)/gu;

/** "91 dB(A) at engine speed 4250 min-1": the revs that noise is taken at are none of the engine's. Place for place. */
const NOISE =
  /\d{2,3}(?:[.,]\d)? ?dB(?: ?\(?A\)?)?(?:,? ?(?:at|bei|à|a|@|\/)(?: (?:an )?engine speed(?: of)?)? ?\d[\d.,' ]{2,6} ?(?:rpm|min-1|min⁻¹|1\/min|\/min|U\/min|tr\/min|giri\/min)?)?/giu;

/** "Dry / Wet: weight 188 / 201 kg": the head is of the label behind it. Place for place. */
const HEAD_BEFORE_LABEL = spelt(
  /(?<=^ {0,4}(?:(?:dry|trocken|à sec|a secco|en seco) ?\/ ?(?:wet|kerb|curb|ready|nass|fahrbereit|fahrfertig|plein|lleno)|(?:wet|kerb|curb|ready|nass|fahrbereit|fahrfertig) ?\/ ?(?:dry|trocken))):(?= ?(?:weight|mass|gewicht|poids|peso)(?!\p{L}))/gimu,
);

const OF_ENGINE = '(?:hp|bhp|ps|cv|ch|pk|km|kw|nm|lb-?ft|ft-?lb)';
const WHO_TELLS =
  "(?:claimed|factory|official|brochure|quoted|stated|(?:on |our |the |a )*(?:dyno(?:'d|ed)?|rollers)|measured|tested|werksangabe|werk|gemessen|prüfstand|annoncée?s?|mesurée?s?|dichiarat[aio]|misurat[aio]|declarad[ao]s?|medid[ao]s?|opgave|gemeten|\\((?:crank|(?:rear )?wheel)\\))";

/** "42 hp claimed / 36.4 hp dyno", "claimed 42 hp - dyno 36.4 hp": each number has its own who tells it. Place for place. */
const TWO_TELL_IT = spelt(
  new RegExp(
    `[/,\\-–—](?:(?<=\\d ?${OF_ENGINE} ?\\(?${WHO_TELLS}\\)? ?.)(?= ?\\d[\\d.,]* ?${OF_ENGINE} ?\\(?${WHO_TELLS}(?!\\p{L}))|(?<=(?<!\\p{L})${WHO_TELLS}:? \\d[\\d.,]* ?${OF_ENGINE} ?.)(?= ?${WHO_TELLS}:? ?\\d))`,
    'giu',
  ),
);

/** "Recorrido del./tras.": the word without its stop is no end. Place for place. */
const SPANISH_END = spelt(/(?<!\p{L})(?:(del)|tras)\.(?=\s?[/:)\d])/giu);

/** "Escursione ant. 200 / post. 205": no sentence ends there. Place for place. */
const SHORT_END = spelt(/(?<=(?<!\p{L})(?:ant|post|av|ar|anter|poster))\.(?= ?[:=]? ?\d)/giu);

/** "Preis Fr. 9'490.-". Place for place. */
const SWISS_FRANCS = spelt(/(?<!\p{L})Fr\.(?= ?\d{1,2}['’]\d{3}| ?\d{4,5}\.?[-–—])/gu);

/** "220 mm (v), 215 mm (h)". Place for place. */
const GERMAN_END = /(?<=\d ?(?:mm|cm|zoll|") ?)\([vh]\)/giu;

/** "Travel fr. 200 / rr. 205": the front, and no francs. Place for place. */
const ENGLISH_ENDS = spelt(
  /(?<!\p{L}|\d ?)fr\.? ?[:=]? ?\d[\d.,]*[^\d\n]{0,12}(?<!\p{L})rr\.(?= ?[:=]? ?\d)|(?<!\p{L}|\d ?)fr\.(?= ?[:=]? ?\d[^\n]{0,16}(?<!\p{L})rr? ?[:=]? ?\d)/giu,
);

/** "Verbrauch auf 100 km: 4,1 l": the distance is none of its figures. Place for place. */
const OVER_A_HUNDRED =
  /(?<=(?:verbrauch|consommation|consumo|verbruik|f[öo]rbrukning|forbrug|forbruk|consumption|spalanie|zu[żz]ycie|zu[żz]ycie paliwa|kulutus|spot[řr]eba)) (?:auf|pro|je|por|aux?|sur|per|na|på|op|a los|ai) 100 ?km(?=\s?[:|\t])/giu;

/** "Fuel economy over the first 300 miles was 61 mpg": the way is none of its figures. Place for place. */
const OVER_A_WAY =
  /(?<=(?:economy|consumption|verbrauch|consommation|conso|consumo|consumi)) (?:over|for|on|across|in|auf|über|sur|en|durante|su|nei|sui) (?:(?:the|my|our|those|den|die|meinen|les|mes|los|mis|i|miei) )?(?:(?:first|last|past|ersten|letzten|premiers|derniers|primeros|últimos|primi|ultimi) )?\d[\d .,]*(?: ?000)? ?(?:miles|mi|km|kms|kilomet(?:re|er)s|kilomètres|bornes|kilómetros|chilometri)(?= (?:was|is|has been|averaged|came|war|lag|liegt|beträgt|a été|est|était|ha sido|fue|es|è|è stato))/giu;

/** "Fuel tank capacity, including reserve: 12 L": one label. Place for place. */
const WITH_RESERVE =
  /(?<=(?:capacity|tank|volume|tankinhalt|réservoir|serbatoio|depósito)), ?(?:including|incl\.?|inc\.?|with|inkl\.?|mit|y compris|dont|inclusa|incluida) (?:the |la )?(?:reserve|réserve|riserva|reserva)(?=\s?[:|\t.(])/giu;

/** "463 w/ full tank": "with", of which nothing but its mark would be left. Place for place. */
const WITH_SHORT = spelt(
  /(?<=\d ?\p{L}{0,6} )w\/(?= ?(?:a )?(?:full|fuel|gas|all fluids|fluids))/giu,
);

const WHO =
  '(?:the |le |la |il |el |los |i )?(?:riders?|drivers?|passengers?|pillion|luggage|baggage|cargo|accessories|options|gear|equipment|fahrer(?:in)?|sozius|beifahrer|gepäck|zubehör|pilote|conducteur|passager|bagages?|accessoires|pilota|conducente|passeggero|bagagli(?:o)?|accessori|piloto|conductor|acompañante|pasajero|equipaje|accesorios|berijder|passagier|bagage)';
const WHO_ALL = `${WHO}(?:\\s?(?:,|&|\\+|/| and| und| et| e| y| en)+\\s?${WHO})*`;
const WITH =
  '(?:including|incl\\.?|inc\\.?|inkl\\.?|inklusive|with|mit|y compris|avec|compres[oi]|con|incluid[oa]s?|incluyendo)';
/** "Load capacity (rider, passenger, luggage): 190 kg", "Zuladung inkl. Fahrer": who is meant, behind the name. Place for place. */
const ABOARD = new RegExp(
  `(?<=(?:capacity|load|loading|limit|payload|zuladung|nutzlast|charge(?: utile| maximale| maximum| maxi?\\.?| admissible)?|carico(?: massimo| utile| max\\.?)?|portata|carga(?: máxima| útil| máx\\.?)?|belasting|laadvermogen)) ?(?:\\((?:${WITH} )?${WHO_ALL}\\)|,? ${WITH} ${WHO_ALL}(?=\\s?[:|\\t]| \\d))`,
  'giu',
);

/** "R$ 38.990", "Rs. 3,45,000", "RM 28,900": money before its sum. */
const MONEY_BEFORE = spelt(
  /(?<![\p{L}\d$])(?:[RS]\$|HK\$|(?:INR|JPY|HUF|MXN|BRL|SGD|THB|MYR|RUB)(?= ?\d)|(?:Rs\.?|RM)(?= ?\d{1,3},\d{2}| ?\d{4}| ?\d[\d.]* ?lakh))/giu,
);
/** "24,900 lei", "345.000 TL", "2 490 000 Ft": behind it; as many knots or feet would be too many. */
const MONEY_BEHIND = spelt(
  /(?<=\d ?)(?:lakhs?(?: rupees)?|inr|jpy|huf|mxn|brl|sgd|thb|myr|rub|uah|krw|aed|rupees|reais|yen|forint|pesos|baht|lei|roubles|kuna)(?![\p{L}\d])/giu,
);
const MONEY_BEHIND_MANY = spelt(
  /(?<=\d[ .,]\d{3} ?)(?:TL|kn|lv)(?![\p{L}\d])|(?<=\d[ .,]\d{3}[ .,]\d{3} ?)Ft(?![\p{L}\d])/gu,
);

/** Money that Jugator does not reckon in, under one sign. Place for place. */
const withOneSign = (text: string): string =>
  text
    .replace(/[¥₺฿₽₴₩₪₱₫]/gu, '₹')
    .replace(MONEY_BEFORE, (words) => '₹'.padStart(words.length))
    .replace(MONEY_BEHIND, (words) => '₹'.padEnd(words.length))
    .replace(MONEY_BEHIND_MANY, (words) => '₹'.padEnd(words.length));

/** "18,400 mls": so many are no millilitres. */
const MILES = spelt(/(?<=\d[.,]?\d{3} ?)mls(?![\p{L}\d])/giu);

/** "Torque | 32.5 | lb-ft": the unit of a number in a cell of its own. */
const UNIT_IN_ITS_CELL = new RegExp(
  `(?<=[|\\t;] ?\\d[\\d.,]{0,8}(?: ?/ ?\\d[\\d.,]{0,8})? ?)[|\\t;](?= ?(?:${UNIT_SOURCE}) ?(?:[|\\t;]|$))`,
  'gimu',
);

/** "load_capacity: 182 kg": a name as files have it. */
const KEY_OF_A_FILE = spelt(/^[ -]*\p{L}+(?:_[\p{L}\d]+)+(?=\s*[:=|\t])/gmu);

/** A line with at least four slashes that have blanks about them. */
const SLASHED = /^.*(?: \/ .*){4}$/gmu;
const UNITS_IN = spelt(/\d ?(?:cc|hp|ps|kw|nm|kg|lbs?|l|mm|in|km|mpg)(?![\p{L}])/giu);
const LEAST_UNITS = 3;
/** "615cc / 57hp @ 7600 / 58 Nm / 1512 wb / 214 gc": a list, and no row of a table. Place for place. */
const listedBySlashes = (text: string): string =>
  text.replace(SLASHED, (line) =>
    (line.match(UNITS_IN)?.length ?? 0) >= LEAST_UNITS ? line.replaceAll(' / ', ' , ') : line,
  );

/** Named values of an export: brackets, quotes and underscores say nothing of their own. */
const withoutBrackets = (text: string): string =>
  /"[\w ]+"\s*:/.test(text)
    ? text
        .replace(/,(?=[ \t]*"[\w ]+"\s*:)/g, ';')
        .replace(/,(?=\s*\n)/g, ' ')
        .replace(/[{}[\]"_]/g, ' ')
    : text;
